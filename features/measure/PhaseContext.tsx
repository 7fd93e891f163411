'use client';

import { createContext, type ReactNode, useContext } from 'react';
import type { Phase } from '@/core/job/sheet';

const Context = createContext<Phase>('before');

/** Whether figures taken below belong before the work or after it. */
export function PhaseProvider({ phase, children }: { phase: Phase; children: ReactNode }) {
  return <Context value={phase}>{children}</Context>;
}

export function usePhase(): Phase {
  return useContext(Context);
}
