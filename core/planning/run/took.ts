import type { Issue } from '../../base/issues/issue';
import type { TickRow, WorkRow } from './rows';
import { LEFT_UNDONE, runOf, ticksOf } from './run';

/** A tick under this name says how many minutes a work took, where its steps tell it wrong. */
export const TOOK = 'took';

/** Most that one work is said to have taken, minutes: a week of working days. */
export const MOST_MINUTES = 3_000;

/** What the shop's own jobs took, by procedure: how many, and their median. */
export type TimesTaken = Partial<Record<string, { jobs: number; minutes: number }>>;

/** A gap between two steps longer than any of them waits is time away from the car, minutes. */
const AWAY_MIN = 90;

/**
 * Minutes a work took, whole: as somebody said, else from its first step to its last without the time away.
 * Nothing before two of its steps are on record.
 */
export function minutesTaken(
  work: Pick<WorkRow, 'id'>,
  ticks: readonly TickRow[],
): { minutes: number; said: boolean } | undefined {
  const said = ticksOf(work.id, ticks).get(TOOK)?.record.minutes;
  if (typeof said === 'number') return { minutes: said, said: true };
  const moments = ticks
    .filter((tick) => tick.workId === work.id && tick.step !== TOOK && tick.step !== LEFT_UNDONE)
    .map((tick) => Date.parse(tick.tickedAt))
    .sort((left, right) => left - right);
  if (moments.length < 2) return undefined;
  const gaps = moments.slice(1).map((moment, index) => (moment - moments[index]!) / 60_000);
  const minutes = gaps.filter((gap) => gap <= AWAY_MIN).reduce((sum, gap) => sum + gap, 0);
  return { minutes: Math.round(minutes), said: false };
}

/**
 * Minutes by which the shop learns how long a job takes: of a finished work that shared nothing with another, and took
 * some time.
 */
export function minutesToLearn(work: WorkRow, ticks: readonly TickRow[]): number | undefined {
  if (work.alone !== undefined || runOf(work, ticks).state !== 'finished') return undefined;
  const taken = minutesTaken(work, ticks);
  return taken && taken.minutes > 0 ? taken.minutes : undefined;
}

/** What is wrong with minutes that were said. */
export function tookIssues({ minutes }: TickRow['record']): Issue[] {
  if (typeof minutes === 'number' && minutes >= 1 && minutes <= MOST_MINUTES) return [];
  return [
    {
      code: 'out_of_range',
      path: 'record.minutes',
      value: JSON.stringify(minutes ?? null),
      accepted: `1 to ${MOST_MINUTES} min`,
    },
  ];
}
