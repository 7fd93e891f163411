import Papa from 'papaparse';
import type { CauseId } from '../../core/diagnosis/causes';
import { causeLabel } from '../../core/diagnosis/labels';
import { outcomeLabel } from '../../core/job/outcomes';
import { database } from '../db/sql';
import { type ClosedJob, type LedgerSearch, narrowedBy } from './queries';

/** How a formula begins, in a text of one line or several. */
const FORMULA = /^[=+\-@\t\r]/;
/** Rows of one file: more than any one shop comes to. */
const MOST = 100_000;

type Filed = Pick<
  ClosedJob,
  'number' | 'complaint' | 'summary' | 'outcome' | 'openedAt' | 'closedAt' | 'closedBy'
> & {
  car: string;
  causes: CauseId[];
  minutes: number | null;
};

/**
 * The closed jobs of a search as CSV (RFC 4180), a line a job, newest first; days and moments as ISO 8601. A text that a
 * spreadsheet would take for a formula is marked as text.
 */
export async function ledgerCsv(search: LedgerSearch): Promise<string> {
  const sql = database();
  const rows = await sql<Filed[]>`
    select number, cars.name as car, complaint, summary, outcome, opened_at, closed_at, closed_by,
      array(select cause from job_causes where job_id = jobs.id order by cause) as causes,
      (select sum(took_min)::int from works where works.job_id = jobs.id) as minutes
    from jobs join cars on cars.id = car_id
    where ${narrowedBy(search)} order by closed_at desc, jobs.id desc limit ${MOST}`;
  return Papa.unparse(
    {
      fields: [
        ...[
          'job',
          'car',
          'complaint',
          'outcome',
          'causes',
          'what was done',
          'opened',
          'closed',
          'closed by',
          'minutes',
        ],
      ],
      data: rows.map((row) => [
        row.number,
        row.car,
        row.complaint,
        outcomeLabel(row.outcome),
        row.causes.map(causeLabel).join('; '),
        row.summary,
        row.openedAt.toISOString(),
        row.closedAt.toISOString(),
        row.closedBy,
        row.minutes ?? '',
      ]),
    },
    { escapeFormulae: FORMULA, newline: '\r\n' },
  );
}
