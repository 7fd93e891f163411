import { parseWith } from '../../core/issues/zod';
import { flushPlanOf } from '../../core/job/flush';
import { openHolds } from '../../core/job/holds';
import { judge } from '../../core/job/judgement';
import { newProofSchema, newTickSchema, newVerdictSchema, newWorkSchema } from '../../core/job/schemas';
import type { ProofRow, TickRow, VerdictRow, WorkRow } from '../../core/job/sheet';
import { stepsOf } from '../../core/job/work';
import { database, type Sql } from '../db/sql';
import { notFound, refused, stale } from '../failure';
import { accept } from '../http/route';
import { knownId } from '../ids';
import { getShop } from '../shop/queries';
import { causeIssues, lockOpenJob, refuseIssues } from './append';
import { getSheet } from './queries';
import { proofFromRow, tickFromRow, verdictFromRow, workFromRow } from './rows';

/** Takes the verdict down as it stands now, with the answers it used and the versions it was made by. */
export async function recordVerdict(jobId: string, input: unknown, now = new Date()): Promise<VerdictRow> {
  const { id, decided } = accept(parseWith(newVerdictSchema, input));
  refuseIssues(causeIssues(decided, 'decided'));
  return database().begin(async (tx) => {
    await lockOpenJob(jobId, tx);
    return writeVerdict(tx, jobId, id, decided, now);
  });
}

/** Within a transaction that holds the job. */
export async function writeVerdict(
  tx: Sql,
  jobId: string,
  id: string,
  decided: string | null,
  now: Date,
): Promise<VerdictRow> {
  const [same] = await tx`select * from verdicts where id = ${id}`;
  if (same) return verdictFromRow(same);
  const sheet = await getSheet(jobId, tx);
  const { verdict, derived } = judge(sheet);
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
    derived: derived.before,
  };
  const [row] = await tx`
    insert into verdicts ${tx({
      id,
      job_id: jobId,
      findings: tx.json(used as never),
      verdict: tx.json(kept as never),
      engine: verdict.engine,
      knowledge: verdict.knowledge,
      decided,
      made_at: now,
    })} returning *`;
  return verdictFromRow(row!);
}

/** Starts a piece of work; a flush is planned for this car under the shop's schools, and kept as planned. */
export async function startWork(jobId: string, input: unknown, now = new Date()): Promise<WorkRow> {
  const work = accept(parseWith(newWorkSchema, input));
  refuseIssues(causeIssues(work.cause, 'cause'));
  return database().begin(async (tx) => {
    await lockOpenJob(jobId, tx);
    const [same] = await tx`select * from works where id = ${work.id}`;
    if (same) return workFromRow(same);
    const plan =
      work.kind === 'flush'
        ? flushPlanOf(await getSheet(jobId, tx), await getShop(tx))
        : otherWork(work.title);
    const [row] = await tx`
      insert into works ${tx({ id: work.id, job_id: jobId, kind: work.kind, cause: work.cause, title: work.title, before: work.before, plan: tx.json(plan as never), started_at: now })}
      returning *`;
    return workFromRow(row!);
  });
}

/** Work without a plan of its own yet still goes measure, do, measure again. */
function otherWork(title: string) {
  return {
    steps: [
      {
        id: 'before',
        part: 'Before',
        title: 'Measure what is wrong',
        how: 'Without a figure before, nobody will know what cured it.',
      },
      {
        id: 'do',
        part: 'Corner',
        title,
        how: 'Parts, consumables and torque from the maker. In pairs on an axle.',
      },
      { id: 'after', part: 'Finish', title: 'Measure the same again', how: 'Same place, same gauge.' },
    ],
  };
}

/** Ticks a step of a work. */
export async function addTick(workId: string, input: unknown, now = new Date()): Promise<TickRow> {
  const tick = accept(parseWith(newTickSchema, input));
  return database().begin(async (tx) => {
    const [work] = await tx`select * from works where id = ${knownId('work', workId)}`;
    if (!work) throw notFound('work', workId);
    await lockOpenJob(work.job_id, tx);
    const steps = stepsOf(workFromRow(work));
    if (!steps.some((step) => step.id === tick.step)) {
      throw refused([
        {
          code: 'unknown_id',
          path: 'step',
          value: JSON.stringify(tick.step),
          accepted: `one of ${steps.map((step) => step.id).join(', ')}`,
        },
      ]);
    }
    const [same] = await tx`select * from ticks where id = ${tick.id}`;
    if (same) return tickFromRow(same);
    const [row] = await tx`
      insert into ticks ${tx({ id: tick.id, work_id: workId, step: tick.step, done: tick.done, note: tick.note, ticked_at: now })} returning *`;
    return tickFromRow(row!);
  });
}

/** Records the proof of a hold that is on. */
export async function proveHold(jobId: string, input: unknown, now = new Date()): Promise<ProofRow> {
  const proof = accept(parseWith(newProofSchema, input));
  return database().begin(async (tx) => {
    await lockOpenJob(jobId, tx);
    const [same] = await tx`select * from hold_proofs where id = ${proof.id}`;
    if (same) return proofFromRow(same);
    const holds = openHolds(await getSheet(jobId, tx));
    if (!holds.some((hold) => hold.id === proof.hold)) throw stale('That hold', holds);
    const [row] = await tx`
      insert into hold_proofs ${tx({ id: proof.id, job_id: jobId, hold: proof.hold, how: proof.how, proved_by: proof.by, proved_at: now })} returning *`;
    return proofFromRow(row!);
  });
}
