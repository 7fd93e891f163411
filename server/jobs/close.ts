import { dayIn } from '../../core/base/day';
import { parseWith } from '../../core/base/issues/zod';
import { checkCauses } from '../../core/exchange/casefile/findings';
import { closingIssues } from '../../core/job/closing';
import { type Closing, closingSchema } from '../../core/job/closingSchema';
import { fillOffered } from '../../core/job/fillOffered';
import type { JobSheet } from '../../core/job/sheet';
import { clearAtOf } from '../../core/planning/bleed/taught';
import { runOf } from '../../core/planning/run/run';
import { minutesToLearn } from '../../core/planning/run/took';
import { database, type Sql } from '../db/sql';
import { accept, stale } from '../failure';
import { writeFill } from '../fills/actions';
import { versioned } from '../http/versioned';
import { idFromContent, knownId } from '../ids';
import { once, type Write } from '../once';
import { getShop } from '../shop/queries';
import { fromKilometres } from '../units';
import { lockOpenJob, refuseIssues } from './append';
import { getSheet } from './queries';
import { writeVerdict } from './work';

/**
 * Closes a job: the last verdict, the outcome, the causes confirmed and what is due next, in one transaction. A finished
 * flush also writes the car's fill. Refused while a hold is open or the pedal is not proved.
 */
export async function closeJob(jobId: string, input: unknown, now = new Date()): Promise<JobSheet> {
  const { version, body } = versioned(input);
  const closing = accept(parseWith(closingSchema, body));
  refuseIssues(checkCauses(closing.confirmed, 'confirmed'));
  const job = knownId('job', jobId);
  const write: Write = {
    id: idFromContent(`${job} closing`),
    kind: 'closing',
    target: job,
    content: { version, ...closing },
  };
  return database('work').begin((tx) =>
    once(
      tx,
      write,
      () => getSheet(job, tx),
      async () => {
        const { at } = await lockOpenJob(job, tx, now);
        const sheet = await getSheet(job, tx);
        refuseIssues(closingIssues(sheet, closing));
        if (sheet.job.version !== version) throw stale('The job', sheet.job);
        await writeVerdict(tx, sheet, write.id, sheet.verdicts.at(-1)?.decided ?? null, at);
        await tx`
          update jobs set outcome = ${closing.outcome}, summary = ${closing.summary}, closed_by = ${closing.by}, closed_by_person = acting_person(), bed_in_told = ${closing.bedInTold ?? ''}, closed_at = ${at}, version = version + 1
          where id = ${job}`;
        const causes = [...new Set(closing.confirmed)].map((cause) => ({ jobId: job, cause }));
        if (causes.length > 0) await tx`insert into job_causes ${tx(causes)}`;
        for (const next of closing.next) await addFollowUp(tx, sheet, next, at);
        await noteFill(tx, sheet, closing.fill, at);
        await noteClearAt(tx, sheet);
        await noteMinutes(tx, sheet);
        return getSheet(job, tx);
      },
    ),
  );
}

async function addFollowUp(
  tx: Sql,
  { job, odometer }: JobSheet,
  { id, what, dueOn, temporary }: Closing['next'][number],
  at: Date,
): Promise<void> {
  const row = { id, carId: job.carId, jobId: job.id, what, dueOn };
  const limits = temporary && {
    temporary: true,
    why: temporary.why,
    successor: temporary.successor,
    madeOn: dayIn((await getShop(tx)).timeZone, at),
    sessions: temporary.sessions,
    distanceM: fromKilometres(temporary.km),
    fromM: fromKilometres(job.odometerKm ?? odometer?.km ?? null),
  };
  await once(
    tx,
    { id, kind: 'follow_up', target: job.id, content: { what, dueOn, ...(temporary ? { temporary } : {}) } },
    async () => {},
    async () => {
      await tx`insert into follow_ups ${tx({ ...row, ...limits })}`;
    },
  );
}

/** What each bleeder took to run clear, for this car's next plan. */
async function noteClearAt(tx: Sql, { job, works, ticks }: JobSheet): Promise<void> {
  const clearAt = Object.assign({}, ...works.map((work) => clearAtOf(runOf(work, ticks))));
  if (Object.keys(clearAt).length > 0)
    await tx`update cars set clear_at_ml = clear_at_ml || ${tx.json(clearAt)}, version = version + 1 where id = ${job.carId}`;
}

/** What each work took, for the plans to come. */
async function noteMinutes(tx: Sql, { works, ticks }: JobSheet): Promise<void> {
  for (const work of works) {
    const minutes = minutesToLearn(work, ticks);
    if (minutes !== undefined) await tx`update works set took_min = ${minutes} where id = ${work.id}`;
  }
}

/** A finished flush is the car's new fill, on the day it is where the shop stands, as it was told or as its run tells. */
async function noteFill(tx: Sql, sheet: JobSheet, told: Closing['fill'], at: Date): Promise<void> {
  const { timeZone } = await getShop(tx);
  const offered = fillOffered(sheet, { timeZone, today: dayIn(timeZone, at) });
  if (!offered) return;
  const { id, carId } = sheet.job;
  await writeFill(tx, told ?? offered, { id: idFromContent(`${id} fill`), carId, jobId: id, at });
}
