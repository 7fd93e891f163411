import type { TickRow, WorkRow } from './rows';
import { isOver, LEFT_UNDONE, runOf } from './run';

/**
 * Whether a work was ever left undone: it is of no visit any more, taken up again or not, since the others may have
 * closed the car without it.
 */
export function wasLeft({ id }: Pick<WorkRow, 'id'>, ticks: readonly TickRow[]): boolean {
  return ticks.some((tick) => tick.workId === id && tick.step === LEFT_UNDONE && tick.done);
}

/** The works done in one visit with a work, itself among them, in their order; it alone where there is no other. */
export function visitOf(work: WorkRow, works: readonly WorkRow[], ticks: readonly TickRow[]): WorkRow[] {
  const visit = work.visit ?? work.id;
  const mates = works
    .filter((each) => (each.id === visit || each.visit === visit) && !wasLeft(each, ticks))
    .sort((left, right) => (left.visitAt ?? 0) - (right.visitAt ?? 0));
  return mates.some((mate) => mate.id === work.id) ? mates : [work];
}

/** What has to be done before a work of its visit can go on. */
export function firstInVisit(
  work: WorkRow,
  works: readonly WorkRow[],
  ticks: readonly TickRow[],
): WorkRow | undefined {
  const mates = visitOf(work, works, ticks);
  const at = mates.findIndex((mate) => mate.id === work.id);
  return mates.slice(0, at).find((mate) => !isOver(runOf(mate, ticks)));
}

/** The work that follows at the car: the next of its visit, else the next that is not over. */
export function workAfter(
  work: WorkRow,
  works: readonly WorkRow[],
  ticks: readonly TickRow[],
): WorkRow | undefined {
  const open = (each: WorkRow) => each.id !== work.id && !isOver(runOf(each, ticks));
  return (
    visitOf(work, works, ticks).find(open) ??
    works.find((each) => open(each) && !firstInVisit(each, works, ticks))
  );
}

/**
 * The works with one that was left undone out of its visit: the last that stays has its own steps back. Where several
 * stay, what they share is put together anew by whoever has the library.
 */
export function withoutLeft(works: WorkRow[], ticks: readonly TickRow[]): WorkRow[] {
  if (!works.some((work) => work.alone !== undefined)) return works;
  return works.map((work) => {
    if (work.alone === undefined) return work;
    if (!wasLeft(work, ticks) && visitOf(work, works, ticks).length > 1) return work;
    const { alone, visitAt: _, ...row } = work;
    return { ...row, plan: alone };
  });
}
