import type { Issue } from '../../core/base/issues/issue';
import { unknownId } from '../../core/base/issues/unknown';
import { parseWith } from '../../core/base/issues/zod';
import { axleOf, type Place } from '../../core/car/corner';
import { CAUSES } from '../../core/diagnosis/causes';
import { placeFields } from '../../core/diagnosis/verdict';
import { runCalc } from '../../core/exchange/calcs';
import { checkFinding } from '../../core/exchange/casefile/findings';
import { isDriversAnswer } from '../../core/job/driverTells';
import { newAnswerSchema, newReadingSchema } from '../../core/job/schemas';
import type { AnswerRow, ReadingRow } from '../../core/job/sheet';
import { readingRefused } from '../../core/readings/applies';
import { CALCS_VERSION } from '../../core/readings/version';
import { FINDINGS, type FindingId } from '../../core/readings/vocabulary/findings';
import { statesIn, togetherSaid } from '../../core/readings/vocabulary/several';
import { withOwnLimits } from '../../core/readings/withOwnLimits';
import { getCar } from '../cars/queries';
import type { RowOf } from '../db/rows';
import { database, type Sql } from '../db/sql';
import { accept, Failure, notFound, refused, stale } from '../failure';
import { knownId } from '../ids';
import { once } from '../once';
import { refuseUnlessTold, seesCar } from '../people/actor';
import { getShop } from '../shop/queries';
import { answerFromRow, readingFromRow } from './rows';

/** Writes an answer down. It replaces the one its author saw, or none; somebody else's in between is not overwritten. */
export async function addAnswer(jobId: string, input: unknown, now = new Date()): Promise<AnswerRow> {
  const answer = accept(parseWith(newAnswerSchema, input));
  refuseIssues(answerIssues(answer));
  const job = knownId('job', jobId);
  refuseUnlessTold(isDriversAnswer(answer.finding as FindingId));
  return database('tell').begin((tx) =>
    once(
      tx,
      { id: answer.id, kind: 'answer', target: job, content: answer },
      async () =>
        answerFromRow((await tx<RowOf<'findings'>[]>`select * from findings where id = ${answer.id}`)[0]!),
      async () => {
        const { at } = await lockOpenJob(job, tx, now);
        const { id, phase, finding, place, state, replaces, why, implied = false } = answer;
        const standing = await tx<RowOf<'findings'>[]>`
          select * from findings f where job_id = ${job} and phase = ${phase} and finding = ${finding} and place = ${place}
            and not exists (select 1 from findings later where later.replaces = f.id)`;
        refuseOvertaken(standing[0] && answerFromRow(standing[0]), replaces, 'That answer');
        const [written] = await tx<RowOf<'findings'>[]>`
          insert into findings ${tx({ id, jobId: job, phase, finding, place, state, why, replaces, implied, recordedAt: at })} returning *`;
        return answerFromRow(written!);
      },
    ),
  );
}

