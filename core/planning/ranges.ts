import type { Range } from '../base/issues/range';

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
  ambientC: [-40, 60],
  springForceN: [0, 500],
  mu: [0.05, 1],
  speedKmh: [0, 400],
} as const satisfies Record<string, Range>;
