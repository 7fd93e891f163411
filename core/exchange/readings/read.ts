import { type DateOrder, readDay } from '../../base/dates';
import { type Issue, showValue } from '../../base/issues/issue';
import type { Unit } from '../../base/units/convert';
import { parseMeasure } from '../../base/units/parse';
import { axleOf, CORNERS, type Corner } from '../../car/corner';
import type { ShopLimits } from '../../car/limits/catalogue';
import type { CarSpec } from '../../car/spec';
import { readingRefused } from '../../readings/applies';
import { runIn } from '../../readings/calc';
import { READINGS } from '../../readings/registry';
import { withOwnLimits } from '../../readings/withOwnLimits';
import { COLUMNS, FIGURES, type FigureId, type Mapping } from './columns';

export type KnownCar = { id: string; spec: CarSpec };

/** What a table is read by. */
export type ReadBy = {
  mapping: Mapping;
  /** The shop's cars; a table without a column of cars is of the one that is `only`. */
  cars: readonly KnownCar[];
  only?: string;
  limits: ShopLimits;
  dateOrder: DateOrder;
  /** ISO date. */
  today: string;
  /** In what unit figures without one of their own are. */
  units: { mm: Unit; '°C': Unit };
};

/** A reading out of a table: whose, of which day, as its calc takes it, and what that says. */
export type TakenReading = {
  carId: string;
  day: string;
  kind: string;
  corner: Corner | '';
  /** What the table itself said of it. */
  figures: Record<string, number>;
  input: Record<string, unknown>;
  result: Record<string, unknown>;
};

/** What a line is refused for; its line as a spreadsheet counts, the head being the first. */
export type LineIssue = Issue & { line: number };

export type ReadTable = { readings: TakenReading[]; issues: LineIssue[] };

/**
 * Reads rows of figures as readings. Every row is either taken whole or named with all that is wrong with it; what was read twice at one
 * corner on one day is refused at the second.
 * @param rows without their head
 * @param by what each column holds, and whose cars and limits they are
 */
export function readTable(rows: readonly (readonly string[])[], by: ReadBy): ReadTable {
  const issues: LineIssue[] = [];
  const taken: Taken = new Map();
  for (const [index, row] of rows.entries()) {
    if (row.every((cell) => cell.trim() === '')) continue;
    const line = index + 2;
    const { parts, wrong } = readRow(row, by);
    for (const part of parts) {
      const key = keyOf(part);
      const before = taken.get(key);
      const twice = before && Object.keys(part.figures).find((field) => field in before.reading.figures);
      if (twice)
        wrong.push(
          issue(
            columnOf(part.kind, twice),
            part.figures[twice]!,
            `once a day and corner; line ${before.line} has it`,
          ),
        );
    }
    if (wrong.length === 0) wrong.push(...judge(parts, taken, line, by));
    issues.push(...wrong.map((each) => ({ ...each, line })));
  }
  return { readings: [...taken.values()].map(({ reading }) => reading), issues };
}

/** Readings so far, by whose they are, with the line they began in. */
type Taken = Map<string, { reading: TakenReading; line: number }>;

type RowPart = {
  car: KnownCar;
  day: string;
  /** The corner of the row. */
  corner: Corner | '';
  kind: string;
  /** By field; of a reading that tells of all corners at once, by corner and field. */
  figures: Record<string, number>;
};

/** Kinds that are one reading for the whole car: the fluid, wherever it was drawn, and heat, corner beside corner. */
const OF_THE_CAR = ['fluid', 'heat'];

function placeOf({ kind, corner }: RowPart): Corner | '' {
  return OF_THE_CAR.includes(kind) ? '' : corner;
}

function keyOf(part: RowPart): string {
  return `${part.car.id} ${part.day} ${part.kind} ${placeOf(part)}`;
}

