import type { Range } from '../base/issues/range';
import { HYDRAULIC_RANGES } from '../car/hydraulics/ranges';
import { SESSION_RANGES } from '../readings/heat/ranges';

/** What is taken of the ways and figures of a plan: bleeding under pressure, bedding in, springs behind the pistons. */
export const PLAN_RANGES = {
  pressureKPa: [20, 400],
  reservoirMl: [20, 1500],
  stops: [1, 30],
  fromKmh: [10, 250],
  toKmh: [0, 240],
  coolS: [0, 600],
  accelMs2: [0.3, 8],
  powerKW: [10, 1500],
  ambientC: SESSION_RANGES.ambientC,
  springForceN: [0, 500],
  mu: HYDRAULIC_RANGES.mu,
  speedKmh: [0, 400],
} as const satisfies Record<string, Range>;
