import type { GivenFinding } from '../readings/given';
import type { Phase } from '../readings/phase';
import { statesIn } from '../readings/vocabulary/several';
import type { AnswerRow, ReadingRow } from './sheet';

type Chained = { id: string; replaces: string | null; phase: Phase };

/** The rows that stand: those that no later row replaces. */
export function standing<T extends Chained>(rows: readonly T[], phase: Phase): T[] {
  const replaced = new Set(rows.map((row) => row.replaces));
  return rows.filter((row) => row.phase === phase && !replaced.has(row.id));
}

/** The row at the head of one slot's chain, taken back or not; what a new row has to replace. */
export function headOf<T extends Chained>(
  rows: readonly T[],
  phase: Phase,
  same: (row: T) => boolean,
): T | undefined {
  return standing(rows, phase).find(same);
}

/** The readings that stand, before and after the work, in that order. */
export function standingReadings({ readings }: { readings: readonly ReadingRow[] }): ReadingRow[] {
  return (['before', 'after'] as const)
    .flatMap((phase) => standing(readings, phase))
    .filter((row) => row.input !== null);
}

/** The answers that stand, as the diagnosis takes them. */
export function standingAnswers(rows: readonly AnswerRow[], phase: Phase): AnswerRow[] {
  return standing(rows, phase).filter((row) => row.state !== null);
}

/** An answer row as findings: one for each state that it names. */
export function givenFrom(row: AnswerRow): GivenFinding[] {
  const place = row.place === '' ? {} : { place: row.place };
  return statesIn(row.state!).map((state) => ({ id: row.finding, state, ...place }));
}

/** What stands answered by hand in a phase, as findings. */
export function givenIn(answers: readonly AnswerRow[], phase: Phase): GivenFinding[] {
  return standingAnswers(answers, phase).flatMap(givenFrom);
}
