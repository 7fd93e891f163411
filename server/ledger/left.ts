import type { Temporary } from '../../core/planning/due/temporary';
import type { FittedPart } from '../../core/planning/shelf/fitted';
import type { RowOf } from '../db/rows';
import { database } from '../db/sql';
import { partFromRow } from '../parts/queries';
import { kilometres } from '../units';

/** What a job left behind on the car: parts noted as fitted, and what is due next. */
export type JobLeft = {
  fitted: FittedPart[];
  due: { id: string; what: string; dueOn: string | null; temporary?: Temporary }[];
};

/** What stands on file of a job beside its own sheet. */
export async function leftBy(jobId: string): Promise<JobLeft> {
  const sql = database('own');
  const [fitted, due] = await Promise.all([
    sql<RowOf<'fitted_parts'>[]>`select * from fitted_parts where job_id = ${jobId} order by place, kind, id`,
    sql<
      RowOf<'follow_ups'>[]
    >`select * from follow_ups where job_id = ${jobId} order by due_on nulls last, id`,
  ]);
  return {
    fitted: fitted.map(partFromRow),
    due: due.map((row) => ({
      id: row.id,
      what: row.what,
      dueOn: row.dueOn,
      ...(row.temporary
        ? {
            temporary: {
              why: row.why,
              successor: row.successor,
              sessions: row.sessions,
              km: kilometres(row.distanceM),
            },
          }
        : {}),
    })),
  };
}
