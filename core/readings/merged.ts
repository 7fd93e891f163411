import type { GivenFinding } from './given';

/** A finding that a reading implies, and the kind of reading. */
export type DerivedFinding = GivenFinding & { from: string };

/**
 * Hand-given findings and derived ones together: what was given by hand beats what a reading implies at the same
 * place, and the reader is told.
 */
export function mergeFindings(given: readonly GivenFinding[], derived: readonly DerivedFinding[]) {
  const taken = new Set(given.map(slotOf));
  const used = derived.filter((finding) => !taken.has(slotOf(finding)));
  const overruled = derived.filter((finding) => taken.has(slotOf(finding)));
  return { findings: [...given, ...used.map(asGiven)], overruled };
}

/** The finding alone, without where it came from. */
function asGiven({ id, state, place }: GivenFinding): GivenFinding {
  return { id, state, ...(place === undefined ? {} : { place }) };
}

/** A question at a place: what can have one answer at a time. */
export function slotOf({ id, place }: Pick<GivenFinding, 'id' | 'place'>): string {
  return `${id}@${place ?? ''}`;
}
