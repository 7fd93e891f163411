import type { TickRow } from './rows';
import type { Run } from './run';
import type { Step, Trouble } from './step';

/** A trouble that came up in a run, what was done about it, and when. */
export type PastTrouble = { step: Step; trouble: Trouble; at: string; endedBy?: TickRow };

/** Every trouble of a run in order, with the tick of its step that ended it. */
export function troublesOf({ steps, history }: Pick<Run, 'steps' | 'history'>): PastTrouble[] {
  return history.flatMap((tick, index): PastTrouble[] => {
    const step = steps.find((each) => each.id === tick.step);
    const trouble = step?.troubles?.find((each) => each.id === tick.record.trouble);
    if (!step || !trouble) return [];
    const later = history.slice(index + 1).filter((each) => each.step === tick.step);
    // Written to while it stood open: it is told once, as it ended.
    if (later[0]?.record.trouble === trouble.id) return [];
    const [endedBy] = later;
    return [{ step, trouble, at: tick.tickedAt, ...(endedBy ? { endedBy } : {}) }];
  });
}
