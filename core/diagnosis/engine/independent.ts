import type { Problem } from './problem';
import { roomFor } from './room';

/** The car as a whole, and its corners. */
const PLACES = 5;

/** P(any of each group), put together from its faults' chances. */
export function independentGroups({ groups, places }: Problem, faults: Float64Array): Float64Array {
  const out = roomFor(groups.length);
  for (let group = 0; group < out.length; group++)
    out[group] = independentAny(groups[group]!, places, faults);
  return out;
}

/** P(any of some faults) as if what is at one place excluded each other and the places were independent. */
export function independentAny(members: readonly number[], places: Uint8Array, faults: Float64Array): number {
  if (members.length === 1) return Math.min(1, faults[members[0]!]!);
  const byPlace = roomFor(PLACES);
  for (const fault of members) byPlace[places[fault]!]! += faults[fault]!;
  let none = 1;
  for (const chance of byPlace) none *= Math.max(0, 1 - chance);
  return 1 - none;
}
