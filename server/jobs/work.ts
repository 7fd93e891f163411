import type { Issue } from '../../core/base/issues/issue';
import { parseWith } from '../../core/base/issues/zod';
import { worksUnderWay } from '../../core/job/closing';
import { derivedAnswers, pastLimitAt } from '../../core/job/current';
import { openHolds } from '../../core/job/holds';
import { knownOf } from '../../core/job/known';
import { pastLimitWords } from '../../core/job/pastLimit';
import {
  type NewWork,
  newProofSchema,
  newTickSchema,
  newVerdictSchema,
  newWorkSchema,
} from '../../core/job/schemas';
import type { JobSheet, ProofRow, VerdictRow } from '../../core/job/sheet';
import { signingIssues } from '../../core/job/signing';
import { bedInSchema } from '../../core/planning/bedin/schema';
import { bleedInputSchema } from '../../core/planning/bleed/schema';
import { planWork, type WorkPlan } from '../../core/planning/plan';
import type { TickRow, WorkRow } from '../../core/planning/run/rows';
import { planOf } from '../../core/planning/run/run';
import {
  drivenWhileApart,
  drivenWhileHeld,
  pastLimitIssues,
  tickIssues,
} from '../../core/planning/run/tickIssues';
import { canJoin } from '../../core/planning/visits';
import type { RowOf } from '../db/rows';
import { database, type Sql } from '../db/sql';
import { accept, notFound, stale } from '../failure';
import { verdictAside } from '../heavy/judge';
import { knownId } from '../ids';
import { once } from '../once';
import { getShop } from '../shop/queries';
import { causeIssues, lockOpenJob, refuseIssues } from './append';
import { settleFluid } from './fluid';
import { getSheet } from './queries';
import { proofFromRow, tickFromRow, verdictFromRow, workFromRow } from './rows';

/** Takes the verdict down as it stands now, with the answers it used and the versions it was made by. */
export async function recordVerdict(jobId: string, input: unknown, now = new Date()): Promise<VerdictRow> {
  const { id, decided } = accept(parseWith(newVerdictSchema, input));
  refuseIssues(causeIssues(decided, 'decided'));
  const job = knownId('job', jobId);
  return database('work').begin((tx) =>
    once(
      tx,
      { id, kind: 'verdict', target: job, content: { decided } },
      async () =>
        verdictFromRow((await tx<RowOf<'verdicts'>[]>`select * from verdicts where id = ${id}`)[0]!),
      async () => {
        const { at } = await lockOpenJob(job, tx, now);
        return writeVerdict(tx, await getSheet(job, tx), id, decided, at);
      },
    ),
  );
}

/** Within a transaction that holds the job. */
export async function writeVerdict(
  tx: Sql,
  sheet: JobSheet,
  id: string,
  decided: string | null,
  at: Date,
): Promise<VerdictRow> {
  const verdict = await verdictAside(sheet);
  const leading = verdict.causes
    .slice(0, 8)
    .map(({ id: cause, probability, corner, evidence }) => ({ id: cause, probability, corner, evidence }));
  const kept = {
    leading,
    unlisted: verdict.unlisted,
    holds: verdict.holds.map((hold) => hold.id),
    contradictions: verdict.contradictions,
    exact: verdict.exact,
  };
  const used = {
    answers: sheet.answers.map((row) => row.id),
    readings: sheet.readings.map((row) => row.id),
    derived: derivedAnswers(sheet.readings, 'before'),
  };
  const [row] = await tx<RowOf<'verdicts'>[]>`
    insert into verdicts ${tx({
      id,
      jobId: sheet.job.id,
      findings: tx.json(used as never),
      verdict: tx.json(kept as never),
      engine: verdict.engine,
      knowledge: verdict.knowledge,
      decided,
      madeAt: at,
    })} returning *`;
  return verdictFromRow(row!);
}

/** Adds a piece of work: a job of the library, planned for this car under the shop's ways, and kept as planned. */
export async function addWork(jobId: string, input: unknown, now = new Date()): Promise<WorkRow> {
  const work = accept(parseWith(newWorkSchema, input));
  refuseIssues(causeIssues(work.cause, 'cause'));
  const job = knownId('job', jobId);
  return database('work').begin((tx) =>
    once(
      tx,
      { id: work.id, kind: 'work', target: job, content: work },
      async () => workFromRow((await tx<RowOf<'works'>[]>`select * from works where id = ${work.id}`)[0]!),
      async () => {
        const { at } = await lockOpenJob(job, tx, now);
        const sheet = await getSheet(job, tx);
        const plan = await planFor(sheet, work, tx);
        refuseIssues(joiningIssues(sheet, work, plan, at));
        const row = {
          id: work.id,
          jobId: job,
          visit: work.visit,
          procedure: work.procedure,
          cause: work.cause,
          title: work.title,
          before: work.before,
          measuredBy: work.measuredBy === null ? null : tx.json(work.measuredBy as never),
          plan: tx.json(plan as never),
          addedAt: at,
        };
        const [written] = await tx<RowOf<'works'>[]>`insert into works ${tx(row)} returning *`;
        return workFromRow(written!);
      },
    ),
  );
}

