import { CORNERS, type Corner } from '../../car/corner';
import { COLUMN_IDS, COLUMNS, type ColumnId, FIGURE_IDS, FIGURES } from './columns';

/** A reading on file, with whose it is and of which day. */
export type FiledReading = {
  car: string;
  day: string;
  kind: string;
  corner: Corner | '';
  input: Record<string, unknown>;
};

/** Heads of a table of readings, each with its unit: what `guessMapping` knows again. */
export const TABLE_HEADS: readonly string[] = COLUMN_IDS.map((id) =>
  id in FIGURES ? `${COLUMNS[id].label} (${FIGURES[id as keyof typeof FIGURES].unit})` : COLUMNS[id].label,
);

/**
 * Readings as a table, a row for a car, a day and a corner, in base units: of pads and rotors the lowest figure. What was read twice
 * on a day stands as it was read last. Readings that no column is for are left out: the case format has them all.
 * @param readings oldest first
 */
export function tableOf(readings: readonly FiledReading[]): string[][] {
  const rows = new Map<string, Partial<Record<ColumnId, string>>>();
  const put = (
    { car, day }: FiledReading,
    corner: Corner | '',
    figures: Partial<Record<ColumnId, unknown>>,
  ) => {
    const said = Object.entries(figures).filter(([, value]) => typeof value === 'number');
    if (said.length === 0) return;
    const key = `${day} ${car} ${corner}`;
    rows.set(key, {
      ...{ day, car, corner },
      ...rows.get(key),
      ...Object.fromEntries(said.map(([id, value]) => [id, String(value)])),
    });
  };
  for (const reading of readings) {
    const { kind, corner, input } = reading;
    if (kind === 'pads')
      for (const [at, sides] of Object.entries((input.corners ?? {}) as Corners))
        put(reading, at as Corner, { inner: lowest(sides.inner), outer: lowest(sides.outer) });
    else if (kind === 'rotor') put(reading, corner, { rotor: lowest(input.thicknessMm) });
    else if (kind === 'heat')
      for (const at of CORNERS) put(reading, at, figuresIn('heat', (input.corners as Corners)?.[at] ?? {}));
    else put(reading, corner, figuresIn(kind, input));
  }
  return [...rows.values()]
    .sort((left, right) => keyOf(left).localeCompare(keyOf(right)))
    .map((row) => COLUMN_IDS.map((id) => row[id] ?? ''));
}

type Corners = Partial<Record<Corner, Record<string, unknown>>>;

function figuresIn(kind: string, input: Record<string, unknown>): Partial<Record<ColumnId, unknown>> {
  const own = FIGURE_IDS.filter((id) => FIGURES[id].kind === kind);
  return Object.fromEntries(own.map((id) => [id, input[FIGURES[id].field]]));
}

function lowest(of: unknown): number | undefined {
  const values = Object.values((of ?? {}) as Record<string, unknown>).filter(
    (each) => typeof each === 'number',
  );
  return values.length === 0 ? undefined : Math.min(...values);
}

function keyOf({ day = '', car = '', corner = '' }: Partial<Record<ColumnId, string>>): string {
  return `${day} ${car} ${corner}`;
}
