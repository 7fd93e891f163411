import type { Phase } from '../readings/phase';
import type { AnswerRow } from './sheet';

/** An answer put right within a minute is a slip of the finger, not a correction. Common practice, no source. */
const SLIP_MS = 60_000;

/** Whether a row was taken back or replaced at once. */
function isSlip(row: Pick<AnswerRow, 'id' | 'recordedAt'>, rows: readonly AnswerRow[]): boolean {
  const next = rows.find((each) => each.replaces === row.id);
  return next !== undefined && Date.parse(next.recordedAt) - Date.parse(row.recordedAt) < SLIP_MS;
}

/**
 * Rows that put an earlier answer right: not the slips, not what was taken back at once, and not the same said again.
 */
export function corrections(rows: readonly AnswerRow[]): AnswerRow[] {
  return rows.filter((row) => {
    const old = rows.find((each) => each.id === row.replaces);
    return old !== undefined && old.state !== row.state && old.state !== null && !isSlip(old, rows);
  });
}

/** Every answer of a phase that was meant, those replaced later included. */
export function lastingAnswers(rows: readonly AnswerRow[], phase: Phase): AnswerRow[] {
  return rows.filter((row) => row.phase === phase && row.state !== null && !isSlip(row, rows));
}
