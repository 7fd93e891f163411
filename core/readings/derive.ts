import type { Issue, Outcome } from '../base/issues/issue';
import { unknownId } from '../base/issues/unknown';
import type { Axle, Corner, Place } from '../car/corner';
import { type CalcResult, type Calcs, runIn } from './calc';
import type { DerivedFinding } from './merged';
import { padPairs } from './pads/pairs';
import { READINGS } from './registry';
import { findFinding } from './vocabulary/findings';

export type Reading = {
  kind: string;
  corner?: Corner | '';
  input: unknown;
  /** What was said of it when it was written down, which then stands. */
  said?: CalcResult;
};

/**
 * The findings a reading implies, by running its calc.
 * A reading taken at a corner speaks for that corner; states that the vocabulary tells of the whole car stay there.
 * @param path where the reading stands in the input, for the issues
 * @param calcs the kinds that are known; a case file may bring any named computation, a job only readings
 */
export function deriveFindings(
  reading: Reading,
  path: string,
  calcs: Calcs = READINGS,
): { derived: DerivedFinding[]; issues: Issue[]; result?: CalcResult } {
  if (!Object.hasOwn(calcs, reading.kind)) {
    return { derived: [], issues: [unknownId(`${path}.kind`, reading.kind, Object.keys(calcs))] };
  }
  const outcome = resultOf(reading, calcs);
  if (!outcome.ok) {
    return {
      derived: [],
      issues: outcome.issues.map((issue) => ({
        ...issue,
        path: `${path}.input${issue.path === '' ? '' : `.${issue.path}`}`,
      })),
    };
  }
  const { states, corners, axles } = outcome.value as CalcResult & Placed;
  const derived = [
    ...implied(states, reading.corner === '' ? undefined : reading.corner, reading.kind),
    ...Object.entries(corners ?? {}).flatMap(([corner, each]) =>
      implied(each.states, corner as Corner, reading.kind),
    ),
    ...Object.entries(axles ?? {}).flatMap(([axle, each]) =>
      implied(each.states, axle as Axle, reading.kind),
    ),
  ];
  return { derived, issues: [], result: outcome.value };
}

/** What a reading's calc gives, or gave in its day; kept, since its findings and its figures both ask and it is never changed in place. */
export function resultOf(reading: Reading, calcs: Calcs = READINGS): Outcome<CalcResult> {
  const known = results.get(reading);
  if (known) return known;
  const result: Outcome<CalcResult> = reading.said
    ? { ok: true, value: reading.said }
    : runIn(calcs, reading.kind, reading.input);
  results.set(reading, result);
  return result;
}

const results = new WeakMap<Reading, Outcome<CalcResult>>();

/** What readings say together that none says alone: pads of the two sides of an axle. */
export function derivedTogether<T extends Reading>(
  readings: readonly T[],
): { derived: DerivedFinding[]; reading: T; result?: CalcResult }[] {
  return padPairs(readings).map((pair) => {
    const { derived, result } = deriveFindings(pair, 'reading');
    return {
      derived: derived.filter((finding) => finding.place === 'front' || finding.place === 'rear'),
      reading: pair,
      result,
    };
  });
}

/** Readings of several corners carry their states by corner and by axle. */
type States = CalcResult['states'];
type Placed = {
  corners?: Partial<Record<Corner, { states: States }>>;
  axles?: Partial<Record<Axle, { states: States }>>;
};

/** The findings of some states, at the place they were read where the vocabulary tells that finding by place. */
function implied(states: States, place: Place | undefined, from: string): DerivedFinding[] {
  return Object.entries(states ?? {}).flatMap(([id, state]): DerivedFinding[] => {
    const finding = findFinding(id);
    if (!finding || state === undefined) return [];
    return [{ id: finding.id, state, ...(finding.place && place ? { place } : {}), from }];
  });
}
