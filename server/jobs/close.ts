import { checkCauses } from '../../core/casefile/findings';
import { parseWith } from '../../core/issues/zod';
import { closingIssues } from '../../core/job/closing';
import { closingSchema } from '../../core/job/closingSchema';
import type { JobSheet } from '../../core/job/sheet';
import { planOf, runOf } from '../../core/work/run';
import { database } from '../db/sql';
import { stale } from '../failure';
import { accept } from '../http/route';
import { versioned } from '../http/versioned';
import { idFromContent } from '../ids';
import { lockOpenJob, refuseIssues } from './append';
import { getSheet } from './queries';
import { writeVerdict } from './work';

/** Jobs after which the car holds new fluid throughout. */
const FILLS = ['flush', 'wrong_fluid'];

/**
 * Closes a job: the last verdict, the outcome, the causes confirmed and what is due next, in one transaction. A finished
 * flush also sets the car's fill date. Refused while a hold is open or the pedal is not proved.
 */
export async function closeJob(jobId: string, input: unknown, now = new Date()): Promise<JobSheet> {
  const { version, body } = versioned(input);
  const closing = accept(parseWith(closingSchema, body));
  refuseIssues(checkCauses(closing.confirmed, 'confirmed'));
  return database().begin(async (tx) => {
    const already = await tx`select closed_at, version from jobs where id::text = ${jobId}`;
    // A repeated send of the closing that landed is answered with the record.
    if (already[0]?.closed_at && already[0].version === version + 1) return getSheet(jobId, tx);
    await lockOpenJob(jobId, tx);
    const sheet = await getSheet(jobId, tx);
    refuseIssues(closingIssues(sheet, closing));
    if (sheet.job.version !== version) throw stale('The job', sheet.job);
    await writeVerdict(
      tx,
      jobId,
      idFromContent(`${jobId} closing`),
      sheet.verdicts.at(-1)?.decided ?? null,
      now,
    );
    await tx`
      update jobs set outcome = ${closing.outcome}, summary = ${closing.summary}, closed_by = ${closing.by}, closed_at = ${now}, version = version + 1
      where id = ${jobId}`;
    for (const cause of new Set(closing.confirmed))
      await tx`insert into job_causes ${tx({ job_id: jobId, cause })}`;
    for (const next of closing.next) {
      await tx`insert into follow_ups ${tx({ id: next.id, car_id: sheet.job.carId, job_id: jobId, what: next.what, due_on: next.dueOn })} on conflict (id) do nothing`;
    }
    const flushed = sheet.works.some(
      (work) =>
        FILLS.includes(planOf(work).procedure ?? work.procedure) &&
        runOf(work, sheet.ticks).state === 'finished',
    );
    if (flushed) {
      await tx`update cars set fluid_filled_on = ${now.toISOString().slice(0, 10)}, version = version + 1 where id = ${sheet.job.carId}`;
    }
    return getSheet(jobId, tx);
  });
}
