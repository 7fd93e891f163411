import { CALC_NAMES, runCalc } from '../calc/registry';
import type { Corner } from '../car/corner';
import type { GivenFinding } from '../diagnosis/given';
import { findFinding } from '../diagnosis/vocabulary/findings';
import type { Issue } from '../issues/issue';
import { unknownId } from './findings';

export type DerivedFinding = GivenFinding & { from: string };

export type Reading = { kind: string; corner?: Corner; input: unknown };

/**
 * The findings a reading implies, by running its calc.
 * A reading taken at a corner speaks for that corner; states that the vocabulary tells of the whole car stay there.
 */
export function deriveFindings(
  reading: Reading,
  path: string,
): { derived: DerivedFinding[]; issues: Issue[] } {
  if (!CALC_NAMES.includes(reading.kind)) {
    return { derived: [], issues: [unknownId(`${path}.kind`, reading.kind, CALC_NAMES)] };
  }
  const outcome = runCalc(reading.kind, reading.input);
  if (!outcome.ok) {
    return {
      derived: [],
      issues: outcome.issues.map((issue) => ({
        ...issue,
        path: `${path}.input${issue.path === '' ? '' : `.${issue.path}`}`,
      })),
    };
  }
  const derived = Object.entries(outcome.value.states ?? {}).flatMap(([id, state]): DerivedFinding[] => {
    const finding = findFinding(id);
    if (!finding || state === undefined) return [];
    const place = finding.place === 'corner' ? reading.corner : undefined;
    return [{ id: finding.id, state, ...(place === undefined ? {} : { place }), from: reading.kind }];
  });
  return { derived, issues: [] };
}

/**
 * Hand-given findings and derived ones together: what was given by hand beats what a reading implies at the same
 * place, and the reader is told.
 */
export function mergeFindings(given: readonly GivenFinding[], derived: readonly DerivedFinding[]) {
  const taken = new Set(given.map(slotOf));
  const used = derived.filter((finding) => !taken.has(slotOf(finding)));
  const overruled = derived.filter((finding) => taken.has(slotOf(finding)));
  return { findings: [...given, ...used.map(({ from: _, ...finding }) => finding)], overruled };
}

/** A question at a place: what can have one answer at a time. */
export function slotOf({ id, place }: GivenFinding): string {
  return `${id}@${place ?? ''}`;
}
