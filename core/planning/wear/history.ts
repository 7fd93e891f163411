import { CORNERS, type Corner } from '../../car/corner';

/** A reading of an earlier day, or of today, with how many sessions the car had run by then. */
export type PastReading = {
  kind: string;
  corner: Corner | '';
  input: Record<string, unknown>;
  recordedAt: string;
  sessions: number;
};

/** The lowest thickness found, with how many sessions the car had run by then. */
export type WearPoint = { sessions: number; mm: number };

export type CornerWear = { inner: WearPoint[]; outer: WearPoint[]; rotor: WearPoint[] };

/** Kinds of readings that wear is told from. */
export const WEAR_KINDS = ['pads', 'look-in', 'rotor'];

/** Grown by more than this is a new part, not a better reading, mm. */
const NEW_PART_MM = { pad: 0.5, rotor: 0.15 } as const;

/**
 * What each part has measured since it was fitted, oldest first. Where a reading stands above the one before by more than
 * a reading can be out, a new part was fitted and its story begins there.
 */
export function wearOf(readings: readonly PastReading[]): Record<Corner, CornerWear> {
  const inOrder = [...readings].sort((left, right) => left.recordedAt.localeCompare(right.recordedAt));
  const wear = Object.fromEntries(
    CORNERS.map((corner) => [corner, { inner: [], outer: [], rotor: [] } as CornerWear]),
  ) as unknown as Record<Corner, CornerWear>;
  for (const { kind, corner, input, sessions } of inOrder) {
    const point = (mm: number): WearPoint => ({ sessions, mm });
    if (kind === 'pads') {
      for (const [at, pads] of Object.entries((input.corners ?? {}) as Record<string, PadSides>)) {
        if (!isCorner(at)) continue;
        for (const side of ['inner', 'outer'] as const)
          add(wear[at][side], point(lowestOf(Object.values(pads[side]))), NEW_PART_MM.pad);
      }
    }
    if (kind === 'look-in' && isCorner(corner))
      for (const part of ['inner', 'outer', 'rotor'] as const) {
        const mm = input[`${part}Mm`];
        if (typeof mm === 'number')
          add(wear[corner][part], point(mm), NEW_PART_MM[part === 'rotor' ? 'rotor' : 'pad']);
      }
    if (kind === 'rotor' && isCorner(corner) && Array.isArray(input.thicknessMm))
      add(wear[corner].rotor, point(lowestOf(input.thicknessMm as number[])), NEW_PART_MM.rotor);
  }
  return wear;
}

type PadSides = Record<'inner' | 'outer', Record<string, number>>;

function add(series: WearPoint[], point: WearPoint, newPartMm: number): void {
  const last = series.at(-1);
  if (last && point.mm > last.mm + newPartMm) series.length = 0;
  series.push(point);
}

function lowestOf(values: readonly number[]): number {
  return Math.min(...values);
}

function isCorner(text: string): text is Corner {
  return (CORNERS as readonly string[]).includes(text);
}

/** What a new reading says against the last one of its part: worn on, or grown back, which only a new part does. */
export function grownBack(
  series: readonly WearPoint[],
  mm: number,
  part: 'pad' | 'rotor',
): number | undefined {
  const last = series.at(-1);
  return last && mm > last.mm + NEW_PART_MM[part] ? mm - last.mm : undefined;
}