/** What one row says, by the reading it belongs to, and what of it cannot be. */
function readRow(row: readonly string[], by: ReadBy): { parts: RowPart[]; wrong: Issue[] } {
  const wrong: Issue[] = [];
  const cell = (id: Mapping[number]) => {
    const at = by.mapping.indexOf(id);
    return at < 0 ? '' : (row[at] ?? '').trim();
  };
  const day = readDay(cell('day'), by.dateOrder, by.today);
  if (!day) wrong.push(issue('day', cell('day'), 'a day, such as 2026-05-31'));
  else if (day > by.today) wrong.push(issue('day', cell('day'), 'today or earlier'));
  const corner = readCorner(cell('corner'));
  if (corner === undefined) wrong.push(issue('corner', cell('corner'), 'FL, FR, RL or RR, or nothing'));
  const car = readCar(cell('car'), by);
  if (!car) wrong.push(issue('car', cell('car'), 'a car of the shop by its name'));
  const figures = (Object.keys(FIGURES) as FigureId[]).flatMap((id) => {
    const text = cell(id);
    if (text === '') return [];
    const { unit } = FIGURES[id];
    const value =
      unit === '%' ? Number(text.replace(/\s*%$/, '').replace(',', '.')) : inBase(text, by.units[unit], unit);
    if (value === undefined || Number.isNaN(value)) {
      wrong.push(issue(id, text, `a figure, in ${unit} or with its unit`));
      return [];
    }
    return [{ ...FIGURES[id], value }];
  });
  if (wrong.length === 0 && figures.length === 0)
    wrong.push(issue('figures', row.join(' ').trim(), 'at least one figure'));
  if (wrong.length > 0 || !day || corner === undefined || !car) return { parts: [], wrong };
  const kinds = [...new Set(figures.map(({ kind }) => kind))];
  return {
    wrong,
    parts: kinds.map((kind) => ({
      ...{ car, day, kind, corner },
      figures: Object.fromEntries(
        figures
          .filter((each) => each.kind === kind)
          .map(({ field, value }) => [kind === 'heat' ? `${corner}.${field}` : field, value]),
      ),
    })),
  };
}

/** Runs the parts of a row through their calcs, with what is there of the same reading; takes them where all are accepted. */
function judge(parts: readonly RowPart[], taken: Taken, line: number, by: ReadBy): Issue[] {
  const judged = parts.map((part) => {
    const { car, day, kind, corner } = part;
    const needsCorner = kind !== 'fluid' && corner === '';
    if (needsCorner) return { wrong: [issue('corner', '', 'a corner: this is read at one')] };
    const refused = readingRefused(kind === 'look-in' ? 'pads' : kind, corner, car.spec);
    if (refused) return { wrong: [issue('corner', corner, refused)] };
    if (kind === 'fluid' && car.spec.fluidClass === null)
      return { wrong: [issue('car', car.spec.name, 'a car whose class of fluid is on file')] };
    const before = taken.get(keyOf(part));
    const figures = { ...before?.reading.figures, ...part.figures };
    const input = inputOf(part, figures, by.limits);
    const outcome = runIn(READINGS, kind, input);
    if (!outcome.ok)
      return {
        wrong: outcome.issues.map((each) => ({
          ...each,
          path: labelOf(columnOf(kind, each.path)),
        })),
      };
    const reading = {
      carId: car.id,
      day,
      kind,
      corner: placeOf(part),
      figures,
      input,
      result: outcome.value,
    };
    return { key: keyOf(part), taken: { reading, line: before?.line ?? line }, wrong: [] };
  });
  const wrong = judged.flatMap((each) => each.wrong);
  if (wrong.length === 0) for (const each of judged) if (each.taken) taken.set(each.key, each.taken);
  return wrong;
}

/** A part as its calc takes it, with what the car's sheet says of it. */
function inputOf(
  { car: { spec }, corner, kind }: RowPart,
  figures: Record<string, number>,
  limits: ShopLimits,
): Record<string, unknown> {
  const axle = corner === '' ? undefined : spec[axleOf(corner)];
  const known = (fields: Record<string, number | null | undefined>) =>
    Object.fromEntries(Object.entries(fields).filter(([, value]) => typeof value === 'number'));
  const own =
    kind === 'look-in'
      ? known({
          newMm: axle!.padNewMm,
          minimumMm: axle!.padMinimumMm,
          rotorNewMm: axle!.rotorNewMm,
          rotorMinimumMm: axle!.rotorMinimumMm,
        })
      : kind === 'fluid'
        ? { class: spec.fluidClass }
        : {};
  const said = kind === 'heat' ? { corners: byCorner(figures) } : figures;
  return withOwnLimits(kind, { ...said, ...own }, { car: spec, axle, shop: limits });
}

function byCorner(figures: Record<string, number>): Record<string, Record<string, number>> {
  const corners: Record<string, Record<string, number>> = {};
  for (const [name, value] of Object.entries(figures)) {
    const [corner, field] = name.split('.') as [string, string];
    corners[corner] = { ...corners[corner], [field]: value };
  }
  return corners;
}

/** Which column a calc's own field came from. */
function columnOf(kind: string, path: string): string {
  const field = path.split('.').at(-1)!;
  return (
    (Object.keys(FIGURES) as FigureId[]).find(
      (id) => FIGURES[id].kind === kind && FIGURES[id].field === field,
    ) ?? path
  );
}

function issue(path: string, value: unknown, accepted: string): Issue {
  return { code: 'refused', path: labelOf(path), value: showValue(value), accepted };
}

function labelOf(column: string): string {
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
