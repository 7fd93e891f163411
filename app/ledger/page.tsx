import { LedgerView } from '@/features/shop/ledger/LedgerView';
import { listCars } from '@/server/cars/queries';
import { type LedgerSearch, searchLedger } from '@/server/ledger/queries';

export const metadata = { title: 'Ledger' };

export default async function LedgerPage({
  searchParams,
}: {
  searchParams: Promise<Record<string, string | string[] | undefined>>;
}) {
  const given = await searchParams;
  const one = (name: string) =>
    typeof given[name] === 'string' && given[name] !== '' ? given[name] : undefined;
  const search: LedgerSearch = {
    car: one('car'),
    cause: one('cause'),
    outcome: one('outcome'),
    words: one('words'),
    after: one('after'),
  };
  const [page, cars] = await Promise.all([searchLedger(search), listCars()]);
  return <LedgerView page={page} search={search} cars={cars.map(({ id, name }) => ({ id, name }))} />;
}
