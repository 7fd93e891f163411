import { bottlesFor, mlOf, type ShelfItem } from './shelf';

/** What comes out of one lot: of an opened bottle, or of so many sealed ones, with what stays in the last of them. */
export type Pour = {
  lot: string;
  what: string;
  batch: string;
  ml: number;
  bottles: number;
  leftMl: number;
  /** What is known of the fluid; pours from before it was kept have none. */
  of?: Pick<ShelfItem, 'fluidClass' | 'dryC' | 'wetC' | 'colour' | 'openedAt'>;
};

/**
 * Which bottles an amount is poured from, and what the shelf lacks of it.
 * @param lots in the order in which they are used
 * @param ml the amount, millilitres
 */
export function poursFrom(lots: readonly ShelfItem[], ml: number): { pours: Pour[]; shortMl: number } {
  const pours: Pour[] = [];
  let open = ml;
  for (const item of lots) {
    const { id: lot, what, batch, sizeMl, remainingMl, fluidClass, dryC, wetC, colour, openedAt } = item;
    const poured = Math.min(open, mlOf(item));
    if (poured <= 0) continue;
    const { bottles, leftMl } =
      remainingMl === null ? bottlesFor(poured, sizeMl!) : { bottles: 0, leftMl: remainingMl - poured };
    const of = { fluidClass, dryC, wetC, colour, openedAt };
    pours.push({ lot, what, batch, ml: poured, bottles, leftMl, of });
    open -= poured;
  }
  return { pours, shortMl: Math.max(0, open) };
}

/** Where no lot is chosen. */
export const AS_THE_SHELF_WOULD = 'What was opened first, then sealed bottles';

/** A lot by its name and what is in it. */
export function lotWords({ what, batch, quantity, sizeMl, remainingMl }: ShelfItem): string {
  const holds =
    remainingMl === null
      ? `${quantity} × ${Math.round(sizeMl ?? 0)} ml`
      : `opened, ${Math.round(remainingMl)} ml left`;
  return `${what} ${batch}`.trim().concat(`: ${holds}`);
}

/** What was poured, in a line: "200 ml of the opened DOT 4 A1, 2 bottles of DOT 4 B7". */
export function pourWords(pours: readonly Pour[]): string {
  return pours
    .map(({ what, batch, ml, bottles }) => {
      const name = `${what} ${batch}`.trim();
      if (bottles === 0) return `${Math.round(ml)} ml of the opened ${name}`;
      return `${bottles} ${bottles === 1 ? 'bottle' : 'bottles'} of ${name}`;
    })
    .join(', ');
}
