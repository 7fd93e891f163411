import type { FluidClass } from '../../car/fluidClasses';
import type { PlannedNeed } from '../plan';
import type { PartKind } from './parts';

/** A lot on the shelf: so many of one thing, or one bottle that was opened. */
export type ShelfItem = {
  id: string;
  kind: PartKind;
  what: string;
  batch: string;
  quantity: number;
  fluidClass: FluidClass | null;
  sizeMl: number | null;
  openedAt: string | null;
  remainingMl: number | null;
};

const DAY_MS = 86_400_000;

/** Why a bottle may not go into a track car; undefined when it may. */
export function bottleRefused(
  item: Pick<ShelfItem, 'openedAt' | 'fluidClass'>,
  wanted: FluidClass | null,
  freshDays: number,
  now: Date,
): string | undefined {
  if (wanted !== null && item.fluidClass !== null && item.fluidClass !== wanted)
    return `another class: ${item.fluidClass}, the car takes ${wanted}`;
  if (item.openedAt === null) return undefined;
  const days = (now.getTime() - new Date(item.openedAt).getTime()) / DAY_MS;
  return days > freshDays
    ? `opened ${Math.floor(days)} days ago; fresh for ${freshDays} after opening`
    : undefined;
}

export type NeedAgainstShelf = PlannedNeed & {
  /** What is there and may be used; fluid in bottles' worth of ml. */
  there: number;
  enough: boolean;
  /** Lots that would do, oldest opened bottle first. */
  from: ShelfItem[];
  refused: { item: ShelfItem; why: string }[];
};

/** What a plan needs against what is on the shelf. Fluid counts in ml, everything else in pieces. */
export function againstShelf(
  needs: readonly PlannedNeed[],
  shelf: readonly ShelfItem[],
  fluid: { wanted: FluidClass | null; neededMl: number; freshDays: number; now: Date },
): NeedAgainstShelf[] {
  return needs.map((need) => {
    const lots = shelf.filter(
      (item) =>
        item.kind === need.kind &&
        item.quantity > 0 &&
        // Fluid of another class is nothing to refuse: it was never meant for this car.
        (item.fluidClass === null || fluid.wanted === null || item.fluidClass === fluid.wanted),
    );
    if (need.kind !== 'fluid') {
      const there = lots.reduce((sum, item) => sum + item.quantity, 0);
      return { ...need, there, enough: there >= need.quantity, from: lots, refused: [] };
    }
    const judged = lots.map((item) => ({
      item,
      why: bottleRefused(item, fluid.wanted, fluid.freshDays, fluid.now),
    }));
    const from = judged
      .filter((each) => each.why === undefined)
      .map((each) => each.item)
      .sort((left, right) => (left.openedAt ?? '9').localeCompare(right.openedAt ?? '9'));
    const there = from.reduce((sum, item) => sum + mlOf(item), 0);
    return {
      ...need,
      there,
      enough: there >= fluid.neededMl,
      from,
      refused: judged.flatMap(({ item, why }) => (why === undefined ? [] : [{ item, why }])),
    };
  });
}

/** Sealed bottles that an amount takes, and what stays in the last of them, ml. */
export function bottlesFor(ml: number, sizeMl: number): { bottles: number; leftMl: number } {
  const bottles = Math.ceil(ml / sizeMl);
  return { bottles, leftMl: bottles * sizeMl - ml };
}

/** Millilitres in a lot of bottles. */
function mlOf(item: ShelfItem): number {
  return item.remainingMl ?? (item.sizeMl ?? 0) * item.quantity;
}
