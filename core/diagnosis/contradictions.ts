import { cornersOf } from '../car/corner';
import { carMayFit, cornerMayFit } from '../car/fits';
import { assistOf, type CarTraits } from '../car/traits';
import type { GivenFinding } from '../readings/given';
import { CLASHES } from '../readings/vocabulary/clashes';
import { findingOf } from '../readings/vocabulary/findings';
import { stateInSentence } from '../readings/vocabulary/words';

/** Answers that cannot well all be right, and what to look at again. */
export type Contradiction = { findings: GivenFinding[]; say: string };

/** What clashes by itself, whatever the odds: pairs in substance, what follows from an answer that is not so, one question answered two ways, and what this car does not have. */
export function contradictionsIn(findings: readonly GivenFinding[], car: CarTraits = {}): Contradiction[] {
  return [
    ...clashing(findings),
    ...withoutParent(findings),
    ...notOnThisCar(findings, car),
    ...removedYetThere(findings, car),
    ...answeredTwice(findings),
  ];
}

function clashing(findings: readonly GivenFinding[]): Contradiction[] {
  const given = new Set<string>(findings.map(({ id }) => id));
  return CLASHES.flatMap(({ one, other, and, say, same }) => {
    if (!given.has(one[0]) || !given.has(other[0])) return [];
    const has = ([id, ...states]: readonly [string, ...string[]]) =>
      findings.filter((finding) => finding.id === id && states.includes(finding.state));
    const sides = [one, other, ...(and ? [and] : [])].map(has);
    // A complaint is of the car as a whole: it meets an answer at any corner.
    const together = sides.every(
      (side) =>
        !same || side.some(({ place }) => place === undefined || sides.every((each) => meets(each, place))),
    );
    return together && sides.every((side) => side.length > 0) ? [{ findings: sides.flat(), say }] : [];
  });
}

const meets = (side: readonly GivenFinding[], place: GivenFinding['place']) =>
  side.some((each) => each.place === undefined || each.place === place);

/** An answer that tells how something was which all its own questions say was not. */
function withoutParent(findings: readonly GivenFinding[]): Contradiction[] {
  return findings.flatMap((child) => {
    const { after, states, label } = findingOf(child.id);
    if (!after || child.state === states[0]) return [];
    const parents = findings.filter(({ id }) => after.any.some(([finding]) => finding === id));
    const asked = new Set(parents.map(({ id }) => id));
    const denied =
      after.any.every(([finding]) => asked.has(finding as GivenFinding['id'])) &&
      parents.every(({ id, state }) => state === findingOf(id).states[0]);
    if (!denied) return [];
    const say = `${label}: ${stateInSentence(child.id, child.state)}, yet nothing of the kind was felt. Ask for the complaint again.`;
    return [{ findings: [child, ...parents], say }];
  });
}

/** Answers about something this car is known not to have. */
function notOnThisCar(findings: readonly GivenFinding[], car: CarTraits): Contradiction[] {
  return findings.flatMap((finding) => {
    const { fits, label } = findingOf(finding.id);
    if (
      !fits ||
      (carMayFit(car, fits) && cornersOf(finding.place).some((corner) => cornerMayFit(car, corner, fits)))
    )
      return [];
    return [
      { findings: [finding], say: `${label}: this car is on file without it. Mend the answer or the car.` },
    ];
  });
}

/** A booster that is said to be gone, from a car that is on file with one: it is judged as it is said. */
function removedYetThere(findings: readonly GivenFinding[], car: CarTraits): Contradiction[] {
  const gone = findings.filter(({ id, state }) => id === 'assist_removed' && state === 'yes');
  const assist = assistOf(car);
  if (gone.length === 0 || assist === undefined || assist === 'none') return [];
  return [
    { findings: gone, say: 'Booster removed: this car is on file with one. Mend the answer or the car.' },
  ];
}

/** The same question answered differently at the same place, unless several may hold there at once. */
export function answeredTwice(findings: readonly GivenFinding[]): Contradiction[] {
  const groups = new Map<string, GivenFinding[]>();
  for (const finding of findings) {
    const slot = `${finding.id} ${finding.place ?? ''}`;
    groups.set(slot, [...(groups.get(slot) ?? []), finding]);
  }
  return [...groups.values()]
    .filter((same) => new Set(same.map((finding) => finding.state)).size > 1)
    .filter(([first, ...rest]) => {
      const { several, states } = findingOf(first!.id);
      return !several || [first!, ...rest].some((finding) => finding.state === states[0]);
    })
    .map((same) => ({
      findings: same,
      say: 'Answered two ways at the same place: neither is used until it is settled.',
    }));
}
