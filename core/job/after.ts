import type { GivenFinding } from '../readings/given';
import { derivedAnswers } from './current';
import type { Derived } from './derived';
import { disturbedAt, isStale } from './disturbed';
import { oncePerSheet } from './oncePerSheet';
import { standingAnswers } from './standing';

/** An answer after the work as it was given, several states together, and what it is worth as a proof. */
export type AfterAnswer = GivenFinding & {
  at: string;
  /** Asked as such, measured, or only implied by a step of a run: that one counts once it is confirmed. */
  from: 'asked' | 'measured' | 'implied';
  /** The system was touched again since. */
  stale: boolean;
};

/** Everything said or measured after the work. What was asked stands beside what was measured; neither hides the other. */
export const afterAnswers = oncePerSheet((sheet): readonly AfterAnswer[] => {
  const touched = disturbedAt(sheet);
  return [
    ...standingAnswers(sheet.answers, 'after').map(
      (row): AfterAnswer => ({
        id: row.finding,
        state: row.state!,
        ...(row.place === '' ? {} : { place: row.place }),
        at: row.recordedAt,
        from: row.implied ? 'implied' : 'asked',
        stale: isStale(row.finding, row.recordedAt, touched),
      }),
    ),
    ...derivedAnswers(sheet.readings, 'after').map(
      ({ id, place, state, recordedAt }: Derived): AfterAnswer => ({
        id,
        state,
        ...(place === undefined ? {} : { place }),
        at: recordedAt,
        from: 'measured',
        stale: isStale(id, recordedAt, touched),
      }),
    ),
  ];
});
