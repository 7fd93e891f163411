import type { Answer, Problem } from './problem';
import { copyOf, roomFor } from './room';

/** Chances after the unremarkable answers alone, and how likely those were. */
export type Folded = { priors: Float64Array; evidence: number };

/**
 * The unremarkable answers taken into the chances: each fault would have left an answer unremarkable with
 * `cumulative[0]`, so they factor by fault, and what a fault brings about counts towards it. The faults at the top stay
 * independent, and so does each beside its neighbours under the same one.
 */
export function foldNormal({ priors, above }: Problem, answers: readonly Answer[]): Folded {
  const stays = roomFor(priors.length).fill(1);
  let evidence = 1;
  for (const { level, leak, parents } of answers) {
    if (level > 0) continue;
    evidence *= leak[0]!;
    for (const { fault, cumulative } of parents) stays[fault]! *= cumulative[0]!;
  }
  return foldAll(priors, above, stays, evidence);
}

/** A problem with its unremarkable answers taken into the chances, and left off. */
export function abnormalOnly(problem: Problem): Problem {
  const { priors } = foldNormal(problem, problem.answers);
  return { ...problem, priors, answers: problem.answers.filter(({ level }) => level > 0) };
}

/** The same for one answer of which it is known that it was at or below a level. */
export function foldUpTo({ priors, above }: Problem, { leak, parents }: Answer, level: number): Folded {
  const stays = roomFor(priors.length).fill(1);
  for (const { fault, cumulative } of parents) stays[fault]! *= cumulative[level]!;
  return foldAll(priors, above, stays, leak[level]!);
}

/**
 * The same for factors that are known: what each fault brings with it when it is there.
 * @param factors by fault; written over
 * @returns `evidence`: what all of it comes to
 */
export function foldFactors(priors: Float64Array, above: Int32Array, factors: Float64Array): Folded {
  return foldAll(priors, above, factors, 1);
}

function foldAll(priors: Float64Array, above: Int32Array, stays: Float64Array, leaks: number): Folded {
  const folded = copyOf(priors);
  let evidence = leaks;
  for (let fault = folded.length - 1; fault >= 0; fault--) evidence *= foldOne(fault, folded, above, stays);
  return { priors: folded, evidence };
}

/**
 * Folds what one fault stays unremarkable with into its chance, in place. What stands under a fault comes after it in
 * the list: going back through the list, it is settled before the one above.
 * @param stays by fault, the chance that its answers stay unremarkable with it there; passed on to the one above
 * @returns how likely that was, 1 when it counts for the one above
 */
export function foldOne(fault: number, priors: Float64Array, above: Int32Array, stays: Float64Array): number {
  const present = priors[fault]! * stays[fault]!;
  const total = present + 1 - priors[fault]!;
  priors[fault] = total > 0 ? present / total : 0;
  if (above[fault]! < 0) return total;
  stays[above[fault]!]! *= total;
  return 1;
}
