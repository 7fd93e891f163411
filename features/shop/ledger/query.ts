import type { LedgerSearch } from '@/server/ledger/queries';

/** A search as an address has it, from its first page. */
export function searchQuery({ after: _, ...search }: LedgerSearch): URLSearchParams {
  return new URLSearchParams(Object.entries(search).filter((entry): entry is [string, string] => !!entry[1]));
}
