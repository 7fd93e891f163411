import { fromSI, toSI, type Unit } from '../core/base/units/convert';

/** Rids a converted figure of binary dust: nothing in the shop is read finer than a millionth of its unit. */
export function rounded(value: number): number {
  return Number(value.toFixed(6));
}

/** From SI as it rests in a column, and back; null stays null. */
export const fromColumn = (unit: Unit) => (value: number | null) =>
  value === null ? null : rounded(fromSI(value, unit));
export const toColumn = (unit: Unit) => (value: number | null) => (value === null ? null : toSI(value, unit));

export const celsius = fromColumn('°C');
export const kilometres = fromColumn('km');
export const fromCelsius = toColumn('°C');
export const fromKilometres = toColumn('km');
