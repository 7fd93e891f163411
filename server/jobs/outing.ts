import { parseWith } from '../../core/base/issues/zod';
import { outingIssues } from '../../core/job/closing';
import type { OutingRow } from '../../core/job/outing';
import { newOutingSchema, outingBackSchema } from '../../core/job/outingSchema';
import { database, type Sql } from '../db/sql';
import { accept, notFound, stale } from '../failure';
import { knownId } from '../ids';
import { once } from '../once';
import { fromCelsius } from '../units';
import { lockOpenJob, refuseIssues } from './append';
import { getSheet } from './queries';
import { outingFromRow } from './rows';

/** Sends a car out on proof; refused while it is apart, held, out already, or its pedal is not proved firm at rest. */
export async function sendOut(jobId: string, input: unknown, now = new Date()): Promise<OutingRow> {
  const outing = accept(parseWith(newOutingSchema, input));
  const job = knownId('job', jobId);
  return database().begin((tx) =>
    once(
      tx,
      { id: outing.id, kind: 'outing', target: job, content: outing },
      () => readOuting(tx, outing.id),
      async () => {
        const { at } = await lockOpenJob(job, tx, now);
        const sheet = await getSheet(job, tx);
        const last = sheet.outings.at(-1);
        if (last && !last.back) throw stale('The car is out; that', last);
        refuseIssues(outingIssues(sheet));
        const { id, driver, terms, dueOn } = outing;
        await tx`insert into outings ${tx({ id, job_id: job, driver, terms, due_on: dueOn, out_at: at })}`;
        return readOuting(tx, id);
      },
    ),
  );
}

/** The car is back: how far it went, in what air. */
export async function comeBack(outingId: string, input: unknown, now = new Date()): Promise<OutingRow> {
  const back = accept(parseWith(outingBackSchema, input));
  const outing = knownId('outing', outingId);
  return database().begin((tx) =>
    once(
      tx,
      { id: back.id, kind: 'outing_back', target: outing, content: back },
      () => readOuting(tx, outing),
      async () => {
        const [row] = await tx`select job_id from outings where id = ${outing}`;
        if (!row) throw notFound('outing', outingId);
        const { at } = await lockOpenJob(row.job_id, tx, now);
        const landed = await tx`
          update outings set ${tx({ back_id: back.id, back_at: at, laps: back.laps, air_k: fromCelsius(back.airC), note: back.note })}
          where id = ${outing} and back_id is null returning 1`;
        if (landed.length === 0) throw stale('That the car is back', await readOuting(tx, outing));
        return readOuting(tx, outing);
      },
    ),
  );
}

async function readOuting(tx: Sql, id: string): Promise<OutingRow> {
  const [row] = await tx`select * from outings where id = ${id}`;
  return outingFromRow(row!);
}
