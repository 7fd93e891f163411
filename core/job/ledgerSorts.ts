/** What the ledger can be put in order by. */
export const LEDGER_SORTS = ['closed', 'number', 'car', 'outcome', 'days', 'minutes'] as const;
export type LedgerSort = (typeof LEDGER_SORTS)[number];

/** An order as an address has it: "-closed" is closed, the last first. */
export type LedgerOrder = { sort: LedgerSort; descending: boolean };

const USUAL_ORDER: LedgerOrder = { sort: 'closed', descending: true };

/** An order out of an address; what it does not know is the usual one. */
export function readOrder(text: string | undefined): LedgerOrder {
  const descending = text?.startsWith('-') ?? false;
  const sort = LEDGER_SORTS.find((each) => each === text?.replace(/^-/, ''));
  return sort ? { sort, descending } : USUAL_ORDER;
}

export function orderText({ sort, descending }: LedgerOrder): string {
  return `${descending ? '-' : ''}${sort}`;
}
