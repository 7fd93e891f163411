import type { RowOf } from '../db/rows';
import { database } from '../db/sql';

export type AuditLine = {
  seq: number;
  at: string;
  who: string | null;
  device: string | null;
  /** What kind of thing, and what was done to it. */
  what: string;
  how: string;
  /** What it was, as a person knows it: a car's name, a job's number. */
  about: string;
  /** What it was before and is now, by field. */
  changes: Record<string, [unknown, unknown]>;
  carId: string | null;
  jobId: string | null;
};

type AuditSeen = Pick<RowOf<'audit'>, 'seq' | 'at' | 'what' | 'how' | 'carId' | 'jobId' | 'changes'> & {
  who: string | null;
  device: string | null;
  about: string | null;
};

/** Lines of a page. */
const A_PAGE = 60;
const AN_EXPORT = 20_000;

const asked = (before: number | undefined, person: string | undefined, most: number) => {
  const sql = database('setup');
  return sql<AuditSeen[]>`
    select a.seq, a.at, a.what, a.how, a.car_id, a.job_id, a.changes, p.name as who, d.name as device,
      case when a.what in ('people', 'sign_in') then (select name from people where id::text = a.row_id)
        when a.what = 'devices' then (select name from devices where id::text = a.row_id)
        when j.id is not null then c.name || ', job ' || j.number
        else c.name end as about
    from audit a
      left join people p on p.id = a.person_id
      left join devices d on d.id = a.device_id
      left join jobs j on j.id = a.job_id
      left join cars c on c.id = coalesce(a.car_id, j.car_id)
    where ${before === undefined ? sql`true` : sql`a.seq < ${before}`}
      and ${person === undefined ? sql`true` : sql`a.person_id = ${person}`}
    order by a.seq desc limit ${most}`;
};

/** What was done in the shop, the newest first, from one line on. */
export async function auditPage(
  options: { before?: number; person?: string } = {},
): Promise<{ lines: AuditLine[]; next: number | null }> {
  const rows = await asked(options.before, options.person, A_PAGE + 1);
  const lines = rows.slice(0, A_PAGE).map(lineFromRow);
  return { lines, next: rows.length > A_PAGE ? lines.at(-1)!.seq : null };
}

/** The newest of it as rows of a table. */
export async function auditRows(): Promise<string[][]> {
  const rows = await asked(undefined, undefined, AN_EXPORT);
  return rows.map(lineFromRow).map(({ at, who, device, what, how, about, changes }) => [
    at,
    who ?? '',
    device ?? '',
    what,
    how,
    about,
    Object.entries(changes)
      .map(([field, [was, is]]) => `${field}: ${JSON.stringify(was)} → ${JSON.stringify(is)}`)
      .join('; '),
  ]);
}

function lineFromRow(row: AuditSeen): AuditLine {
  return {
    seq: Number(row.seq),
    at: row.at.toISOString(),
    who: row.who,
    device: row.device,
    what: row.what,
    how: row.how,
    about: row.about ?? '',
    changes: row.changes,
    carId: row.carId,
    jobId: row.jobId,
  };
}
