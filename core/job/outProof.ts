import { type FindingId, findingOf } from '../readings/vocabulary/findings';
import { isAbnormal } from '../readings/vocabulary/several';
import type { OutingRow } from './outing';
import type { JobSheet } from './sheet';
import { standingAnswers } from './standing';

/** Where the proof on the road or track stands: nothing was complained of, it is still to be driven, out, or back. */
export type OutProof = {
  state: 'not_asked' | 'wanted' | 'out' | 'back';
  /** The outing that counts: none that was driven before the last of the work. */
  outing?: OutingRow;
};

/** Whether a question is a complaint that a drive can bring back; what only tells how it was follows from one. */
export function isComplaint(id: FindingId): boolean {
  const { stage, after } = findingOf(id);
  return stage === 'complaint' && after === undefined;
}

/** When anything of the work was last done: what was driven before says nothing of the car as it is. */
export function workedAt({ ticks }: Pick<JobSheet, 'ticks'>): string | undefined {
  return ticks
    .map((tick) => tick.tickedAt)
    .reduce<string | undefined>((last, at) => later(last, at), undefined);
}

function later(last: string | undefined, at: string): string {
  return last !== undefined && last > at ? last : at;
}

/** Where the proof on the road or track stands. */
export function outProof(sheet: JobSheet): OutProof {
  const outing = sheet.outings.at(-1);
  const worked = workedAt(sheet);
  if (outing && (worked === undefined || outing.outAt >= worked))
    return { state: outing.back ? 'back' : 'out', outing };
  return { state: toldComplaints(sheet).length > 0 ? 'wanted' : 'not_asked' };
}

function toldComplaints({ answers }: Pick<JobSheet, 'answers'>) {
  return standingAnswers(answers, 'before').filter(
    (row) => isComplaint(row.finding) && isAbnormal(row.finding, row.state!),
  );
}
