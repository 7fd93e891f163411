import { database } from '../db/sql';
import { knownId } from '../ids';

/** Who wrote each row of a job's record, by its id, and who closed it; what is older than names is not in it. */
export type Authors = { rows: Record<string, string>; closedBy?: string };

/** Reads who wrote what of one job. */
export async function authorsOf(jobId: string): Promise<Authors> {
  const sql = database('own');
  const id = knownId('job', jobId);
  const rows = await sql<{ id: string; name: string }[]>`
    select row.id, people.name from (
      select id, by_person from findings where job_id = ${id}
      union all select id, by_person from readings where job_id = ${id}
      union all select id, by_person from verdicts where job_id = ${id}
      union all select id, by_person from works where job_id = ${id}
      union all select ticks.id, ticks.by_person from ticks join works on works.id = work_id where job_id = ${id}
      union all select id, by_person from hold_proofs where job_id = ${id}
      union all select id, by_person from proof_drives where job_id = ${id}
      union all select id, by_person from change_trials where job_id = ${id}
      union all select id, opened_by from jobs where id = ${id}
    ) row join people on people.id = row.by_person`;
  const [closing] = await sql<{ name: string }[]>`
    select people.name from jobs join people on people.id = closed_by_person where jobs.id = ${id}`;
  return {
    rows: Object.fromEntries(rows.map((row) => [row.id, row.name])),
    ...(closing ? { closedBy: closing.name } : {}),
  };
}
