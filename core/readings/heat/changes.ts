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

export type ChangeId = (typeof CHANGES)[number]['id'];

export type Change = {
  id: ChangeId;
  label: string;
  cost: string;
  /** Whole laps before a limit is passed; all of them when none is. */
  laps: number;
  /** Laps more than without it. */
  gained: number;
};

/** Whole laps inside both limits. */
export function lapsInside(input: HeatSessionInput): number {
  const { padLimitLap, fluidLimitLap } = heatSession(input);
  return Math.min(padLimitLap ?? input.laps + 1, fluidLimitLap ?? input.laps + 1) - 1;
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
    return laps > now ? [{ id, label, cost, laps, gained: laps - now }] : [];
  }).sort((left, right) => right.gained - left.gained);
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
