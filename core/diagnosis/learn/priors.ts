import type { CauseId } from '../causes';
import { KNOWLEDGE } from '../knowledge/all';
import type { Priors } from '../network/faults';

/** How often each cause was confirmed in the shop's own closed jobs. */
export type Confirmed = Partial<Record<CauseId, number>>;

export type Learned = { cause: CauseId; builtIn: number; learned: number; confirmed: number };

/** A shop cannot make a cause impossible, nor more likely than this on a day. */
const MOST = 0.05;

/**
 * Priors moved by what a shop has confirmed. The causes share out one whole by a Dirichlet distribution: the built-in
 * shares count as `strength` jobs, each confirmed job adds one; the sum of all priors stays as it was, so that a busy
 * shop does not think every car more broken than it is.
 * @param strength jobs the built-in knowledge is worth; 0 or no jobs at all leaves it alone
 */
export function learnPriors(confirmed: Confirmed, strength: number): { priors: Priors; jobs: number } {
  const jobs = Object.values(confirmed).reduce((sum, count) => sum + count, 0);
  if (jobs === 0 || strength <= 0) return { priors: {}, jobs };
  const whole = KNOWLEDGE.reduce((sum, { prior }) => sum + prior, 0);
  const priors: Priors = {};
  for (const { cause, prior } of KNOWLEDGE) {
    const share = ((prior / whole) * strength + (confirmed[cause] ?? 0)) / (strength + jobs);
    priors[cause] = Math.min(MOST, share * whole);
  }
  return { priors, jobs };
}

/** Built-in against learned share of each cause, the most moved first. */
export function learnedShares(confirmed: Confirmed, strength: number): Learned[] {
  const { priors } = learnPriors(confirmed, strength);
  const whole = KNOWLEDGE.reduce((sum, { prior }) => sum + prior, 0);
  return KNOWLEDGE.map(({ cause, prior }) => ({
    cause,
    builtIn: prior / whole,
    learned: (priors[cause] ?? prior) / whole,
    confirmed: confirmed[cause] ?? 0,
  })).sort((left, right) => Math.abs(right.learned - right.builtIn) - Math.abs(left.learned - left.builtIn));
}
