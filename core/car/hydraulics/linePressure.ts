import { boreAreaMm2 } from './bore';

/** Line pressure, MPa, of a pedal force (N) without assist: F·ratio·η / A. */
export function linePressureMPa(forceN: number, ratio: number, boreMm: number, efficiency = 1): number {
  return (forceN * ratio * efficiency) / boreAreaMm2(boreMm);
}
