'use client';

import { createContext, type ReactNode, useContext } from 'react';
import type { PastReading } from '@/core/wear/history';
import type { CarEvent } from '@/core/wear/sessions';

/** What was measured on this car in other jobs, and its days on track. */
export type CarPastView = { readings: PastReading[]; events: CarEvent[] };

const Context = createContext<CarPastView>({ readings: [], events: [] });

export function PastProvider({ past, children }: { past: CarPastView; children: ReactNode }) {
  return <Context value={past}>{children}</Context>;
}

export function usePast(): CarPastView {
  return useContext(Context);
}
