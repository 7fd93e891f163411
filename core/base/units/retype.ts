import { type BaseUnit, shownUnit, shownValue, type UnitChoice } from './display';
import { readEntry } from './entry';

/** A figure without a unit of its own. */
const PLAIN = /^\s*[+\-−]?(\d+[.,]?\d*|[.,]\d+)\s*$/u;

/** As many digits as keep a gauge's figure whole there and back. */
const DIGITS = 8;

/**
 * What was typed in one choice of units as it would be typed in another: a plain figure is converted, a text that names
 * its own unit, or is no figure, stays as it is.
 */
export function retype(text: string, base: BaseUnit, from: UnitChoice, to: UnitChoice): string {
  if (!PLAIN.test(text) || shownUnit(base, from) === shownUnit(base, to)) return text;
  const { value } = readEntry(text, base, from)!;
  return String(Number(shownValue(value, base, to).toPrecision(DIGITS)));
}

/** The figures of a list as it is typed: between commas, semicolons or blanks, each with its unit where it has one. */
export function listed(text: string): string[] {
  return text
    .split(/[,;]|\s+(?=[\d.])/)
    .map((each) => each.trim())
    .filter((each) => each !== '');
}

/** Which unit the figure at a path of names stands in, or each of a list of them; undefined for what is no figure. */
export type BaseOf = (...path: string[]) => BaseUnit | readonly [BaseUnit] | undefined;

/** A form whose figures all stand in one unit. */
export function allIn(base: BaseUnit): BaseOf {
  return () => base;
}

/** The same for everything typed in a form, however deep. */
export function retypeAll<T>(typed: T, baseOf: BaseOf, from: UnitChoice, to: UnitChoice): T {
  const walk = (value: unknown, path: string[]): unknown => {
    if (typeof value === 'string') {
      const base = baseOf(...path);
      if (base === undefined) return value;
      if (typeof base === 'string') return retype(value, base, from, to);
      const figures = listed(value).map((each) => retype(each, base[0], from, to));
      // Left as it was typed where nothing changes.
      return figures.join() === listed(value).join() ? value : figures.join(', ');
    }
    if (Array.isArray(value)) return value.map((each, index) => walk(each, [...path, String(index)]));
    if (typeof value !== 'object' || value === null) return value;
    return Object.fromEntries(
      Object.entries(value).map(([name, each]) => [name, walk(each, [...path, name])]),
    );
  };
  return walk(typed, []) as T;
}
