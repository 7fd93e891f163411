import type { TimesTaken } from '../../core/planning/run/took';
import { database, type Sql } from '../db/sql';

/** How long the shop's own jobs took, by procedure: the median of all that were finished by themselves. */
export async function timesTaken(sql: Sql = database('own')): Promise<TimesTaken> {
  const rows = await sql<{ procedure: string; jobs: number; median: number }[]>`
    select procedure, count(*)::int as jobs, percentile_cont(0.5) within group (order by took_min) as median
    from works where took_min is not null group by procedure`;
  return Object.fromEntries(
    rows.map((row) => [row.procedure, { jobs: row.jobs, minutes: Math.round(row.median) }]),
  );
}
