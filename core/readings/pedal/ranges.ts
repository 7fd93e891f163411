import type { Range } from '../../base/issues/range';
import { HYDRAULIC_RANGES } from '../../car/hydraulics/ranges';

/** What is taken of each figure of a pedal: as far as pedals, masters and feet go. */
export const PEDAL_RANGES = {
  boreMm: HYDRAULIC_RANGES.boreMm,
  ratio: HYDRAULIC_RANGES.ratio,
  freePlayMm: [0, 100],
  toFloorMm: [1, 400],
  travelMm: [0, 400],
  forceN: [1, 2500],
  gapMm: [0, 10],
  sideAreaMm2: [50, 20000],
  hoseM: [0, 20],
  swellMl: [0, 20],
  fluidMl: [0, 2000],
  bulkModulusMPa: [200, 5000],
  gasMl: [0, 100],
  masterMovementMm: [0, 30],
  heldForceN: [10, 2000],
  heldS: [1, 600],
  sankMm: [0, 200],
  vacuumKPa: [0, 105],
  efficiency: HYDRAULIC_RANGES.efficiency,
  pressureMPa: [0, 25],
  pivotToPadMm: [50, 600],
  pivotToClevisMm: [10, 300],
} as const satisfies Record<string, Range>;
