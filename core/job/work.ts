import type { Step } from '../bleed/procedure';
import type { TickRow, WorkRow } from './sheet';

/** The steps of a work as it was planned when it started. */
export function stepsOf(work: Pick<WorkRow, 'plan'>): Step[] {
  return (work.plan as { steps?: Step[] }).steps ?? [];
}

/** The last tick of each step. */
export function ticksOf(workId: string, ticks: readonly TickRow[]): Map<string, TickRow> {
  return new Map(ticks.filter((tick) => tick.workId === workId).map((tick) => [tick.step, tick]));
}

/** Steps done and left, and the first one left. */
export function flushProgress(work: Pick<WorkRow, 'id' | 'plan'>, ticks: readonly TickRow[]) {
  const steps = stepsOf(work);
  const last = ticksOf(work.id, ticks);
  const open = steps.filter((step) => !last.get(step.id)?.done);
  return { done: steps.length - open.length, left: open.length, next: open[0] };
}
