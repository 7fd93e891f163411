import { CIRCUITS, type CircuitKind } from '../../car/circuits';
import type { CarSpec } from '../../car/spec';
import { CORNER_MODEL } from '../../readings/heat/corner';
import { runLaps } from '../../readings/heat/session';
import type { CarEvent } from '../wear/sessions';

/** A session of an event, s; then a lap to cool down (common practice, no source). */
const SESSION_S = 20 * 60;
const COOL_DOWN = { coolS: 120, coolKmh: 60 };
/** Air in which circuits are set side by side, °C; what is not on file of a car is an ordinary one's (model). */
const AIR_C = 20;
const ORDINARY = { massKg: 1300, frontShare: 0.7, rotorMassKg: 9 };

export type HeatAhead = {
  /** What the hottest caliper measured then comes to at the event ahead, °C. */
  c: number;
  measuredC: number;
  /** The day on track it was measured at. */
  at: Pick<CarEvent, 'name' | 'circuit' | 'airC'>;
};

/**
 * What the hottest caliper that was measured comes to at an event on another kind of circuit or in other air: its rise over the air
 * times what the session model has of the two circuits, one over the other. The model orders circuits rightly; its degrees it takes
 * from what was measured.
 * @param measured °C, and the day it was written down
 * @param events days on track of this car
 * @returns undefined where the circuit of either day is not said
 */
export function heatAhead(
  car: CarSpec,
  event: CarEvent,
  measured: { c: number; on: string },
  events: readonly CarEvent[],
): HeatAhead | undefined {
  const then = events
    .filter(({ onDate }) => onDate <= measured.on)
    .sort((left, right) => right.onDate.localeCompare(left.onDate))[0];
  if (!then?.circuit || !event.circuit) return undefined;
  const ratio = caliperRiseK(car, event.circuit) / caliperRiseK(car, then.circuit);
  // Where nobody said how warm either day was, they are taken as alike.
  const isAirKnown = typeof then.airC === 'number' && typeof event.airC === 'number';
  const [thenC, nextC] = isAirKnown ? [then.airC!, event.airC!] : [AIR_C, AIR_C];
  return {
    c: nextC + Math.max(0, measured.c - thenC) * ratio,
    measuredC: measured.c,
    at: { name: then.name, circuit: then.circuit, airC: then.airC },
  };
}

/** How far over the air a session on a kind of circuit brings a front caliper, standing after it with it, K. */
export function caliperRiseK(
  { massKg, frontShare, regenShare, front }: CarSpec,
  circuit: CircuitKind,
): number {
  const zones = [...CIRCUITS[circuit].zones];
  const lapS = zones.reduce(
    (sum, { fromKmh, toKmh, thenS }) => sum + thenS + (fromKmh - toKmh) / 3.6 / CORNER_MODEL.decelMs2,
    0,
  );
  const { laps, soakPeakC } = runLaps(
    {
      car: {
        massKg: massKg ?? ORDINARY.massKg,
        axleShare: (frontShare ?? ORDINARY.frontShare) * (1 - (regenShare ?? 0)),
        rotorMassKg: front.rotorMassKg ?? ORDINARY.rotorMassKg,
      },
      lap: { zones },
      laps: Math.max(1, Math.round(SESSION_S / lapS)),
      ...{ ambientC: AIR_C, cooling: 'none', ...COOL_DOWN },
    },
    { cooling: 1, coupling: 1 },
  );
  return Math.max(soakPeakC, ...laps.map(({ caliperPeakC }) => caliperPeakC)) - AIR_C;
}
