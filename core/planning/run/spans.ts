import type { TickRow, WorkRow } from './rows';
import { beganAt, isOver, runOf } from './run';

/** From the first tick of a work to its end; to the end of time while it is not over. */
export type Span = { id: string; visit: string; from: string; to: string };

const NOT_OVER = '9999';

/** When each work that was begun was worked on, in the order of their ends. */
export function spansOf(works: readonly WorkRow[], ticks: readonly TickRow[]): Span[] {
  return works
    .flatMap((work): Span[] => {
      const from = beganAt(work, ticks);
      if (from === undefined) return [];
      const run = runOf(work, ticks);
      // One that fell out of its visit is by itself.
      const visit = work.alone === undefined ? work.id : (work.visit ?? work.id);
      return [{ id: work.id, visit, from, to: isOver(run) ? run.endedAt! : NOT_OVER }];
    })
    .sort((left, right) => left.to.localeCompare(right.to) || left.from.localeCompare(right.from));
}

/** Whether two works were under way at the same time, or in one visit: nobody proved the car between them. */
export function overlap(one: Span, other: Span): boolean {
  if (one.id === other.id) return false;
  return one.visit === other.visit || (one.from < other.to && other.from < one.to);
}

/** Works begun before another one was over: what did it cannot be told apart. */
export function doneTogether(works: readonly WorkRow[], ticks: readonly TickRow[]): ReadonlySet<string> {
  const spans = spansOf(works, ticks);
  return new Set(spans.filter((span) => spans.some((each) => overlap(span, each))).map((span) => span.id));
}
