import { findingOf } from '../readings/vocabulary/findings';
import type { Verdict } from './verdict';
import { worthOf } from './worth';

/**
 * Likely enough to stand in front; and a check has to save this much for each minute, or it is not worth its time. One
 * look ahead sees only part of what a check is worth, so the bar lies under one minute for one: with it, complaints in
 * the bench are cured soonest, and what is looked at for nothing and repaired for nothing come to about the same.
 */
const LEADS = 0.6;
const PAYS = 0.5;

/**
 * Whether further checks would not change what to do: a cause that a check speaks for stands in front, and no check
 * left saves enough for its minutes (a modelling choice).
 */
export function isEnough({ causes, nextChecks }: Pick<Verdict, 'causes' | 'nextChecks'>): boolean {
  const [first] = causes;
  if (!first || first.probability < LEADS) return false;
  // Somebody has looked: words alone, however clear, are no reason to open a brake.
  if (!first.evidence.some(({ finding, bits }) => bits > 0 && findingOf(finding).stage === 'check'))
    return false;
  return nextChecks.every((check) => worthOf(check) < PAYS);
}
