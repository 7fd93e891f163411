'use client';

import type { Step, StepFinding } from '@/core/planning/run/step';
import { useDesk } from '../../desk/Desk';

/** Writes down what a step says of the car after the work, and takes it back with the step. */
export function useFinds() {
  const { answer, stateOf } = useDesk();
  return {
    /** What somebody answered at a check. */
    asked: (finds: readonly StepFinding[] = []) => {
      for (const { id, state } of finds) answer('after', id, undefined, state);
    },
    /** What doing a step only implies: under Proof it is confirmed before it counts. */
    implied: (finds: readonly StepFinding[] = []) => {
      for (const { id, state } of finds) answer('after', id, undefined, state, { implied: true });
    },
    takeBack: (step: Step) => {
      const said = [...(step.finds ?? []), ...(step.ask ?? []).flatMap(({ finds = [] }) => finds)];
      for (const { id, state } of said)
        if (stateOf('after', id) === state) answer('after', id, undefined, null, { why: 'step taken back' });
    },
  };
}
