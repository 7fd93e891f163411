'use client';

import { useKept } from '../shell/useKept';
import { usePhase } from './PhaseContext';

/** Half a set as it was typed, kept on this device: what is taken before the work apart from what is taken after it. */
export function useTyped<T>(name: string, initial: T) {
  const phase = usePhase();
  return useKept(phase === 'before' ? name : `${phase}.${name}`, initial);
}
