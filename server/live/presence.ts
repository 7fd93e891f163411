import { z } from 'zod';
import { uuid } from '../../core/base/issues/uuid';
import { parseWith } from '../../core/base/issues/zod';
import { STAGES } from '../../core/job/stage';
import { database } from '../db/sql';
import { accept } from '../failure';
import { jobExists } from '../jobs/queries';
import { actorWith } from '../people/actor';

/** A page that has not been heard of for this long is not there any more, s: it says so itself every twenty. */
const GONE_S = 50;

const hereSchema = z.strictObject({
  page: uuid(),
  stage: z.enum(STAGES),
  question: z.string().max(160),
  gone: z.boolean().default(false),
});

/** Somebody else who has the job open: at which stage, and at which question. */
export type Other = { name: string; stage: (typeof STAGES)[number]; question: string };

/** Says where a page is in a job, and hears who else is there. */
export async function beHere(id: string, input: unknown): Promise<{ others: Other[] }> {
  const { id: personId } = actorWith('own');
  const { page, stage, question, gone } = accept(parseWith(hereSchema, input));
  const job = await jobExists(id);
  // Whoever looks is there, whatever they may do: this is no record.
  const sql = database('open');
  if (gone || personId === null) {
    await sql`delete from presence where page = ${page} and person_id is not distinct from ${personId}`;
    return { others: [] };
  }
  const mine = { page, jobId: job, personId, stage, question };
  await sql`
    insert into presence ${sql(mine)} on conflict (page)
    do update set job_id = excluded.job_id, stage = excluded.stage, question = excluded.question, seen_at = now()
    where presence.person_id = ${personId}`;
  await sql`delete from presence where seen_at < now() - make_interval(secs => ${GONE_S})`;
  const rows = await sql<Other[]>`
    select distinct people.name, stage, question from presence join people on people.id = person_id
    where job_id = ${job} and person_id <> ${personId} order by people.name, stage, question limit 20`;
  return { others: rows.map((row) => ({ name: row.name, stage: row.stage, question: row.question })) };
}
