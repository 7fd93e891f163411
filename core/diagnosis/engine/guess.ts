import type { Explanations } from './explanations';
import { foldNormal } from './fold';
import type { Posterior } from './posterior';
import { type Problem, standingChances } from './problem';

/** A first idea of which faults matter, each weighed as if it were alone. */
export function singleFault(problem: Problem): Float64Array {
  return standingChances(problem.priors, problem.above).map((chance, fault) => {
    const weight = problem.answers.reduce((product, answer) => {
      const parent = answer.parents.find((candidate) => candidate.fault === fault);
      if (!parent) return product;
      const at = (cumulative: (level: number) => number) =>
        cumulative(answer.level) - (answer.level > 0 ? cumulative(answer.level - 1) : 0);
      return (
        (product * at((level) => answer.leak[level]! * parent.cumulative[level]!)) /
        at((level) => answer.leak[level]!)
      );
    }, chance);
    return weight / (1 + weight);
  });
}

/**
 * Marginals summed over the heaviest combinations, for when there are too many to sum. A fault that no combination was
 * drawn from comes with the one it hangs on, or is as likely as the unremarkable answers leave it.
 */
export function guessedFrom(problem: Problem, { list, hangsOn, share }: Explanations): Posterior {
  const faults = standingChances(foldNormal(problem, problem.answers).priors, problem.above);
  const held = new Float64Array(faults.length);
  for (const { faults: set, probability } of list) for (const fault of set) held[fault]! += probability;
  for (let fault = 0; fault < faults.length; fault++) {
    const on = hangsOn[fault]!;
    if (on >= 0) faults[fault] = held[on]! * share[fault]!;
  }
  const anyOf = (members: readonly number[]) =>
    Math.min(
      1,
      members.reduce((sum, fault) => sum + faults[fault]!, 0),
    );
  return {
    evidence: Number.NaN,
    faults,
    groups: Float64Array.from(problem.groups, anyOf),
    unions: Float64Array.from(problem.unions ?? [], anyOf),
  };
}
