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
  radiusMm: { low: 50, high: 300, unit: 'mm' },
  hubRadiusMm: { low: 10, high: 200, unit: 'mm' },
  spanMm: { low: 5, high: 300, unit: 'mm' },
  fineLimitMm: { low: 0.001, high: 1, unit: 'mm' },
  padLimitC: { low: 100, high: 1000, unit: '°C' },
  lineM: { low: 0.1, high: 15, unit: 'm' },
} as const;
