import { parseWith } from '../../core/issues/zod';
import { jobChangesSchema, newJobSchema } from '../../core/job/schemas';
import type { JobSheet } from '../../core/job/sheet';
import { getCar } from '../cars/queries';
import { database } from '../db/sql';
import { notFound, refused, stale } from '../failure';
import { accept } from '../http/route';
import { versioned } from '../http/versioned';
import { knownId } from '../ids';
import { getSheet } from './queries';

/** Opens a job on a car; sending it twice opens it once. */
export async function openJob(input: unknown, now = new Date()): Promise<JobSheet> {
  const job = accept(parseWith(newJobSchema, input));
  return database().begin(async (tx) => {
    await getCar(job.carId, tx);
    await tx`
      insert into jobs ${tx({ id: job.id, car_id: job.carId, complaint: job.complaint, needed_at: job.neededAt, opened_at: now })}
      on conflict (id) do nothing`;
    return getSheet(job.id, tx);
  });
}

const COLUMNS = {
  complaint: 'complaint',
  whenWhere: 'when_where',
  history: 'history',
  helper: 'helper',
  wheelsOff: 'wheels_off',
  place: 'place',
  missing: 'missing',
  neededAt: 'needed_at',
  summary: 'summary',
} as const;

/** Changes a job's own fields over the version their author saw; a closed job is a record and stays as it is. */
export async function changeJob(id: string, input: unknown): Promise<JobSheet['job']> {
  const { version, body } = versioned(input);
  const changes = accept(parseWith(jobChangesSchema, body));
  const columns = Object.fromEntries(
    Object.entries(changes)
      .filter(([, value]) => value !== undefined)
      .map(([field, value]) => [COLUMNS[field as keyof typeof COLUMNS], value]),
  );
  if (Object.keys(columns).length === 0) {
    throw refused([
      {
        code: 'missing',
        path: 'body',
        value: 'nothing',
        accepted: `one of ${Object.keys(COLUMNS).join(', ')}`,
      },
    ]);
  }
  knownId('job', id);
  return database().begin(async (tx) => {
    const written = await tx`
      update jobs set ${tx(columns)}, version = version + 1
      where id = ${id} and version = ${version} and closed_at is null returning 1`;
    const { job } = await getSheet(id, tx).catch(() => {
      throw notFound('job', id);
    });
    if (written.length === 0) throw stale(job.closedAt ? 'The job was closed; it' : 'The job', job);
    return job;
  });
}