/** Writes a reading down, after its calc has accepted it. */
export async function addReading(jobId: string, input: unknown, now = new Date()): Promise<ReadingRow> {
  const reading = accept(parseWith(newReadingSchema, input));
  if (reading.input !== null) accept(runCalc(reading.kind, reading.input));
  const job = knownId('job', jobId);
  return database('work').begin((tx) =>
    once(
      tx,
      { id: reading.id, kind: 'reading', target: job, content: reading },
      async () =>
        readingFromRow((await tx<RowOf<'readings'>[]>`select * from readings where id = ${reading.id}`)[0]!),
      async () => {
        const { id, phase, kind, corner, input: sent, entered, replaces, why } = reading;
        const { carId, at } = await lockOpenJob(job, tx, now);
        const car = await getCar(carId, tx);
        const elsewhere = readingRefused(kind, corner, car);
        // Held against the limits of this car and shop, whatever the page believed them to be.
        const axle = corner === '' ? undefined : car[axleOf(corner)];
        const figures = sent && withOwnLimits(kind, sent, { car, axle, shop: (await getShop(tx)).limits });
        const result = figures && accept(runCalc(kind, figures));
        if (elsewhere && figures !== null)
          throw refused([{ code: 'refused', path: 'corner', value: corner, accepted: elsewhere }]);
        const standing = await tx<RowOf<'readings'>[]>`
          select * from readings r where job_id = ${job} and phase = ${phase} and kind = ${kind} and corner = ${corner}
            and not exists (select 1 from readings later where later.replaces = r.id)`;
        refuseOvertaken(standing[0] && readingFromRow(standing[0]), replaces, 'That reading');
        const row = {
          id,
          jobId: job,
          phase,
          kind,
          corner,
          entered: tx.json(entered),
          replaces,
          why,
          recordedAt: at,
        };
        const [written] = await tx<
          RowOf<'readings'>[]
        >`insert into readings ${tx({ ...row, ...figureColumns(tx, figures, result) })} returning *`;
        return readingFromRow(written!);
      },
    ),
  );
}

/** A reading's figures with what the calcs of today make of them, limits and all: so it reads from then on. */
export function figureColumns(tx: Sql, input: object | null, result: object | null) {
  return {
    input: input === null ? null : tx.json(input as never),
    result: result === null ? null : tx.json(result as never),
    calcs: result === null ? null : CALCS_VERSION,
  };
}

/** An answer must be in the vocabulary, at a place it can have. */
function answerIssues(answer: { finding: string; state: string | null; place: Place | '' }): Issue[] {
  const known = FINDINGS.find((finding) => finding.id === answer.finding);
  if (!known)
    return [
      unknownId(
        'finding',
        answer.finding,
        FINDINGS.map((finding) => finding.id),
      ),
    ];
  const place = placeFields(answer.place === '' ? undefined : answer.place);
  const states = answer.state === null ? [known.states[0]] : statesIn(answer.state);
  const issues = states.flatMap((state) => checkFinding({ id: known.id, state, ...place }, 'answer').issues);
  if (issues.length > 0 || states.length === 1) return issues;
  const accepted = togetherSaid(known.id, states);
  return answer.state === accepted
    ? []
    : [{ code: 'refused', path: 'answer.state', value: answer.state!, accepted }];
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
 * @returns the id of its car, and the moment to write down: now, or just after the last thing on record when the clock
 * was set back since. The order of a job's record is what proofs, holds and closings go by.
 */
export async function lockOpenJob(jobId: string, tx: Sql, now: Date): Promise<{ carId: string; at: Date }> {
  const [job] = await tx<
    Pick<RowOf<'jobs'>, 'carId' | 'closedAt'>[]
  >`select car_id, closed_at from jobs where id = ${jobId} for no key update`;
  if (!job || !seesCar(job.carId)) throw notFound('job', jobId);
  if (job.closedAt)
    throw new Failure('stale', 'The job has been closed; its record stays as it is.', {
      current: { closedAt: job.closedAt },
    });
  const [last] = await tx`
    select greatest(
      opened_at,
      (select max(recorded_at) from findings where job_id = jobs.id),
      (select max(recorded_at) from readings where job_id = jobs.id),
      (select max(made_at) from verdicts where job_id = jobs.id),
      (select max(added_at) from works where job_id = jobs.id),
      (select max(ticked_at) from ticks join works on works.id = work_id where job_id = jobs.id),
      (select max(proved_at) from hold_proofs where job_id = jobs.id),
      (select max(greatest(out_at, back_at)) from proof_drives where job_id = jobs.id)
    ) as at from jobs where id = ${jobId}`;
  return { carId: job.carId, at: new Date(Math.max(now.getTime(), (last!.at as Date).getTime() + 1)) };
}

function refuseOvertaken(standing: { id: string } | undefined, replaces: string | null, what: string): void {
  if ((standing?.id ?? null) !== replaces) throw stale(what, standing ?? null);
}
