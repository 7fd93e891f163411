import { axleOf, CORNERS, type Corner } from '../../car/corner';
import { assistOf, brakeAt, type CarTraits } from '../../car/traits';
import { KNOWLEDGE } from '../knowledge/all';
import type { CauseKnowledge, Needs } from '../knowledge/cause';
import type { CauseId } from '../vocabulary/causes';

/** One fault that may be present: a cause, and the corner when corners are told apart. */
export type Fault = { cause: CauseId; corner?: Corner; prior: number; knowledge: CauseKnowledge };

/** Priors by cause that stand in place of the built-in ones (a shop's own record). */
export type Priors = Partial<Record<CauseId, number>>;

/**
 * Every fault this car can have. A corner cause becomes one independent fault a corner, sharing its prior out so
 * that "somewhere on the car" keeps the probability in the table.
 */
export function faultsOf(car: CarTraits, priors: Priors = {}): readonly Fault[] {
  const { name: _, ...traits } = car;
  const key = JSON.stringify([traits, priors]);
  const before = kept.get(key);
  if (before) return before;
  const faults = workedOut(car, priors);
  // A shop has a handful of cars on the floor: beyond that the oldest is forgotten.
  if (kept.size >= MOST_KEPT) kept.delete(kept.keys().next().value!);
  kept.set(key, faults);
  return faults;
}

const MOST_KEPT = 64;
const kept = new Map<string, readonly Fault[]>();

function workedOut(car: CarTraits, priors: Priors): Fault[] {
  return KNOWLEDGE.flatMap((knowledge): Fault[] => {
    const prior = priors[knowledge.cause] ?? knowledge.prior;
    if (!carAllows(car, knowledge.needs)) return [];
    if (knowledge.at === 'car') return [{ cause: knowledge.cause, prior, knowledge }];
    const corners = CORNERS.filter((corner) => cornerAllows(car, corner, knowledge.needs));
    const each = 1 - (1 - prior) ** (1 / corners.length);
    return corners.map((corner) => ({ cause: knowledge.cause, corner, prior: each, knowledge }));
  });
}

function carAllows(car: CarTraits, needs: Needs = {}): boolean {
  const assist = assistOf(car);
  if (needs.assist && assist !== undefined && !needs.assist.includes(assist)) return false;
  if (
    needs.assist &&
    assist === undefined &&
    car.booster === true &&
    needs.assist.every((kind) => kind === 'none')
  ) {
    return false;
  }
  if (needs.stabilityControl && car.stabilityControl === false) return false;
  return !(
    needs.parkingBrake &&
    car.parkingBrake !== undefined &&
    !needs.parkingBrake.includes(car.parkingBrake as (typeof needs.parkingBrake)[number])
  );
}

/**
 * A drum needs to be known: rear drums are the exception among the cars this serves, so an axle nobody has described
 * counts as disc.
 */
function cornerAllows(car: CarTraits, corner: Corner, needs: Needs = {}): boolean {
  const axle = axleOf(corner);
  const brake = brakeAt(car, axle) ?? 'disc';
  if (needs.axle && needs.axle !== axle) return false;
  if (needs.brake && needs.brake !== brake) return false;
  if (needs.caliper && brake === 'disc' && (car.caliper?.[axle] ?? needs.caliper) !== needs.caliper)
    return false;
  return !(needs.rotor && (car.rotor?.[axle] ?? needs.rotor) !== needs.rotor);
}
