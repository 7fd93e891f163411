import Papa from 'papaparse';
import { csvAnswer } from '@/server/http/csv';
import { route } from '@/server/http/route';
import { auditRows } from '@/server/people/audit';

export const dynamic = 'force-dynamic';

const FIELDS = ['at', 'who', 'device', 'what', 'done', 'about', 'changes'];

/** What was done in the shop and by whom, for a spreadsheet. */
export const GET = route(
  async () =>
    csvAnswer(
      Papa.unparse({ fields: FIELDS, data: await auditRows() }, { escapeFormulae: true, newline: '\r\n' }),
      'bavrin-audit.csv',
    ),
  { costly: true, right: 'setup' },
);
