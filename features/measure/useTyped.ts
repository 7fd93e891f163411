'use client';

import type { BaseOf } from '@/core/base/units/retype';
import { useKeptFigures } from '../shell/useKeptFigures';
import { usePhase } from './PhaseContext';

/** Half a set as it was typed, kept on this device: what is taken before the work apart from what is taken after it. */
export function useTyped<T>(name: string, initial: T, baseOf: BaseOf) {
  const phase = usePhase();
  return useKeptFigures(phase === 'before' ? name : `${phase}.${name}`, initial, baseOf);
}
