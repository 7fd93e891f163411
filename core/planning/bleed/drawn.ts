import { type Run, STEPPED_BACK } from '../run/run';

/** What came out at each bleeder that is done, ml: as recorded, else as planned. */
export function drawnOf({ steps, last }: Pick<Run, 'steps' | 'last'>): Map<string, number> {
  return new Map(
    steps.flatMap((step): [string, number][] => {
      const tick = last.get(step.id);
      if (!step.ml || !tick?.done) return [];
      return [[step.id, typeof tick.record.ml === 'number' ? tick.record.ml : step.ml.here]];
    }),
  );
}

/**
 * What came out at bleeders that were begun anew, ml: it is out of the bottle all the same. A step that was only stepped
 * back to keeps its figure, and is no new round.
 */
export function drawnBefore({ steps, history }: Pick<Run, 'steps' | 'history'>): number {
  let sum = 0;
  for (const step of steps) {
    if (!step.ml) continue;
    let drawn = 0;
    for (const tick of history) {
      if (tick.step !== step.id) continue;
      if (tick.done) drawn = typeof tick.record.ml === 'number' ? tick.record.ml : step.ml.here;
      else if (drawn > 0 && tick.record[STEPPED_BACK] === undefined && tick.record.trouble === undefined) {
        sum += drawn;
        drawn = 0;
      }
    }
  }
  return sum;
}
