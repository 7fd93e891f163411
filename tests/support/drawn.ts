import { CORNERS, type Corner } from '../../core/car/corner';
import { carFits, cornerMayFit } from '../../core/car/fits';
import type { CarTraits } from '../../core/car/traits';
import type { CauseId } from '../../core/diagnosis/causes';
import { asksNow, parentOf } from '../../core/diagnosis/follows';
import { channelsOf, foldedInto } from '../../core/diagnosis/network/channels';
import { type Fault, faultsOf } from '../../core/diagnosis/network/faults';
import { questionOf } from '../../core/diagnosis/network/parents';
import type { GivenFinding } from '../../core/readings/given';
import { FINDINGS, type Finding, type FindingId, findingOf } from '../../core/readings/vocabulary/findings';
import { COUPE, SALOON } from './told';

/** Seeded chance (mulberry32, public domain), so that a simulation says the same each time. */
export function seeded(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
}

/** Seeded chance of its own for each thing that is named: the same whatever was drawn before it. */
export function seededFor(seed: number, name: string): () => number {
  return seeded(
    [...name].reduce((hash, letter) => (Math.imul(hash, 31) + letter.charCodeAt(0)) | 0, seed | 0),
  );
}

/** A car that can have a cause: drums where it needs them, assist or none, a modulator. */
export function carFor(cause: CauseId): CarTraits {
  const base: CarTraits = { ...SALOON, rotor: COUPE.rotor };
  const cars: CarTraits[] = [
    base,
    { ...base, rearBrake: 'drum' },
    { ...base, booster: false, assist: 'none' },
    { ...base, assist: 'hydraulic' },
    { ...base, caliper: { front: 'opposed', rear: 'opposed' } },
  ];
  return cars.find((car) => faultsOf(car).some((fault) => fault.cause === cause)) ?? base;
}

/** The faults there are when these came by themselves: they, and what they happen to bring about. */
export function broughtAbout(
  faults: readonly Fault[],
  roots: readonly Fault[],
  random: () => number,
): ReadonlySet<number> {
  const present = new Set(roots.map((fault) => faults.indexOf(fault)));
  faults.forEach((fault, index) => {
    if (present.has(fault.above) && random() < fault.prior) present.add(index);
  });
  return present;
}

/** Changes how often a fault shows in a finding. */
type Bend = (fault: Fault, finding: FindingId, chance: number) => number;

/**
 * What a finding would show with these faults present, drawn from the knowledge itself, leaks and all.
 * @param bend for a world that is not quite as the knowledge says
 * @param told what was answered before: a question that folds into one of those answers tells how that is so
 */
export function drawAnswer(
  faults: readonly Fault[],
  present: ReadonlySet<number>,
  finding: FindingId,
  place: Corner | undefined,
  random: () => number,
  bend: Bend = (_fault, _finding, chance) => chance,
  told: readonly GivenFinding[] = [],
): GivenFinding {
  const { after, states } = findingOf(finding);
  const parent = after?.folds ? parentOf(after, told) : undefined;
  const channels = parent
    ? [foldedInto(finding, { finding: parent.id, state: parent.state })]
    : channelsOf(finding);
  let state = states[0] as string;
  for (const channel of channels) {
    const { leak, parents } = questionOf(channel, place, faults);
    const shown = parents.filter((each) => present.has(each.fault));
    const chances = [...leak].map((value, at) =>
      shown.reduce(
        (product, { fault, cumulative }) =>
          product * (1 - bend(faults[fault]!, finding, 1 - cumulative[at]!)),
        value,
      ),
    );
    // Of a folded question it is known that the answer it folds into was so: its first state is out.
    const least = channel.folded ? chances[0]! : 0;
    const draw = least + random() * (1 - least);
    const level = chances.findIndex((chance) => draw <= chance);
    if (level > 0) state = channel.states[level]!;
  }
  return { id: finding, state, ...(place ? { place } : {}) };
}

/** What each of these would show, drawn in the order it is asked: what follows from an answer after it, and only when it is so. */
export function drawAnswers(
  faults: readonly Fault[],
  present: ReadonlySet<number>,
  asked: readonly { id: FindingId; place: Corner | undefined }[],
  random: () => number,
  bend?: Bend,
): GivenFinding[] {
  const follows = ({ id }: { id: FindingId }) => findingOf(id).after !== undefined;
  const told: GivenFinding[] = [];
  for (const { id, place } of [...asked.filter((each) => !follows(each)), ...asked.filter(follows)])
    if (asksNow(findingOf(id), told)) told.push(drawAnswer(faults, present, id, place, random, bend, told));
  return told;
}

/** Where a question is asked of a fault: at its corner, or of the car. */
export function placeOf(finding: FindingId, { corner }: Fault): Corner | undefined {
  return findingOf(finding).place === 'corner' ? corner : undefined;
}

/** Every question that a car can be asked, answered as it is with so many faults at once and what those bring about. */
export function drawWholeCar(car: CarTraits, count: number, random: () => number): GivenFinding[] {
  const faults = faultsOf(car);
  const roots = faults.filter(({ above }) => above < 0);
  const chosen = Array.from({ length: count }, () => roots[Math.floor(random() * roots.length)]!);
  const asked = FINDINGS.flatMap((finding) => {
    const { id, place, fits } = finding as Finding;
    return (place === 'corner' ? CORNERS : [undefined])
      .filter((each) => carFits(car, fits) && (each === undefined || cornerMayFit(car, each, fits)))
      .map((each) => ({ id, place: each }));
  });
  return drawAnswers(faults, broughtAbout(faults, chosen, random), asked, random);
}
