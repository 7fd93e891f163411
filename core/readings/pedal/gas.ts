/** Atmospheric pressure at sea level, MPa (ISO 2533). */
const ATMOSPHERE_MPA = 0.101325;

/** What of a trapped gas, in volumes of itself at atmospheric pressure, a line pressure squeezes away: p/(p0 + p) (Boyle). */
export function gasTaken(pressureMPa: number): number {
  return pressureMPa / (ATMOSPHERE_MPA + pressureMPa);
}
