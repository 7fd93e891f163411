import { csvAnswer } from '@/server/http/csv';
import { route } from '@/server/http/route';
import { ledgerCsv } from '@/server/ledger/csv';
import { readSearch } from '@/server/ledger/queries';

export const dynamic = 'force-dynamic';

/** The closed jobs of a search, for a spreadsheet. */
export const GET = route(
  async (request) => {
    const search = readSearch(Object.fromEntries(new URL(request.url).searchParams));
    return csvAnswer(await ledgerCsv(search), 'bavrin-ledger.csv');
  },
  { costly: true, right: 'read' },
);
