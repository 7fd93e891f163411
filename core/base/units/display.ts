import { convert, type Unit } from './convert';

/** What the core works in, and what a shop may rather see. K is a difference of temperatures. */
export type BaseUnit = 'mm' | 'm' | 'kg' | 'N·m' | 'km' | 'km/h' | '°C' | 'kPa' | 'K' | 'N' | '%' | '';

export const UNIT_CHOICES = {
  lengthUnit: ['mm', 'in'],
  temperatureUnit: ['°C', '°F'],
  pressureUnit: ['kPa', 'bar', 'psi'],
} as const;

export type UnitChoice = { [kind in keyof typeof UNIT_CHOICES]: (typeof UNIT_CHOICES)[kind][number] };

/** A shop that measures in inches measures, weighs, tightens and drives in these. */
const BESIDE_INCHES = { m: 'ft', kg: 'lb', N·m: 'lbf·ft', km: 'mi', 'km/h': 'mph' } as const;

/** The unit a figure is shown and typed in. */
export function shownUnit(base: BaseUnit, choice: UnitChoice): string {
  switch (base) {
    case 'mm':
      return choice.lengthUnit;
    case 'm':
    case 'kg':
    case 'N·m':
    case 'km':
    case 'km/h':
      return choice.lengthUnit === 'in' ? BESIDE_INCHES[base] : base;
    case '°C':
      return choice.temperatureUnit;
    case 'kPa':
      return choice.pressureUnit;
    case 'K':
      return choice.temperatureUnit === '°F' ? '°F' : 'K';
    default:
      return base;
  }
}

/** A figure in the unit it is shown in. */
export function shownValue(value: number, base: BaseUnit, choice: UnitChoice): number {
  if (base === 'K') return choice.temperatureUnit === '°F' ? value * 1.8 : value;
  const unit = shownUnit(base, choice);
  return unit === base ? value : convert(value, base as Unit, unit as Unit);
}

/** Decimals that keep the fineness of the base unit: an inch is 25.4 mm, a bar 100 kPa. */
const FINER: Record<string, number> = { in: 1, bar: 2, psi: 1 };

export function shownDecimals(decimals: number, base: BaseUnit, choice: UnitChoice): number {
  const unit = shownUnit(base, choice);
  return unit === base ? decimals : decimals + (FINER[unit] ?? 0);
}
