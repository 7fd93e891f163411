import type { CauseId } from '../../core/diagnosis/causes';
import type { Forecasted } from '../../core/diagnosis/learn/calibration';
import type { Confirmed } from '../../core/diagnosis/learn/priors';
import type { VerdictRow } from '../../core/job/sheet';
import type { RowOf } from '../db/rows';
import { database, type Sql } from '../db/sql';

/** Causes confirmed at the end of the shop's jobs, where the work helped: what a shop learns from. Counted as jobs close. */
export async function confirmedCauses(sql: Sql = database('own')): Promise<Confirmed> {
  const rows = await sql<
    RowOf<'confirmed_causes'>[]
  >`select cause, jobs from confirmed_causes where jobs > 0`;
  return Object.fromEntries(rows.map((row) => [row.cause, row.jobs]));
}

/** Answers to each complaint looked back on, the newest: what they turned out to be does not change with more. */
const MOST_ALIKE = 400;

/** Jobs like this one: those that shared a complaint, and what they turned out to be. */
export type LikeJobs = { total: number; causes: { cause: CauseId; jobs: number }[] };

/** Looks back over the latest closed jobs that had one of these complaints. */
export async function jobsLike(complaints: readonly string[], exceptJob: string): Promise<LikeJobs> {
  if (complaints.length === 0) return { total: 0, causes: [] };
  const sql = database('own');
  const rows = await sql<{ cause: CauseId; jobs: number; total: number }[]>`
    with alike as (
      select distinct f.job_id
      from unnest(${[...complaints]}::text[]) as complaint
      cross join lateral (
        select id, job_id from findings
        where finding = complaint and state = 'yes' and phase = 'before' order by seq desc limit ${MOST_ALIKE}
      ) f
      join jobs j on j.id = f.job_id
      where teaches(j) and j.id <> ${exceptJob}
        and not exists (select 1 from findings later where later.replaces = f.id)
    )
    select k.cause, count(*)::int as jobs, (select count(*)::int from alike) as total
    from alike join job_causes k on k.job_id = alike.job_id
    group by k.cause order by count(*) desc, k.cause`;
  return {
    total: rows[0]?.total ?? 0,
    causes: rows.map((row) => ({ cause: row.cause, jobs: row.jobs })),
  };
}

/** Verdicts looked back on: enough for bounds a few points wide. */
const MOST_VERDICTS = 2000;

/** What the last verdict of each closed job said of each cause it named, and whether proof confirmed it. */
export async function forecasts(): Promise<{ said: Forecasted[]; jobs: number }> {
  const sql = database();
  const rows = await sql<{ leading: VerdictRow['leading']; confirmed: string[] }[]>`
    select v.verdict -> 'leading' as leading,
      (select coalesce(array_agg(k.cause), '{}') from job_causes k where k.job_id = j.id) as confirmed
    from (
      select id, closed_at from jobs
      where closed_at is not null and teaches(jobs)
      order by closed_at desc, id desc limit ${MOST_VERDICTS}
    ) j
    join lateral (select verdict from verdicts where job_id = j.id order by made_at desc limit 1) v on true`;
  const said = rows.flatMap((row) =>
    row.leading.map(({ id, probability }) => ({
      probability,
      right: row.confirmed.includes(id),
    })),
  );
  return { said, jobs: rows.length };
}
