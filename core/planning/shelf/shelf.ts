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
  /** Of fluid: the product’s own boiling points, °C, where its sheet was read, and its colour. */
  dryC: number | null;
  wetC: number | null;
  colour: string;
  /** What one costs, in the shop’s own money, where somebody said. */
  price?: number | null;
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

/** What fluid a car may get: its class, how long a bottle stays fresh once opened, days, and the moment it is asked. */
export type FluidWanted = { wanted: FluidClass | null; freshDays: number; now: Date };

/** Lots of fluid that may go into this car: the longest opened first, sealed ones after; the chosen one before all. */
export function lotsFor(
  shelf: readonly ShelfItem[],
  { wanted, freshDays, now }: FluidWanted,
  chosen?: string,
): ShelfItem[] {
  const order = ({ id, openedAt }: ShelfItem) => `${id === chosen ? 0 : 1} ${openedAt ?? '9'}`;
  return shelf
    .filter(
      (item) =>
        item.kind === 'fluid' &&
        item.quantity > 0 &&
        bottleRefused(item, wanted, freshDays, now) === undefined,
    )
    .sort((left, right) => order(left).localeCompare(order(right)));
}

export type NeedAgainstShelf = PlannedNeed & {
  /** What is there and may be used; fluid in bottles' worth of ml. */
  there: number;
  enough: boolean;
  /** Lots that would do, in the order in which they are used. */
  from: ShelfItem[];
  refused: { item: ShelfItem; why: string }[];
};

/**
 * What a plan needs against what is on the shelf. Fluid counts in ml, everything else in pieces.
 * @param fluid what the car may get, how much of it, ml, and the lot to begin with where one was chosen
 */
export function againstShelf(
  needs: readonly PlannedNeed[],
  shelf: readonly ShelfItem[],
  fluid: FluidWanted & { neededMl: number; lot?: string },
): NeedAgainstShelf[] {
  return needs.map((need) => {
    const isFluid = need.kind === 'fluid';
    const { from, there } = onShelf(need.kind, shelf, fluid, fluid.lot);
    return {
      ...{ ...need, there, from },
      enough: there >= (isFluid ? fluid.neededMl : need.quantity),
      refused: isFluid ? tooOld(shelf, fluid) : [],
    };
  });
}

/** The lots of a kind that would do, in the order in which they are used, and how much there is: fluid in ml, all else in pieces. */
export function onShelf(
  kind: PartKind,
  shelf: readonly ShelfItem[],
  fluid: FluidWanted,
  chosen?: string,
): { from: ShelfItem[]; there: number } {
  const from =
    kind === 'fluid'
      ? lotsFor(shelf, fluid, chosen)
      : shelf.filter((item) => item.kind === kind && item.quantity > 0);
  return {
    from,
    there: from.reduce((sum, item) => sum + (kind === 'fluid' ? mlOf(item) : item.quantity), 0),
  };
}

/** Bottles of the right class that may not be used. Those of another class are nothing to refuse: they were never meant for this car. */
function tooOld(shelf: readonly ShelfItem[], { wanted, freshDays, now }: FluidWanted) {
  return shelf.flatMap((item) => {
    const meant = item.fluidClass === null || wanted === null || item.fluidClass === wanted;
    const why = bottleRefused(item, wanted, freshDays, now);
    return item.kind === 'fluid' && item.quantity > 0 && meant && why !== undefined ? [{ item, why }] : [];
  });
}

/** Sealed bottles that an amount takes, and what stays in the last of them, ml. */
export function bottlesFor(ml: number, sizeMl: number): { bottles: number; leftMl: number } {
  const bottles = Math.ceil(ml / sizeMl);
  return { bottles, leftMl: bottles * sizeMl - ml };
}

/** Millilitres in a lot of bottles. */
export function mlOf(item: ShelfItem): number {
  return item.remainingMl ?? (item.sizeMl ?? 0) * item.quantity;
}
