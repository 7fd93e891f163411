import { definedOf } from '../../core/base/defined';
import { parseWith } from '../../core/base/issues/zod';
import { notDrivers } from '../../core/job/driverTells';
import { jobChangesSchema, newJobSchema } from '../../core/job/schemas';
import type { JobFields, JobSheet } from '../../core/job/sheet';
import { refuseBackwards } from '../cars/odometer';
import { getCar } from '../cars/queries';
import { database } from '../db/sql';
import { accept, refused, stale } from '../failure';
import { versioned } from '../http/versioned';
import { knownId } from '../ids';
import { once, sameContent } from '../once';
import { refuseUnlessTold } from '../people/actor';
import { fromKilometres } from '../units';
import { getSheet } from './queries';

/** Opens a job on a car; sending it twice opens it once. */
export async function openJob(input: unknown, now = new Date()): Promise<JobSheet> {
  const job = accept(parseWith(newJobSchema, input));
  return database('tell').begin((tx) => {
    const stands = () => getSheet(job.id, tx);
    return once(tx, { id: job.id, kind: 'job', content: job }, stands, async () => {
      await getCar(job.carId, tx);
      await tx`
        insert into jobs ${tx({ id: job.id, carId: job.carId, complaint: job.complaint, neededAt: job.neededAt, openedAt: now })}`;
      return stands();
    });
  });
}

/** Changes a job's own fields over the version their author saw; a closed job is a record and stays as it is. */
export async function changeJob(id: string, input: unknown): Promise<JobSheet['job']> {
  const { version, body } = versioned(input);
  const changes = accept(parseWith(jobChangesSchema, body));
  const { odometerKm, ...plain } = changes;
  const odometerM = odometerKm === undefined ? undefined : fromKilometres(odometerKm);
  const columns = definedOf({ ...plain, odometerM });
  if (Object.keys(columns).length === 0) {
    throw refused([
      {
        code: 'missing',
        path: 'body',
        value: 'nothing',
        accepted: `one of ${Object.keys(jobChangesSchema.shape).join(', ')}`,
      },
    ]);
  }
  refuseUnlessTold(notDrivers(Object.keys(changes)).length === 0);
  const jobId = knownId('job', id);
  return database('tell').begin(async (tx) => {
    const written = await tx`
      update jobs set ${tx(columns)}, version = version + 1
      where id = ${jobId} and version = ${version} and closed_at is null returning 1`;
    const { job } = await getSheet(jobId, tx);
    if (written.length === 0 && !isAlready(job, changes))
      throw stale(job.closedAt ? 'The job was closed; it' : 'The job', job);
    if (odometerKm !== undefined)
      await refuseBackwards(tx, job.carId, odometerKm, { on: job.openedAt.slice(0, 10), jobId });
    return job;
  });
}

/** Whether the job says already what is asked for: a change that landed before, and is sent again, is no conflict. */
function isAlready(job: JobSheet['job'], changes: Partial<JobFields>): boolean {
  return (Object.keys(changes) as (keyof JobFields)[]).every((field) => {
    const [stands, asked] = [job[field], changes[field]];
    if (field !== 'neededAt' || stands === null || asked === null) return sameContent(stands, asked);
    return Date.parse(stands as string) === Date.parse(asked as string);
  });
}
