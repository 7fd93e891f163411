import { readDay } from '../../base/dates';
import { type Issue, showValue } from '../../base/issues/issue';
import type { Unit } from '../../base/units/convert';
import { parseMeasure } from '../../base/units/parse';
import { CORNERS, type Corner } from '../../car/corner';
import type { KnownCar, ReadBy } from './by';
import { COLUMNS, type ColumnId, FIGURE_IDS, FIGURES } from './columns';

/** What one row says of one reading. */
export type RowPart = {
  car: KnownCar;
  day: string;
  /** The corner of the row. */
  corner: Corner | '';
  kind: string;
  /** By field; of a reading that tells of all corners at once, by corner and field. */
  figures: Record<string, number>;
};

/** What one row says, by the reading it belongs to, and what of it cannot be. */
export function readRow(row: readonly string[], by: ReadBy): { parts: RowPart[]; wrong: Issue[] } {
  const wrong: Issue[] = [];
  const cell = (id: ColumnId) => {
    const at = by.mapping.indexOf(id);
    return at < 0 ? '' : (row[at] ?? '').trim();
  };
  const day = readDay(cell('day'), by.dateOrder, by.today);
  if (!day) wrong.push(columnIssue('day', cell('day'), 'a day, such as 2026-05-31'));
  else if (day > by.today) wrong.push(columnIssue('day', cell('day'), 'today or earlier'));
  const corner = readCorner(cell('corner'));
  if (corner === undefined) wrong.push(columnIssue('corner', cell('corner'), 'FL, FR, RL or RR, or nothing'));
  const car = readCar(cell('car'), by);
  if (!car) wrong.push(columnIssue('car', cell('car'), 'a car of the shop by its name'));
  const figures = readFigures(cell, by.units, wrong);
  if (wrong.length === 0 && figures.length === 0)
    wrong.push(columnIssue('figures', row.join(' ').trim(), 'at least one figure'));
  if (wrong.length > 0 || !day || corner === undefined || !car) return { parts: [], wrong };
  const kinds = [...new Set(figures.map(({ kind }) => kind))];
  const partOf = (kind: string): RowPart => ({
    ...{ car, day, kind, corner },
    figures: Object.fromEntries(
      figures
        .filter((each) => each.kind === kind)
        .map(({ field, value }) => [kind === 'heat' ? `${corner}.${field}` : field, value]),
    ),
  });
  return { wrong, parts: kinds.map(partOf) };
}

type ReadFigure = { kind: string; field: string; value: number };

/** The figures of a row in base units; one that is none is added to what is wrong. */
function readFigures(cell: (id: ColumnId) => string, units: ReadBy['units'], wrong: Issue[]): ReadFigure[] {
  return FIGURE_IDS.flatMap((id) => {
    const text = cell(id);
    if (text === '') return [];
    const { unit, kind, field } = FIGURES[id];
    const value = unit === '%' ? perCent(text) : inBase(text, units[unit], unit);
    if (value !== undefined && !Number.isNaN(value)) return [{ kind, field, value }];
    wrong.push(columnIssue(id, text, `a figure, in ${unit} or with its unit`));
    return [];
  });
}

function perCent(text: string): number {
  return Number(text.replace(/\s*%$/, '').replace(',', '.'));
}

/** What is wrong with a cell, under the name of its column. */
export function columnIssue(path: string, value: unknown, accepted: string): Issue {
  return { code: 'refused', path: labelOf(path), value: showValue(value), accepted };
}

export function labelOf(column: string): string {
  return Object.hasOwn(COLUMNS, column) ? COLUMNS[column as keyof typeof COLUMNS].label : column;
}

function inBase(text: string, typedIn: Unit, base: Unit): number | undefined {
  // A figure without a unit is in the table's, one with its own is converted from that.
  return /^[+\-−]?[\d.,]+$/.test(text) ? parseMeasure(`${text} ${typedIn}`, base) : parseMeasure(text, base);
}

const SIDES: Readonly<Record<string, string>> = {
  f: 'F',
  front: 'F',
  r: 'R',
  rear: 'R',
  l: 'L',
  left: 'L',
  right: 'R',
};

/** A corner as shops write it: FL, LF, front left, left front; empty is the whole car. */
function readCorner(text: string): Corner | '' | undefined {
  const said = text.trim().toLowerCase();
  if (said === '') return '';
  const short = said.replace(/[^a-z]/g, '').toUpperCase();
  const swapped = [...short].reverse().join('');
  const [one = '', two = ''] = said.split(/[\s,/-]+/);
  const words = [`${SIDES[one] ?? ''}${SIDES[two] ?? ''}`, `${SIDES[two] ?? ''}${SIDES[one] ?? ''}`];
  return [short, swapped, ...words].find((each): each is Corner =>
    (CORNERS as readonly string[]).includes(each),
  );
}

function readCar(text: string, { cars, only, mapping }: ReadBy): KnownCar | undefined {
  if (!mapping.includes('car')) return cars.find(({ id }) => id === only);
  const said = text.toLowerCase();
  return said === '' ? undefined : cars.find(({ spec }) => spec.name.trim().toLowerCase() === said);
}
