/**
 * Units of the trade, exact. Every unit is `SI = value * scale + offset`; the scales are definitions
 * (inch 25.4 mm, pound-force 4.4482216152605 N, psi from both), so a round trip only carries rounding error.
 */
export const UNITS = {
  m: { dimension: 'length', scale: 1, offset: 0 },
  mm: { dimension: 'length', scale: 1e-3, offset: 0 },
  in: { dimension: 'length', scale: 0.0254, offset: 0 },
  ft: { dimension: 'length', scale: 0.3048, offset: 0 },
  km: { dimension: 'length', scale: 1000, offset: 0 },
  mi: { dimension: 'length', scale: 1609.344, offset: 0 },
  K: { dimension: 'temperature', scale: 1, offset: 0 },
  '°C': { dimension: 'temperature', scale: 1, offset: 273.15 },
  '°F': { dimension: 'temperature', scale: 5 / 9, offset: 459.67 * (5 / 9) },
  Pa: { dimension: 'pressure', scale: 1, offset: 0 },
  kPa: { dimension: 'pressure', scale: 1e3, offset: 0 },
  MPa: { dimension: 'pressure', scale: 1e6, offset: 0 },
  bar: { dimension: 'pressure', scale: 1e5, offset: 0 },
  psi: { dimension: 'pressure', scale: 4.4482216152605 / 0.0254 ** 2, offset: 0 },
  'm³': { dimension: 'volume', scale: 1, offset: 0 },
  l: { dimension: 'volume', scale: 1e-3, offset: 0 },
  ml: { dimension: 'volume', scale: 1e-6, offset: 0 },
  kg: { dimension: 'mass', scale: 1, offset: 0 },
  lb: { dimension: 'mass', scale: 0.45359237, offset: 0 },
  N: { dimension: 'force', scale: 1, offset: 0 },
  lbf: { dimension: 'force', scale: 4.4482216152605, offset: 0 },
  'm/s': { dimension: 'speed', scale: 1, offset: 0 },
  'km/h': { dimension: 'speed', scale: 1 / 3.6, offset: 0 },
  mph: { dimension: 'speed', scale: 0.44704, offset: 0 },
  N·m: { dimension: 'torque', scale: 1, offset: 0 },
  lbf·ft: { dimension: 'torque', scale: 4.4482216152605 * 0.3048, offset: 0 },
} as const;

export type Unit = keyof typeof UNITS;

/** The value in SI (m, K, Pa, m³, kg, N, m/s, N·m). */
export function toSI(value: number, unit: Unit): number {
  const { scale, offset } = UNITS[unit];
  return value * scale + offset;
}

/** An SI value in the unit asked for. */
export function fromSI(value: number, unit: Unit): number {
  const { scale, offset } = UNITS[unit];
  return (value - offset) / scale;
}

/**
 * Converts between two units of one dimension.
 * @throws RangeError when the units measure different things.
 */
export function convert(value: number, from: Unit, to: Unit): number {
  if (UNITS[from].dimension !== UNITS[to].dimension) {
    throw new RangeError(`${from} measures ${UNITS[from].dimension}, ${to} measures ${UNITS[to].dimension}`);
  }
  return from === to ? value : fromSI(toSI(value, from), to);
}
