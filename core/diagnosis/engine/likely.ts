import { foldFactors } from './fold';
import { faultsOf, MOST_COST, type Posterior, planOf, posteriorOf, SELDOM } from './posterior';
import type { Problem } from './problem';
import type { Bounded } from './region';

export type Approached = {
  posterior: Posterior;
  /** No chance is further than this from the exact one. */
  within: number;
};

/** How much of the sum that bounds it all may be left out. */
const SHARES = [1e-6, 1e-5, 1e-4, 1e-3, 1e-2, 0.03, 0.1];
/**
 * The posterior over the likely faults alone, the others taken to be absent: exact but for those.
 *
 * How far it may be off. Let L be what all combinations of the likely faults weigh, and D what all those with any other
 * weigh at most, told by the sum that bounds them. Whatever is asked, its true chance lies between what the sum has of it
 * by L + D and that with D more on both sides: no chance is off by more than D / (L + D).
 * @param problem its unremarkable answers taken into the chances already, and left off
 * @param bounded all of it, bounded from above
 * @param shares of that bound, how much may be left out: the first with which the rest is not too dear
 * @returns nothing where even the likely ones are too many
 */
export function overLikely(
  problem: Problem,
  { most, over, plan: planOver }: Bounded,
  shares: readonly number[] = SHARES,
): Approached | undefined {
  const chances = faultsOf(over, planOver);
  const rarestFirst = [...chances.keys()].sort(
    (one, other) => chances[one]! - chances[other]! || one - other,
  );
  const dropped = new Uint8Array(chances.length);
  let left = 0;
  let at = 0;
  for (const share of shares) {
    for (; at < rarestFirst.length && left + chances[rarestFirst[at]!]! <= share; at++) {
      dropped[rarestFirst[at]!] = 1;
      left += chances[rarestFirst[at]!]!;
    }
    const likely = without(problem, dropped);
    const plan = planOf(likely.problem);
    if (plan.cost > MOST_COST) continue;
    const posterior = posteriorOf(likely.problem, plan);
    // Of very many answers the evidence can be below what a double holds.
    if (!(posterior.evidence > 0)) return undefined;
    const beside = left * Math.exp(most - Math.log(likely.evidence * posterior.evidence));
    return { posterior, within: Math.min(1, 1 / (1 + 1 / beside) + SELDOM) };
  }
  return undefined;
}

/** A problem in which some faults are absent, and how likely that is. What stands under one of them is absent with it. */
function without(problem: Problem, dropped: Uint8Array): { problem: Problem; evidence: number } {
  const factors = Float64Array.from(dropped, (gone) => 1 - gone);
  const { priors, evidence } = foldFactors(problem.priors, problem.above, factors);
  const isGone = dropped.slice();
  for (let fault = 0; fault < isGone.length; fault++)
    if (problem.above[fault]! >= 0 && isGone[problem.above[fault]!] === 1) isGone[fault] = 1;
  const answers = problem.answers.map((answer) => ({
    ...answer,
    parents: answer.parents.filter(({ fault }) => isGone[fault] === 0),
  }));
  return { problem: { ...problem, priors, answers }, evidence };
}
