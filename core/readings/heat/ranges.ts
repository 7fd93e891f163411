import type { Range } from '../../base/issues/range';
import { AXLE_FIGURES, rangeOf } from '../../car/figures';
import { HYDRAULIC_RANGES } from '../../car/hydraulics/ranges';

/** What is taken of each figure of a session: as far as cars, laps and gauges go. */
export const SESSION_RANGES = {
  massKg: HYDRAULIC_RANGES.massKg,
  axleShare: [0, 1],
  rotorMassKg: rangeOf(AXLE_FIGURES.rotorMassKg),
  padWorn: [0, 1],
  fromKmh: [1, 450],
  toKmh: [0, 449],
  thenS: [0, 600],
  laps: [1, 200],
  ambientC: [-40, 60],
  padC: [50, 1500],
  fluidC: [50, 400],
  coolS: [0, 3600],
  coolKmh: [0, 300],
  rotorC: [-40, 1500],
  caliperC: [-40, 600],
  specificHeat: [100, 2000],
  rotorShare: [0, 1],
  rotorAreaM2: [0.01, 1],
  caliperJPerK: [200, 50_000],
  decelMs2: [1, 40],
  emissivity: [0, 1],
  couplingWPerK: [0, 50],
  coolingScale: [0.05, 20],
} as const satisfies Record<string, Range>;

/** What is taken of what comes in hot: faces by infrared, peaks by paint and strip, °C. */
export const HOT_RANGE = [-40, 1300] as const satisfies Range;
