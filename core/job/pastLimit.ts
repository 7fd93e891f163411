import type { Step } from '../planning/run/step';
import { MEASURES } from '../readings/measures';
import type { Phase } from '../readings/phase';
import { isAbnormal } from '../readings/vocabulary/several';
import { answerWords } from '../readings/vocabulary/words';
import type { Derived } from './derived';
import type { ReadingRow } from './sheet';

/**
 * What the reading taken at a step says is not in order.
 * @param readings the job's, the step's own among them
 * @param derived what they imply, by phase
 */
export function pastLimitAmong(
  { measure }: Pick<Step, 'measure'>,
  readings: readonly ReadingRow[],
  derived: Readonly<Record<Phase, readonly Derived[]>>,
): Derived[] {
  if (!measure) return [];
  const own = new Set(
    readings
      .filter((row) => MEASURES[measure.measure].kind === row.kind && (measure.corner ?? '') === row.corner)
      .map((row) => row.id),
  );
  return derived[measure.phase].filter((each) => own.has(each.readingId) && isAbnormal(each.id, each.state));
}

/** The same in words: "rotor wobbles: over". */
export function pastLimitWords(past: readonly Pick<Derived, 'id' | 'state'>[]): string[] {
  return past.map(({ id, state }) => answerWords(id, undefined, state));
}
