import { type Posterior, posteriorOf } from './posterior';
import type { Problem } from './problem';

/**
 * How many bits each answer moved each group, for or against; with the prior they add up to the posterior odds.
 *
 * Unremarkable answers are taken in first, one after another. The abnormal ones interact (one explained fault makes
 * another less needed), so their share depends on the order: it is the mean of taking them in forwards and backwards.
 * Answers must come in an order of their own (not that of typing), so that typing order does not matter.
 * @returns `[answer][group]` in bits, and the prior log-odds by group
 */
export function weightsOf(problem: Problem): { prior: Float64Array; bits: Float64Array[] } {
  const order = [...problem.answers.keys()];
  const normal = order.filter((index) => problem.answers[index]!.level === 0);
  const abnormal = order.filter((index) => problem.answers[index]!.level > 0);
  const bits = order.map(() => new Float64Array(problem.groups.length));

  const oddsWith = (taken: readonly number[]) =>
    logOdds(
      posteriorOf({
        ...problem,
        answers: [...taken].sort((a, b) => a - b).map((index) => problem.answers[index]!),
      }),
    );

  const prior = oddsWith([]);
  let before = prior;
  const taken: number[] = [];
  const take = (index: number, share: number, from: Float64Array): Float64Array => {
    taken.push(index);
    const now = oddsWith(taken);
    const row = bits[index]!;
    for (let group = 0; group < row.length; group++) row[group]! += share * (now[group]! - from[group]!);
    return now;
  };

  for (const index of normal) before = take(index, 1, before);
  const base = before;
  for (const index of abnormal) before = take(index, 0.5, before);
  taken.length = normal.length;
  before = base;
  for (const index of [...abnormal].reverse()) before = take(index, 0.5, before);
  return { prior, bits };
}

/** Log-odds, bits, held within what a double can tell apart from certainty. */
export function logOdds(posterior: Posterior): Float64Array {
  return posterior.groups.map((probability) => {
    const held = Math.min(1 - 1e-12, Math.max(1e-12, probability));
    return Math.log2(held / (1 - held));
  });
}
