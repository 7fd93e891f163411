import type { Verdict } from './verdict';

/** Likely enough to act on; how far an answer must move it to matter; how likely that answer must be. */
const SURE = 0.5;
const MOVES = 0.1;
const LIKELY_ENOUGH = 0.05;

/**
 * Whether what is known is enough to act: one cause stands out, and none of the checks left is at all likely to bring
 * it down or to put another in front (a modelling choice).
 */
export function isEnough({ causes, nextChecks }: Pick<Verdict, 'causes' | 'nextChecks'>): boolean {
  const [first] = causes;
  if (!first || first.probability < SURE || first.evidence.length === 0) return false;
  return nextChecks.slice(0, 8).every((check) =>
    check.outcomes.every(
      (outcome) => outcome.chance < LIKELY_ENOUGH || (outcome.leader === first.id && outcome.leaderProbability > first.probability - MOVES),
    ),
  );
}
