/**
 * What the engine works on, stripped of shop words: faults with priors, in groups (the corners of one cause), and
 * answered questions. "Something not listed" is the last fault, in a group of its own.
 */
export type Answer = {
  /** Level seen; 0 is the unremarkable one. */
  level: number;
  leak: Float64Array;
  parents: { fault: number; cumulative: Float64Array }[];
};

export type Problem = {
  priors: Float64Array;
  /** Fault indexes that are one cause at several corners; every fault is in exactly one group. */
  groups: readonly (readonly number[])[];
  answers: readonly Answer[];
  /** The fault that touches every answer, if there is one: it is summed over outside, so that the rest stays narrow. */
  wide?: number;
};

/** P(at or below level) with level −1 read as 0. */
export function atOrBelow(cumulative: Float64Array, level: number): number {
  return level < 0 ? 0 : cumulative[level]!;
}
