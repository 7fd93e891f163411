import { convert, type Unit } from './convert';
import { type BaseUnit, shownUnit, type UnitChoice } from './display';
import { parseMeasure } from './parse';

export type Entry = {
  /** In the base unit; NaN when the text is not a figure in a unit of that kind. */
  value: number;
  /** What was typed, with its unit, when that is not the base unit; what a record shows as entered. */
  entered?: string;
};

/**
 * Reads what was typed: without a unit it is in the one shown, with one (0.002 in, 410 F, 15 psi) it is converted exactly.
 * @returns undefined for an empty field
 */
export function readEntry(text: string, base: BaseUnit, choice: UnitChoice): Entry | undefined {
  const typed = text.trim();
  if (typed === '') return undefined;
  if (base === 'K') return readDifference(typed, choice);
  if (base === '%' || base === '') {
    const value = Number(typed.replace(',', '.').replace('−', '-').replace(/\s*%$/, ''));
    return { value: Number.isFinite(value) ? value : Number.NaN };
  }
  const unit = shownUnit(base, choice) as Unit;
  const value = parseMeasure(typed, unit);
  if (value === undefined) return { value: Number.NaN };
  const named = /[^\d\s.,/+\-−]/u.test(typed);
  const entered = named ? typed : `${typed} ${unit}`;
  const plain = unit === base && !named;
  return { value: tidy(convert(value, unit, base as Unit)), ...(plain ? {} : { entered }) };
}

/** A difference of temperatures, in the degrees of the choice. */
function readDifference(typed: string, choice: UnitChoice): Entry {
  const value = Number(typed.replace(',', '.').replace('−', '-'));
  if (!Number.isFinite(value)) return { value: Number.NaN };
  const unit = shownUnit('K', choice);
  return unit === 'K' ? { value } : { value: tidy(value / 1.8), entered: `${typed} ${unit}` };
}

/** Rids a converted figure of binary dust, far below what any gauge reads. */
function tidy(value: number): number {
  return Number(value.toPrecision(12));
}
