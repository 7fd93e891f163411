'use client';

import { bubblesFound } from '@/core/planning/bleed/taught';
import type { Step, StepFinding } from '@/core/planning/run/step';
import { findingOf } from '@/core/readings/vocabulary/findings';
import type { TickRecord } from '../../record/commands/works';
import { useJob } from '../../record/JobProvider';

/** Writes down what a step says of the car after the work, and takes it back with the step. */
export function useFinds() {
  const { answer, stateOf } = useJob();
  return {
    /** What somebody answered at a check. */
    asked: (finds: readonly StepFinding[] = []) => {
      for (const { id, state } of finds) answer('after', id, undefined, state);
    },
    /** What doing a step only implies: under Proof it is confirmed before it counts. */
    implied: (finds: readonly StepFinding[] = []) => {
      for (const { id, state } of finds) answer('after', id, undefined, state, { implied: true });
    },
    /** Bubbles on the way say what was in the lines before: the worst seen at a corner stands. */
    seen: (step: Step, record: TickRecord) => {
      const found = bubblesFound(step, record);
      if (!found) return;
      const { states } = findingOf('bubbles');
      const before = states.indexOf(stateOf('before', 'bubbles', found.corner));
      if (states.indexOf(found.state) > before) answer('before', 'bubbles', found.corner, found.state);
    },
    takeBack: (step: Step) => {
      const said = [...(step.finds ?? []), ...(step.ask ?? []).flatMap(({ finds = [] }) => finds)];
      for (const { id, state } of said)
        if (stateOf('after', id) === state) answer('after', id, undefined, null, { why: 'step taken back' });
    },
  };
}
