/** What labels are printed on, mm: a standard sheet of A4, or one after another from a small printer's roll. */
export const LABEL_STOCK = {
  sheet: { label: 'A4, 24 of 70 × 37 mm', page: 'A4', across: 3, down: 8, widthMm: 70, heightMm: 37 },
  roll: { label: 'Roll, 62 × 29 mm', page: '62mm 29mm', across: 1, down: 1, widthMm: 62, heightMm: 29 },
} as const;
export type LabelStock = keyof typeof LABEL_STOCK;

/** Labels on one page of a stock. */
export function labelsAPage(stock: LabelStock): number {
  const { across, down } = LABEL_STOCK[stock];
  return across * down;
}

/**
 * Labels page by page, in rows; places of the first sheet that are used up already stay empty.
 * @param used of the first page; on a roll there are none
 */
export function labelPages<T>(labels: readonly T[], stock: LabelStock, used = 0): (T | null)[][] {
  const most = labelsAPage(stock);
  const places = [...Array<null>(most === 1 ? 0 : Math.min(used, most - 1)).fill(null), ...labels];
  return Array.from({ length: Math.ceil(places.length / most) }, (_, page) =>
    places.slice(page * most, (page + 1) * most),
  );
}
