import { type FindingId, findingOf } from '../readings/vocabulary/findings';
import { isAbnormal } from '../readings/vocabulary/several';
import type { ProofDrive } from './proofDrive';
import type { JobSheet } from './sheet';
import { standingAnswers } from './standing';

/**
 * Where the proof on the road or track stands: nothing was complained of, it is still to be driven, out, or back from a
 * drive since the last of the work.
 */
export type OutProof = { state: 'not_asked' | 'wanted' } | { state: 'out' | 'back'; drive: ProofDrive };

/** Whether a question is a complaint that a drive can bring back; what only tells how it was follows from one. */
export function isComplaint(id: FindingId): boolean {
  const { stage, after } = findingOf(id);
  return stage === 'complaint' && after === undefined;
}

/** Where the proof on the road or track stands. A car that went out is out until somebody says that it is back. */
export function outProof(sheet: JobSheet): OutProof {
  const drive = sheet.proofDrives.at(-1);
  if (drive && !drive.back) return { state: 'out', drive };
  const worked = workedAt(sheet);
  if (drive && (worked === undefined || drive.outAt >= worked)) return { state: 'back', drive };
  return { state: hasComplaint(sheet) ? 'wanted' : 'not_asked' };
}

/** From when on an answer says something of a complaint: the drive that counts, or else the last of the work. */
export function complaintsSince(sheet: JobSheet): string | undefined {
  const out = outProof(sheet);
  return 'drive' in out ? out.drive.outAt : workedAt(sheet);
}

/** When anything of the work was last done: what was driven before says nothing of the car as it is. */
function workedAt({ ticks }: Pick<JobSheet, 'ticks'>): string | undefined {
  return ticks
    .map((tick) => tick.tickedAt)
    .sort()
    .at(-1);
}

function hasComplaint({ answers }: Pick<JobSheet, 'answers'>): boolean {
  return standingAnswers(answers, 'before').some(
    (row) => isComplaint(row.finding) && isAbnormal(row.finding, row.state!),
  );
}
