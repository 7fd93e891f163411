import type { WorkPlan } from '@/core/planning/plan';
import type { TickRow } from '@/core/planning/run/rows';
import type { VisitRun, WorkBody } from '../../queue/write';
import { newId } from '../../shell/newId';
import type { CommandContext } from './context';

export type TickRecord = TickRow['record'];
export type NewWork = Omit<WorkBody, 'id'>;

/** The verdict that is worked on, works and their steps. */
export function workCommands({ post }: CommandContext) {
  return {
    /** Takes the verdict down, with the cause that will be worked on. */
    decide: (decided: string | null): void =>
      post({ kind: 'verdict', body: { id: newId(), decided }, label: 'Verdict' }),

    /**
     * Adds a work and gives back its id; the plan shown stands until the server's own arrives.
     * @param inVisit how the works of its visit are run; the new one has no id there yet
     */
    addWork(work: NewWork, plan: WorkPlan, inVisit?: readonly VisitRun[]): string {
      const id = newId();
      const runs = inVisit?.map((run) => ({ ...run, id: run.id || id }));
      post({ kind: 'work', body: { id, ...work }, label: work.title, plan, inVisit: runs });
      return id;
    },

    /** Ticks a step off, or takes the tick back. */
    tick(
      workId: string,
      step: string,
      done: boolean,
      { note = '', record = {} }: { note?: string; record?: TickRecord } = {},
    ): void {
      post({ kind: 'tick', workId, body: { id: newId(), step, done, note, record }, label: 'A step' });
    },
  };
}
