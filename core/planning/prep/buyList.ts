import { PART_KINDS } from '../shelf/parts';
import { type FluidWanted, onShelf, type ShelfItem } from '../shelf/shelf';
import type { PrepLine } from './line';

/** One thing that has to be there, against what stands on the shelf. */
export type ToBring = {
  what: string;
  count: number;
  unit: 'pcs' | 'ml';
  there: number;
  enough: boolean;
  /** Lots it may be; whether they are made for this car only a person can tell, but of fluid. */
  from: Pick<ShelfItem, 'id' | 'what' | 'batch'>[];
};

/**
 * What a preparation needs, the same thing once: one flush serves every reason for it.
 * @param fluid what the car may get, and how long an opened bottle is good for
 */
export function toBring(
  lines: readonly PrepLine[],
  shelf: readonly ShelfItem[],
  fluid: FluidWanted,
): ToBring[] {
  const wanted = new Map<string, NonNullable<PrepLine['buy']>>();
  for (const { buy } of lines) {
    if (!buy) continue;
    const key = `${buy.kind} ${buy.place}`;
    const known = wanted.get(key);
    if (!known || known.count < buy.count) wanted.set(key, buy);
  }
  return [...wanted.values()].map(({ kind, place, count, unit }) => {
    const { from, there } = onShelf(kind, shelf, fluid);
    return {
      what: `${PART_KINDS[kind]}${place === '' ? '' : `, ${place}`}`,
      ...{ count, unit, there, enough: there >= count },
      from: from.map(({ id, what, batch }) => ({ id, what, batch })),
    };
  });
}
