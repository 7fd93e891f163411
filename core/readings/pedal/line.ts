import { boreAreaMm2 } from '../../car/hydraulics/bore';

/** Atmospheric pressure at sea level, MPa (ISO 2533). */
const ATMOSPHERE_MPA = 0.101325;

/** Line pressure, MPa, of a pedal force (N) without assist: F·ratio·η / A. */
export function linePressureMPa(forceN: number, ratio: number, boreMm: number, efficiency = 1): number {
  return (forceN * ratio * efficiency) / boreAreaMm2(boreMm);
}

/** What of a trapped gas, in volumes of itself at atmospheric pressure, a line pressure squeezes away: p/(p0 + p) (Boyle). */
export function gasTaken(pressureMPa: number): number {
  return pressureMPa / (ATMOSPHERE_MPA + pressureMPa);
}
