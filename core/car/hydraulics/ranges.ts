import type { Range } from '../../base/issues/range';
import { CAR_FIGURES, rangeOf } from '../figures';

/** What is taken of each figure from the foot to the road. */
export const HYDRAULIC_RANGES = {
  boreMm: [8, 60],
  ratio: [1, 15],
  forceN: [0, 2500],
  efficiency: [0.3, 1],
  assistKPa: [0, 25000],
  pistonMm: [15, 90],
  mu: [0.05, 1],
  effectiveRadiusM: [0.05, 0.3],
  cylinderMm: [10, 50],
  brakeFactor: [0.5, 12],
  massKg: [100, 4000],
  rollingRadiusM: rangeOf(CAR_FIGURES.tyreRadiusM),
  frontWeightShare: [0.2, 0.8],
  cgHeightM: [0.1, 2],
  wheelbaseM: [1, 5],
  tyreGrip: [0.05, 3],
  decelMs2: [0.1, 30],
} as const satisfies Record<string, Range>;
