import { ACROSS, axleOf, CORNERS, type Corner } from '../../car/corner';
import { carFits, cornerFits } from '../../car/fits';
import type { CarTraits } from '../../car/traits';
import { FAMILIES, FAMILY_NAMES, type Family } from '../../readings/vocabulary/families';
import type { FindingId } from '../../readings/vocabulary/findings';
import type { CauseId } from '../causes';
import { KNOWLEDGE, knowledgeOf, UNLISTED } from '../knowledge/all';
import type { CauseKnowledge } from '../knowledge/cause';

/**
 * One fault that may be present: a listed cause, at its corner when corners are told apart, or what nobody listed, felt
 * as one complaint of a family. One that another brings about has that other `above` it, and its prior is given that
 * other; so has one that comes across the axle with its like. A cause whose findings show together or not at all is two:
 * itself, and under it what carries those findings.
 */
export type Fault = (
  | {
      cause: CauseId;
      knowledge: CauseKnowledge;
      family?: undefined;
      shows?: 'apart' | 'together';
      /** Another cause brings it about; across the axle it comes as its like there did. */
      isBrought?: true;
    }
  | { cause?: undefined; family: Family; complaint: FindingId }
) & {
  corner?: Corner;
  prior: number;
  /** Index of the fault that brings it about, −1 when it comes by itself. */
  above: number;
  /** P(it is there) before any answer. */
  standing: number;
};

/** Priors by cause that stand in place of the built-in ones (a shop's own record). */
export type Priors = Partial<Record<CauseId, number>>;

/** Every fault this car can have, what another brings about after that one; what nobody listed comes last. */
export function faultsOf(car: CarTraits, priors: Priors = {}): readonly Fault[] {
  const { name: _, ...traits } = car;
  const ofCar = JSON.stringify(traits);
  return keptFew(kept, `${ofCar} ${JSON.stringify(priors)}`, () => {
    const faults = workedOut(car, priors);
    shapes.set(
      faults,
      keptFew(byCar, ofCar, () => ({ car: ofCar })),
    );
    return faults;
  });
}

const kept = new Map<string, readonly Fault[]>();

/** What the faults of a car have in common whatever their priors: which they are, and how they hang together. */
export type Shape = { readonly car: string };

const byCar = new Map<string, Shape>();
const shapes = new WeakMap<readonly Fault[], Shape>();

export const shapeOf = (faults: readonly Fault[]): Shape => shapes.get(faults)!;

/** A shop has a handful of cars on the floor: beyond that the oldest is forgotten. */
const MOST_KEPT = 64;

function keptFew<V>(map: Map<string, V>, key: string, make: () => V): V {
  const before = map.get(key);
  if (before !== undefined) return before;
  const made = make();
  if (map.size >= MOST_KEPT) map.delete(map.keys().next().value!);
  map.set(key, made);
  return made;
}

function workedOut(car: CarTraits, priors: Priors): Fault[] {
  const faults: Fault[] = [];
  for (const knowledge of KNOWLEDGE) {
    const prior = priors[knowledge.cause] ?? knowledge.prior;
    for (const { corner, share } of placesOf(car, knowledge)) {
      // Independent of the other axle, and so that the corners together keep the probability in the table.
      const each = 1 - (1 - prior) ** share;
      addChain(faults, car, { knowledge, corner, prior: each, above: -1 }, 1);
    }
  }
  for (const family of FAMILY_NAMES)
    for (const complaint of FAMILIES[family])
      faults.push({ family, complaint, prior: UNLISTED.prior, above: -1, standing: UNLISTED.prior });
  return faults;
}

/** What a fault brings about through another is left out when it comes so far less often than this. */
const WEAKEST_CHAIN = 0.05;

/** What comes across the axle less often than this is left out. */
const WEAKEST_ACROSS = 0.02;

type Adding = {
  knowledge: CauseKnowledge;
  corner: Corner | undefined;
  prior: number;
  above: number;
  isBrought?: true;
};

/** Adds a fault and, behind it, all that it brings about. */
function addChain(faults: Fault[], car: CarTraits, adding: Adding, strength: number): void {
  const { knowledge, corner, above, isBrought } = adding;
  const across = acrossFrom(faults, adding, strength);
  // A wheel has it as often as ever: what comes from across the axle does not come by itself.
  const prior = adding.prior / (1 + across);
  const index = faults.length;
  const standing = prior * (above < 0 ? 1 : faults[above]!.standing);
  const { cause, together } = knowledge;
  const come = isBrought ? { isBrought } : {};
  const own = { cause, knowledge, ...(corner ? { corner } : {}), ...come };
  faults.push({ ...own, prior, above, standing, ...(together ? { shows: 'apart' as const } : {}) });
  if (together) {
    const { share } = together;
    const carried = { above: index, standing: standing * share, shows: 'together' as const };
    faults.push({ ...own, prior: share, ...carried });
  }
  if (corner && across > 0)
    addChain(
      faults,
      car,
      { knowledge, corner: ACROSS[corner], prior: across, above: index, ...come },
      strength * across,
    );
  for (const { cause: brought, strength: each } of knowledge.brings ?? []) {
    if (above >= 0 && strength * each < WEAKEST_CHAIN) continue;
    const behind = knowledgeOf(brought);
    for (const place of placesOf(car, behind)) {
      if (corner && place.corner && place.corner !== corner) continue;
      addChain(
        faults,
        car,
        { knowledge: behind, corner: place.corner, prior: each, above: index, isBrought: true },
        strength * each,
      );
    }
  }
}

/**
 * How often the other wheel of the axle has a fault too. Only where it came by itself, or is the whole car's doing: what a fault at one wheel
 * brought about there comes across with that fault.
 */
function acrossFrom(
  faults: readonly Fault[],
  { knowledge: { across = 0 }, corner, above }: Adding,
  strength: number,
): number {
  const isFirst = above < 0 || faults[above]!.corner === undefined;
  return corner && isFirst && strength * across >= WEAKEST_ACROSS ? across : 0;
}

/** Where on this car a cause can sit, and the share of its prior there: nowhere, once for the car, or by corner. */
function placesOf(
  car: CarTraits,
  { at, needs, front = 0.5 }: CauseKnowledge,
): { corner: Corner | undefined; share: number }[] {
  if (!carFits(car, needs)) return [];
  if (at === 'car') return [{ corner: undefined, share: 1 }];
  const corners = CORNERS.filter((corner) => cornerFits(car, corner, needs));
  const weights = corners.map((corner) => (axleOf(corner) === 'front' ? front : 1 - front));
  const sum = weights.reduce((total, weight) => total + weight, 0);
  return corners.map((corner, index) => ({ corner, share: weights[index]! / sum }));
}
