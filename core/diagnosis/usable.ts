import { type Axle, axleOf, cornersOf, speaksFor } from '../car/corner';
import type { CarTraits } from '../car/traits';
import type { GivenFinding } from '../readings/given';
import { FINDINGS, type FindingId, findingOf } from '../readings/vocabulary/findings';
import { answeredTwice } from './contradictions';

const FINDING_ORDER = new Map<string, number>(FINDINGS.map((finding, index) => [finding.id, index]));

/**
 * Answers in an order of their own, each once; a question answered two ways at one place is left out, and so is what a
 * nearer answer says already: smoke at the rear left is smoke.
 */
export function usableAnswers(findings: readonly GivenFinding[]): GivenFinding[] {
  const unsettled = new Set(answeredTwice(findings).flatMap((clash) => clash.findings));
  const distinct = new Map(
    findings.filter((finding) => !unsettled.has(finding)).map((finding) => [keyOf(finding), finding]),
  );
  const answers = [...distinct.values()];
  return answers
    .filter((answer) => !answers.some((each) => says(each, answer)))
    .sort(
      (left, right) =>
        FINDING_ORDER.get(left.id)! - FINDING_ORDER.get(right.id)! || (keyOf(left) < keyOf(right) ? -1 : 1),
    );
}

/** Whether an answer says what another says of a wider place. */
function says(near: GivenFinding, { id, state, place }: GivenFinding): boolean {
  if (near.id !== id || near.state !== state || near.place === place) return false;
  return isOfOnePlace(id, state) && near.place !== undefined && speaksFor(place, near.place);
}

/**
 * Whether an answer told of the whole car is true of one place of it, so that the place says it better: smoke is smoke
 * somewhere, and new pads are new at one end. That there is none is so everywhere.
 */
export function isOfOnePlace(id: FindingId, state: string): boolean {
  const { stage, states, several } = findingOf(id);
  return !several && state !== 'all' && (stage === 'history' || state !== states[0]);
}

function keyOf({ id, place, state }: GivenFinding): string {
  return `${id} ${place ?? ''} ${state}`;
}

/**
 * The car with what its answers take for granted about one nobody has described (whoever looked at a float saw one), and
 * without the booster that is said to be gone.
 */
export function carAsAnswered(car: CarTraits, findings: readonly GivenFinding[]): CarTraits {
  const said = { ...car };
  for (const { id, place, state } of findings) {
    const { fits, stage } = findingOf(id);
    if (id === 'assist_removed' && state === 'yes') said.booster = false;
    if (fits?.assist?.length === 1 && stage === 'check') said.assist ??= fits.assist[0]!;
    if (fits?.brake === 'drum') said.rearBrake ??= 'drum';
    const axles: Axle[] = fits?.rotor ? cornersOf(place).map(axleOf) : [];
    for (const axle of axles) said.rotor = { ...said.rotor, [axle]: said.rotor?.[axle] ?? fits!.rotor! };
  }
  return said;
}
