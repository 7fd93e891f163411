import type { Issue } from '../../base/issues/issue';
import { axleOf, type Corner } from '../../car/corner';
import type { ShopLimits } from '../../car/limits/catalogue';
import { readingRefused } from '../../readings/applies';
import { runIn } from '../../readings/calc';
import { READINGS } from '../../readings/registry';
import { withOwnLimits } from '../../readings/withOwnLimits';
import type { ReadBy } from './by';
import { FIGURES, type FigureId } from './columns';
import { columnIssue, labelOf, type RowPart, readRow } from './row';

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
          columnIssue(
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

/** Kinds that are one reading for the whole car: the fluid, wherever it was drawn, and heat, corner beside corner. */
const OF_THE_CAR = ['fluid', 'heat'];

function placeOf({ kind, corner }: RowPart): Corner | '' {
  return OF_THE_CAR.includes(kind) ? '' : corner;
}

function keyOf(part: RowPart): string {
  return `${part.car.id} ${part.day} ${part.kind} ${placeOf(part)}`;
}

/** Runs the parts of a row through their calcs, with what is there of the same reading; takes them where all are accepted. */
function judge(parts: readonly RowPart[], taken: Taken, line: number, by: ReadBy): Issue[] {
  const judged = parts.map((part) => {
    const { car, day, kind, corner } = part;
    const needsCorner = kind !== 'fluid' && corner === '';
    if (needsCorner) return { wrong: [columnIssue('corner', '', 'a corner: this is read at one')] };
    const refused = readingRefused(kind === 'look-in' ? 'pads' : kind, corner, car.spec);
    if (refused) return { wrong: [columnIssue('corner', corner, refused)] };
    if (kind === 'fluid' && car.spec.fluidClass === null)
      return { wrong: [columnIssue('car', car.spec.name, 'a car whose class of fluid is on file')] };
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
