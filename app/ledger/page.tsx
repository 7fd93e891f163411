import { LedgerView } from '@/features/shop/ledger/LedgerView';
import { listCars } from '@/server/cars/queries';
import { ledgerYears, readSearch, searchLedger } from '@/server/ledger/queries';
import { page } from '../asPerson';

export const metadata = { title: 'Ledger' };

export default page(
  'read',
  async ({ searchParams }: { searchParams: Promise<Record<string, string | string[] | undefined>> }) => {
    const search = readSearch(await searchParams);
    const [page, cars, years] = await Promise.all([searchLedger(search), listCars(), ledgerYears()]);
    return (
      <LedgerView
        page={page}
        search={search}
        cars={cars.map(({ id, name }) => ({ id, name }))}
        years={years}
      />
    );
  },
);
