import type { Verdict } from './verdict';

/** Likely enough to act on; still likely enough after an answer against it; how likely such an answer must be to count. */
const SURE = 0.8;
const STILL = 0.6;
const LIKELY_ENOUGH = 0.05;
/** Below that it is enough only when no answer moves it by this much: there is nothing left to learn from. */
const LEADS = 0.5;
const MOVES = 0.1;

/**
 * Whether further checks would not change what to do: one cause stands in front, and none of the checks left is at all
 * likely to bring it down or put another in front (a modelling choice).
 */
export function isEnough({ causes, nextChecks }: Pick<Verdict, 'causes' | 'nextChecks'>): boolean {
  const [first] = causes;
  if (!first || first.probability < LEADS || first.evidence.length === 0) return false;
  const least = first.probability >= SURE ? STILL : first.probability - MOVES;
  return nextChecks
    .slice(0, 8)
    .every((check) =>
      check.outcomes.every(
        (outcome) =>
          outcome.chance < LIKELY_ENOUGH ||
          (outcome.leader === first.id && outcome.leaderProbability >= least),
      ),
    );
}
