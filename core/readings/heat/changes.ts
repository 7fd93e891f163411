import { heatSession } from './session';
import type { HeatSessionInput } from './sessionSchema';

/** What can be changed about a car's heat, and what it costs beside (common practice, no source). Air to one face cools too, and cracks or cones the rotor: it is not offered. */
const CHANGES = [
  { id: 'duct_core', label: 'Duct to the core', cost: 'weight, drag, a hand’s work' },
  { id: 'new_pads', label: 'New pads', cost: 'a set, and a bed-in' },
  { id: 'heavier_rotor', label: 'Rotors a fifth heavier', cost: 'unsprung weight, maybe calipers' },
  { id: 'hotter_pads', label: 'Pads good for 100 K more', cost: 'cold bite, noise, rotor wear' },
  { id: 'better_fluid', label: 'Fluid that boils 40 K higher', cost: 'a flush' },
  { id: 'slower_entry', label: 'Brake from a tenth less speed', cost: 'lap time' },
] as const;

type ChangeId = (typeof CHANGES)[number]['id'];

export type Change = {
  ids: ChangeId[];
  label: string;
  cost: string;
  /** Whole laps before a limit is passed; all of them when none is. */
  laps: number;
  /** Laps more than without it. */
  gained: number;
};

/** Whole laps inside every limit. */
export function lapsInside(input: HeatSessionInput): number {
  const { padLimitLap, fluidLimitLap, rotorLimitLap } = heatSession(input);
  return Math.min(...[padLimitLap, fluidLimitLap, rotorLimitLap].map((lap) => lap ?? input.laps + 1)) - 1;
}

/**
 * The session again with one thing changed at a time: which buys the most laps, most first; what changes nothing, or is
 * so already, is left out.
 * @param input with the limits that laps are counted against
 */
export function changesBy(input: HeatSessionInput): Change[] {
  const now = lapsInside(input);
  return CHANGES.flatMap(({ id, label, cost }): Change[] => {
    const changed = withChange(input, id);
    if (!changed) return [];
    const laps = lapsInside(changed);
    return laps > now ? [{ ids: [id], label, cost, laps, gained: laps - now }] : [];
  }).sort(byGain);
}

const byGain = (left: Change, right: Change) => right.gained - left.gained;

/** So many pairs are worth reading. */
const PAIRS_SHOWN = 3;

/**
 * Which two changes buy more laps than the better of them alone, most first.
 * @param alone what each buys by itself, as `changesBy` has it
 * @param onDone told after each pair how many of all are tried
 */
export function pairsBy(
  input: HeatSessionInput,
  alone: readonly Change[],
  onDone: (done: number, all: number) => void = () => {},
): Change[] {
  const now = lapsInside(input);
  const gainOf = (id: ChangeId) => alone.find(({ ids }) => ids[0] === id)?.gained ?? 0;
  const pairs = CHANGES.flatMap((one, at) => CHANGES.slice(at + 1).map((other) => [one, other] as const));
  const better = pairs.flatMap(([one, other], at): Change[] => {
    const first = withChange(input, one.id);
    const both = first && withChange(first, other.id);
    const laps = both ? lapsInside(both) : now;
    onDone(at + 1, pairs.length);
    const gained = laps - now;
    if (gained <= Math.max(gainOf(one.id), gainOf(other.id))) return [];
    const label = `${one.label} and ${other.label[0]!.toLowerCase()}${other.label.slice(1)}`;
    return [{ ids: [one.id, other.id], label, cost: `${one.cost}; ${other.cost}`, laps, gained }];
  });
  return better.sort(byGain).slice(0, PAIRS_SHOWN);
}

/** The session with a change made; undefined where it is made already or there is nothing to change. */
function withChange(input: HeatSessionInput, id: ChangeId): HeatSessionInput | undefined {
  const { car, cooling, limits = {}, lap } = input;
  switch (id) {
    case 'duct_core':
      return cooling === 'core' ? undefined : { ...input, cooling: 'core' };
    case 'new_pads':
      return (car.padWorn ?? 0) > 0 ? { ...input, car: { ...car, padWorn: 0 } } : undefined;
    case 'heavier_rotor':
      return { ...input, car: { ...car, rotorMassKg: car.rotorMassKg * 1.2 } };
    case 'hotter_pads':
      return limits.padC === undefined
        ? undefined
        : { ...input, limits: { ...limits, padC: limits.padC + 100 } };
    case 'better_fluid':
      return limits.fluidC === undefined
        ? undefined
        : { ...input, limits: { ...limits, fluidC: limits.fluidC + 40 } };
    case 'slower_entry': {
      const zones = lap.zones.map((zone) => ({
        ...zone,
        fromKmh: Math.max(zone.toKmh + 1, zone.fromKmh * 0.9),
      }));
      return { ...input, lap: { zones } };
    }
  }
}
