'use client';

import type { StepFinding } from '@/core/work/step';
import { useDesk } from '../../desk/Desk';

/** Writes down what a step says of the car after the work, so that nobody is asked again under Proof. */
export function useFinds(): (finds: readonly StepFinding[] | undefined) => void {
  const { answer } = useDesk();
  return (finds = []) => {
    for (const { id, state } of finds) answer('after', id, undefined, state);
  };
}
