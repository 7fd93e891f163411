'use client';

import { createContext, type ReactNode, useContext } from 'react';
import type { Phase } from '@/core/readings/phase';

type Around = { phase: Phase; fitted: boolean };

const Context = createContext<Around>({ phase: 'before', fitted: false });

/** Whether figures taken below belong before the work or after it, and whether they are of parts just fitted. */
export function PhaseProvider({
  phase,
  fitted = false,
  children,
}: Partial<Around> & Pick<Around, 'phase'> & { children: ReactNode }) {
  return <Context value={{ phase, fitted }}>{children}</Context>;
}

export function usePhase(): Phase {
  return useContext(Context).phase;
}

/** Whether what is measured here was just fitted: nobody has to be asked whether it is new. */
export function useJustFitted(): boolean {
  return useContext(Context).fitted;
}