/** A work joins a visit only while that can still take it in. */
function joiningIssues({ works, ticks }: JobSheet, work: NewWork, plan: WorkPlan, at: Date): Issue[] {
  const { visit, id, procedure } = work;
  const added = { id, procedure, plan, addedAt: at.toISOString() };
  if (visit === null || canJoin(visit, works, ticks, added)) return [];
  return [
    {
      code: 'refused',
      path: 'visit',
      value: visit,
      accepted: 'a work of this job that is not over, has not begun to close the car, and shares its steps',
    },
  ];
}

/** The plan of a new work; a bleed that cannot be (a pressure over the reservoir's ceiling) is refused as the command refuses it. */
async function planFor(sheet: JobSheet, work: NewWork, tx: Sql): Promise<WorkPlan> {
  const plan = planWork(sheet.car, await getShop(tx), knownOf(sheet), work);
  if (plan.bleed) accept(parseWith(bleedInputSchema, plan.bleed.input));
  if (plan.bedIn) accept(parseWith(bedInSchema, plan.bedIn.input));
  return plan;
}

/** Ticks a step of a work, writes down what was found at it, or leaves the work undone. */
export async function addTick(workId: string, input: unknown, now = new Date()): Promise<TickRow> {
  const tick = accept(parseWith(newTickSchema, input));
  const on = knownId('work', workId);
  return database('work').begin((tx) =>
    once(
      tx,
      { id: tick.id, kind: 'tick', target: on, content: tick },
      async () => tickFromRow((await tx<RowOf<'ticks'>[]>`select * from ticks where id = ${tick.id}`)[0]!),
      async () => {
        const [work] = await tx<RowOf<'works'>[]>`select * from works where id = ${on}`;
        if (!work) throw notFound('work', workId);
        const { at } = await lockOpenJob(work.jobId, tx, now);
        const sheet = await getSheet(work.jobId, tx);
        const { steps } = planOf(sheet.works.find((each) => each.id === on)!);
        const begun = sheet.ticks.some((each) => each.workId === on);
        refuseIssues(tickIssues(steps, tick, begun));
        const step = steps.find((each) => each.id === tick.step);
        if (step)
          refuseIssues(pastLimitIssues(step, tick, pastLimitWords(pastLimitAt(step, sheet.readings))));
        if (tick.done && step?.drives) {
          const others = worksUnderWay(sheet).filter((each) => each.id !== on);
          refuseIssues([...drivenWhileHeld(step, openHolds(sheet)), ...drivenWhileApart(step, others)]);
        }
        const row = {
          id: tick.id,
          workId: on,
          step: tick.step,
          done: tick.done,
          note: tick.note,
          record: tx.json(tick.record as never),
          tickedAt: at,
        };
        const [written] = await tx<RowOf<'ticks'>[]>`insert into ticks ${tx(row)} returning *`;
        const landed = tickFromRow(written!);
        await settleFluid(tx, { ...sheet, ticks: [...sheet.ticks, landed] }, on, at);
        return landed;
      },
    ),
  );
}

/** Signs the evidence of a hold that is on; refused while any of it is missing. */
export async function proveHold(jobId: string, input: unknown, now = new Date()): Promise<ProofRow> {
  const proof = accept(parseWith(newProofSchema, input));
  const job = knownId('job', jobId);
  return database('work').begin((tx) =>
    once(
      tx,
      { id: proof.id, kind: 'proof', target: job, content: proof },
      async () =>
        proofFromRow(
          (await tx<RowOf<'hold_proofs'>[]>`select * from hold_proofs where id = ${proof.id}`)[0]!,
        ),
      async () => {
        const { at } = await lockOpenJob(job, tx, now);
        const holds = openHolds(await getSheet(job, tx));
        const hold = holds.find((each) => each.id === proof.hold);
        if (!hold) throw stale('That hold', holds);
        refuseIssues(signingIssues(hold));
        const [row] = await tx<RowOf<'hold_proofs'>[]>`
          insert into hold_proofs ${tx({ id: proof.id, jobId: job, hold: proof.hold, how: proof.how, provedBy: proof.by, provedAt: at })} returning *`;
        return proofFromRow(row!);
      },
    ),
  );
}
