import { kept } from '../kept';
import { roomFor } from './room';

/**
 * What the engine works on, stripped of shop words: faults with priors, in groups, and answered questions.
 *
 * A fault may bring another about. The one brought about stands in the list after it, as a fault of its own whose
 * prior is the chance given that the one `above` it is there; without that one it cannot be. So a cause that several
 * others can bring about is a group of faults: one that comes by itself, and one under each of those.
 */
export type Answer = {
  /** Level seen; 0 is the unremarkable one. */
  level: number;
  leak: Float64Array;
  parents: { fault: number; cumulative: Float64Array }[];
};

export type Problem = {
  /** Chance of each; under another, given that one. */
  priors: Float64Array;
  /** The fault that brings this one about, earlier in the list; −1 when it comes by itself. */
  above: Int32Array;
  /** Fault indexes that count as one (the corners of a cause, however they came about), in no more than one group each. */
  groups: readonly (readonly number[])[];
  /** Sets of faults of which P(any) is wanted too; unlike a group, a union is not summed in one step, which stays narrow. */
  unions?: readonly (readonly number[])[];
  /** Where each fault sits, 0 to 4: faults of a group at one place are the same thing come about in different ways. */
  places: Uint8Array;
  answers: readonly Answer[];
};

/** P(at or below level) with level −1 read as 0. */
export function atOrBelow(cumulative: Float64Array, level: number): number {
  return level < 0 ? 0 : cumulative[level]!;
}

/** The fault at the top of each fault's chain (itself when it comes by itself), and by that one all of its chain. */
export type Chains = { roots: Int32Array; members: readonly (readonly number[])[] };

/** The chains, worked out once for the many sums over the same faults. */
export function chainsOf(above: Int32Array): Chains {
  return kept(chains, above, () => {
    const roots = new Int32Array(above.length);
    const members: number[][] = [];
    for (let fault = 0; fault < above.length; fault++) {
      const root = above[fault]! < 0 ? fault : roots[above[fault]!]!;
      roots[fault] = root;
      members.push([]);
      members[root]!.push(fault);
    }
    return { roots, members };
  });
}

const chains = new WeakMap<Int32Array, Chains>();

/** P(each fault) with nothing answered, or of any chances given what is above: the product down its chain. */
export function standingChances(chances: Float64Array, above: Int32Array): Float64Array {
  const out = roomFor(chances.length);
  for (let fault = 0; fault < chances.length; fault++)
    out[fault] = chances[fault]! * (above[fault]! < 0 ? 1 : out[above[fault]!]!);
  return out;
}
