import { planOf, runOf } from '../planning/run/run';
import type { JobSheet } from './sheet';

/** What falls due after a piece of work, and in how many days at the latest. */
export type DueAfter = { what: string; inDays: number };

const NUTS: DueAfter = { what: 'Wheel nuts again after the first outing', inDays: 7 };
const FACES: DueAfter = { what: 'New faces looked at after 300 km', inDays: 21 };
const LEVEL: DueAfter = { what: 'Level again: nobody knows where it went', inDays: 7 };

/**
 * What the work that was done on a car makes due, each once: nuts after wheels were off, the look at new faces, a level
 * that nobody could explain. Offered, never put down by itself. Common practice, no source.
 */
export function dueAfter({ works, ticks }: Pick<JobSheet, 'works' | 'ticks'>): DueAfter[] {
  const due = works.flatMap((work): DueAfter[] => {
    const run = runOf(work, ticks);
    if (run.state !== 'finished') return [];
    const done = (id: string) => run.steps.some((step) => step.id === id);
    return [
      ...(done('wheels') ? [NUTS] : []),
      ...(planOf(work).bedIn && planOf(work).procedure !== 'bed_in' ? [FACES] : []),
      ...(run.last.get('reason')?.record.answer === 'not_known' ? [LEVEL] : []),
    ];
  });
  return [...new Set(due)];
}
