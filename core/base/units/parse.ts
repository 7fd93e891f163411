import { convert, UNITS, type Unit } from './convert';

/** What people type for a unit, beside its own symbol. */
const SPELLINGS: Record<string, Unit> = {
  '"': 'in',
  inch: 'in',
  c: '°C',
  degc: '°C',
  f: '°F',
  degf: '°F',
  kpa: 'kPa',
  mpa: 'MPa',
  pa: 'Pa',
  litre: 'l',
  liter: 'l',
  n: 'N',
  k: 'K',
  kmh: 'km/h',
  nm: 'N·m',
  'lb ft': 'lbf·ft',
  'ft lb': 'lbf·ft',
  lbft: 'lbf·ft',
};

/** A figure may end in its point: so it stands for a moment in every field while it is typed. */
const NUMBER = /^([+\-−]?\d+[.,]?(?![\d.,])|[+\-−]?\d*[.,]?\d+)(?:\s*\/\s*(\d+))?\s*(.*)$/u;

/**
 * Reads a number as typed at the car: a comma or a point, a fraction of an inch (1/8), an optional unit.
 * Without a unit the text is in `unit`; with one it is converted exactly.
 * @returns the value in `unit`, or undefined when the text is not a number in a unit of that dimension.
 */
export function parseMeasure(text: string, unit: Unit): number | undefined {
  const match = NUMBER.exec(text.trim());
  if (!match) return undefined;
  const [, digits = '', denominator, suffix = ''] = match;
  const whole = Number(digits.replace(',', '.').replace('−', '-'));
  const value = denominator === undefined ? whole : whole / Number(denominator);
  if (!Number.isFinite(value)) return undefined;
  const given = suffix.trim();
  if (given === '') return value;
  const from = (given in UNITS ? given : SPELLINGS[given.toLowerCase()]) as Unit | undefined;
  if (from === undefined || UNITS[from].dimension !== UNITS[unit].dimension) return undefined;
  return convert(value, from, unit);
}
