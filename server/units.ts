import { fromSI, toSI, type Unit } from '../core/base/units/convert';

/** Rids a converted figure of binary dust: nothing in the shop is read finer than a millionth of its unit. */
export function rounded(value: number): number {
  return Number(value.toFixed(6));
}

/** From SI as it rests in a column, and back; null stays null. */
export const read = (unit: Unit) => (value: number | null) =>
  value === null ? null : rounded(fromSI(value, unit));
export const written = (unit: Unit) => (value: number | null) => (value === null ? null : toSI(value, unit));

export const celsius = read('°C');
export const kilometres = read('km');
export const fromCelsius = written('°C');
export const fromKilometres = written('km');
