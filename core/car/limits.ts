/** What a car's figures may be; form, route and database refuse the same. */
export const LIMITS = {
  massKg: { low: 150, high: 4000, unit: 'kg' },
  tyreRadiusM: { low: 0.15, high: 0.6, unit: 'm' },
  masterBoreMm: { low: 8, high: 50, unit: 'mm' },
  pedalRatio: { low: 1, high: 12, unit: '' },
  fluidC: { low: 111, high: 400, unit: '°C' },
  ceilingKPa: { low: 50, high: 400, unit: 'kPa' },
  pistonMm: { low: 10.5, high: 99, unit: 'mm' },
  rotorMm: { low: 4, high: 60, unit: 'mm' },
  padMm: { low: 3, high: 40, unit: 'mm' },
  padMinimumMm: { low: 0.5, high: 20, unit: 'mm' },
  lineM: { low: 0.1, high: 15, unit: 'm' },
} as const;
