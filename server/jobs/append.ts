import { runCalc } from '../../core/calc/registry';
import { checkFinding, unknownId } from '../../core/casefile/findings';
import { CAUSES } from '../../core/diagnosis/vocabulary/causes';
import { FINDINGS } from '../../core/diagnosis/vocabulary/findings';
import type { Issue } from '../../core/issues/issue';
import { parseWith } from '../../core/issues/zod';
import { readingRefused } from '../../core/job/applies';
import { newAnswerSchema, newReadingSchema } from '../../core/job/schemas';
import type { AnswerRow, ReadingRow } from '../../core/job/sheet';
import { getCar } from '../cars/queries';
import { database, type Sql } from '../db/sql';
import { Failure, notFound, refused, stale } from '../failure';
import { accept } from '../http/route';
import { knownId } from '../ids';
import { answerFromRow, readingFromRow } from './rows';

/** Writes an answer down. It replaces the one its author saw, or none; somebody else's in between is not overwritten. */
export async function addAnswer(jobId: string, input: unknown, now = new Date()): Promise<AnswerRow> {
  const answer = accept(parseWith(newAnswerSchema, input));
  refuseIssues(answerIssues(answer));
  return database().begin(async (tx) => {
    await lockOpenJob(jobId, tx);
    const row = {
      job_id: jobId,
      phase: answer.phase,
      finding: answer.finding,
      place: answer.place,
      state: answer.state,
      why: answer.why,
    };
    const same = await tx`select * from findings where id = ${answer.id}`;
    if (same[0]) return sameOrStale(answerFromRow(same[0]), answer, 'That answer');
    const standing = await tx`
      select * from findings f where job_id = ${jobId} and phase = ${answer.phase} and finding = ${answer.finding} and place = ${answer.place}
        and not exists (select 1 from findings later where later.replaces = f.id)`;
    refuseOvertaken(standing[0] && answerFromRow(standing[0]), answer.replaces, 'That answer');
    const [written] = await tx`
      insert into findings ${tx({ id: answer.id, ...row, replaces: answer.replaces, recorded_at: now })} returning *`;
    return answerFromRow(written!);
  });
}

/** Writes a reading down, after its calc has accepted it. */
export async function addReading(jobId: string, input: unknown, now = new Date()): Promise<ReadingRow> {
  const reading = accept(parseWith(newReadingSchema, input));
  if (reading.input !== null) {
    const outcome = runCalc(reading.kind, reading.input);
    if (!outcome.ok) throw refused(outcome.issues);
  }
  return database().begin(async (tx) => {
    const carId = await lockOpenJob(jobId, tx);
    const elsewhere = readingRefused(reading.kind, reading.corner, await getCar(carId, tx));
    if (elsewhere && reading.input !== null)
      throw refused([{ code: 'refused', path: 'corner', value: reading.corner, accepted: elsewhere }]);
    const same = await tx`select * from readings where id = ${reading.id}`;
    if (same[0]) return sameOrStale(readingFromRow(same[0]), reading, 'That reading');
    const standing = await tx`
      select * from readings r where job_id = ${jobId} and phase = ${reading.phase} and kind = ${reading.kind} and corner = ${reading.corner}
        and not exists (select 1 from readings later where later.replaces = r.id)`;
    refuseOvertaken(standing[0] && readingFromRow(standing[0]), reading.replaces, 'That reading');
    const { id, phase, kind, corner, entered, replaces, why } = reading;
    const [written] = await tx`
      insert into readings ${tx({ id, job_id: jobId, phase, kind, corner, input: reading.input === null ? null : tx.json(reading.input as never), entered: tx.json(entered), replaces, why, recorded_at: now })}
      returning *`;
    return readingFromRow(written!);
  });
}

/** An answer must be in the vocabulary, at a place it can have. */
function answerIssues(answer: { finding: string; state: string | null; place: string }): Issue[] {
  const corner = ['FL', 'FR', 'RL', 'RR'].includes(answer.place);
  const known = FINDINGS.find((finding) => finding.id === answer.finding);
  if (!known)
    return [
      unknownId(
        'finding',
        answer.finding,
        FINDINGS.map((finding) => finding.id),
      ),
    ];
  const { issues } = checkFinding(
    {
      id: answer.finding,
      state: answer.state ?? known.states[0],
      ...(corner ? { corner: answer.place as never } : {}),
      ...(answer.place === 'front' || answer.place === 'rear' ? { axle: answer.place } : {}),
    },
    'answer',
  );
  return issues;
}

/** A cause must be in the vocabulary. */
export function causeIssues(cause: string | null, path: string): Issue[] {
  const known = CAUSES.map((each) => each.id as string);
  return cause === null || known.includes(cause) ? [] : [unknownId(path, cause, known)];
}

export function refuseIssues(issues: Issue[]): void {
  if (issues.length > 0) throw refused(issues);
}

/**
 * Holds the job's row while writing to it, so that two writers come one after the other; a closed job takes nothing.
 * @returns the id of its car
 */
export async function lockOpenJob(jobId: string, tx: Sql): Promise<string> {
  const [job] = await tx`select car_id, closed_at from jobs where id = ${knownId('job', jobId)} for update`;
  if (!job) throw notFound('job', jobId);
  if (job.closed_at)
    throw new Failure('stale', 'The job has been closed; its record stays as it is.', {
      current: { closedAt: job.closed_at },
    });
  return job.car_id;
}

/** A repeated send of the same thing is answered with what stands; the same id for something else is refused. */
function sameOrStale<T extends { phase: string; replaces: string | null }>(
  written: T,
  sent: Record<string, unknown>,
  what: string,
): T {
  const comparable = (value: unknown) =>
    JSON.stringify(value, (_, each) =>
      each && typeof each === 'object' && !Array.isArray(each)
        ? Object.fromEntries(Object.entries(each).sort())
        : each,
    );
  const differs = Object.entries(sent).some(
    ([field, value]) => comparable(value) !== comparable((written as Record<string, unknown>)[field]),
  );
  if (differs) throw stale(`${what} (sent again under the same id with another content)`, written);
  return written;
}

function refuseOvertaken(standing: { id: string } | undefined, replaces: string | null, what: string): void {
  if ((standing?.id ?? null) !== replaces) throw stale(what, standing ?? null);
}
