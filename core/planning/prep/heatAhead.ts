import { CIRCUITS } from '../../car/circuits';
import type { CarSpec } from '../../car/spec';
import { heatBand } from '../../readings/heat/band';
import { CORNER_MODEL } from '../../readings/heat/corner';
import { runLaps } from '../../readings/heat/session';
import type { HeatSessionInput } from '../../readings/heat/sessionSchema';
import type { CarEvent } from '../wear/sessions';

/** A session of an event, s; then a lap to cool down (common practice, no source). */
const SESSION_S = 20 * 60;
const COOL_DOWN = { coolS: 120, coolKmh: 60 };
/** Air where nobody says, °C, and the front's share of the work (model). */
const AIR_C = 22;
const FRONT_SHARE = 0.7;

export type HeatAhead = {
  /** Hottest of a session and of standing after it, °C: as the model has it, and between what it leaves open. */
  caliperC: { value: number; low: number; high: number };
  rotorC: { value: number; low: number; high: number };
  airC: number;
};

/**
 * What a session of an event heats the front brakes to, by the session model (docs/calculations.md) on a lap of an invented circuit of
 * the event's kind: what to expect where nobody has measured, no proof of anything.
 * @returns undefined where the event says no kind of circuit, or the car's mass or its rotor's is not on file
 */
export function heatAhead(
  { massKg, frontShare, regenShare, front }: CarSpec,
  { circuit, airC }: Pick<CarEvent, 'circuit' | 'airC'>,
): HeatAhead | undefined {
  if (!circuit || !massKg || !front.rotorMassKg) return undefined;
  const zones = [...CIRCUITS[circuit].zones];
  const lapS = zones.reduce(
    (sum, { fromKmh, toKmh, thenS }) => sum + thenS + (fromKmh - toKmh) / 3.6 / CORNER_MODEL.decelMs2,
    0,
  );
  const input: HeatSessionInput = {
    car: {
      massKg,
      axleShare: (frontShare ?? FRONT_SHARE) * (1 - (regenShare ?? 0)),
      rotorMassKg: front.rotorMassKg,
    },
    lap: { zones },
    laps: Math.max(1, Math.round(SESSION_S / lapS)),
    ...{ ambientC: airC ?? AIR_C, cooling: 'none', ...COOL_DOWN },
  };
  const { laps, soakPeakC } = runLaps(input, { cooling: 1, coupling: 1 });
  const { coolest, hottest } = heatBand(input);
  const highest = (of: typeof laps, peak: keyof (typeof laps)[number]) =>
    Math.max(...of.map((lap) => lap[peak]));
  const driven = highest(laps, 'caliperPeakC');
  // The heat of the rotor goes on into the caliper of a car that stands: what it adds is taken alike at both ends.
  const soaks = Math.max(0, soakPeakC - driven);
  return {
    caliperC: {
      value: driven + soaks,
      low: highest(coolest, 'caliperPeakC') + soaks,
      high: highest(hottest, 'caliperPeakC') + soaks,
    },
    rotorC: {
      value: highest(laps, 'rotorPeakC'),
      low: highest(coolest, 'rotorPeakC'),
      high: highest(hottest, 'rotorPeakC'),
    },
    airC: input.ambientC,
  };
}
