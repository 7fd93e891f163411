import { type DerivedFinding, derivedTogether, deriveFindings, mergeFindings } from '../casefile/derive';
import type { AnswerRow, Phase, ReadingRow } from './sheet';
import { givenFrom, standing, standingAnswers } from './standing';

export type Derived = DerivedFinding & { readingId: string; recordedAt: string };

/** Findings that the readings imply. A reading on file has passed its calc once; one that no longer does implies nothing. */
export function derivedAnswers(rows: readonly ReadingRow[], phase: Phase): Derived[] {
  const read = standing(rows, phase).filter((row) => row.input !== null);
  const alone = read.flatMap((row) =>
    deriveFindings(row, 'reading').derived.map((finding) => ({ ...finding, reading: row })),
  );
  return [...alone, ...derivedTogether(read)].map(({ reading, ...finding }) => ({
    ...finding,
    readingId: reading.id,
    recordedAt: reading.recordedAt,
  }));
}

/** Everything known in a phase: what was answered by hand, and what the readings add. */
export function findingsOf(
  sheet: { answers: readonly AnswerRow[]; readings: readonly ReadingRow[] },
  phase: Phase,
) {
  return mergeFindings(
    standingAnswers(sheet.answers, phase).map(givenFrom),
    derivedAnswers(sheet.readings, phase),
  );
}
