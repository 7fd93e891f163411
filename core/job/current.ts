import type { Step } from '../planning/run/step';
import { derivedTogether, deriveFindings } from '../readings/derive';
import { mergeFindings } from '../readings/merged';
import type { Phase } from '../readings/phase';
import { type Figures, traceOf } from '../readings/traces';
import type { Derived } from './derived';
import { pastLimitAmong } from './pastLimit';
import type { AnswerRow, ReadingRow } from './sheet';
import { givenIn, standing } from './standing';

/** Findings that the readings imply. A reading on file has passed its calc once; one that no longer does implies nothing. */
export function derivedAnswers(rows: readonly ReadingRow[], phase: Phase): Derived[] {
  const known = memory.get(rows)?.[phase];
  if (known) return known;
  const derived = derive(rows, phase);
  memory.set(rows, { ...memory.get(rows), [phase]: derived });
  return derived;
}

/** A judgement asks for the same several times over; rows are never changed in place. */
const memory = new WeakMap<readonly ReadingRow[], Partial<Record<Phase, Derived[]>>>();

function derive(rows: readonly ReadingRow[], phase: Phase): Derived[] {
  const read = standing(rows, phase).filter((row) => row.input !== null || row.said);
  const alone = read.map((reading) => ({ ...deriveFindings(reading, 'reading'), reading }));
  return [...alone, ...derivedTogether(read)].flatMap(({ derived, reading, result }) =>
    derived.map((finding) => ({
      ...finding,
      readingId: reading.id,
      recordedAt: reading.recordedAt,
      trace:
        result &&
        traceOf(
          finding.from,
          finding.id,
          finding.state,
          result as Figures,
          reading.input ?? reading.unreadable!,
          finding.place,
        ),
    })),
  );
}

/** What a reading taken at a step says is past its limit. */
export function pastLimitAt(step: Pick<Step, 'measure'>, readings: readonly ReadingRow[]): Derived[] {
  return pastLimitAmong(step, readings, {
    before: derivedAnswers(readings, 'before'),
    after: derivedAnswers(readings, 'after'),
  });
}

/** Everything known in a phase: what was answered by hand, and what the readings add. */
export function findingsOf(
  sheet: { answers: readonly AnswerRow[]; readings: readonly ReadingRow[] },
  phase: Phase,
) {
  return mergeFindings(givenIn(sheet.answers, phase), derivedAnswers(sheet.readings, phase));
}
