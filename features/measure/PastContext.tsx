'use client';

import { createContext, type ReactNode, useContext } from 'react';
import type { Corner } from '@/core/car/corner';
import type { CornerWear } from '@/core/planning/wear/history';
import type { Measured } from '@/core/planning/wear/measured';
import type { CarEvent } from '@/core/planning/wear/sessions';

/** What was measured on this car in other jobs, and its days on track. */
export type CarPastView = { wear: Record<Corner, CornerWear>; measured: Measured; events: CarEvent[] };

const Context = createContext<CarPastView | null>(null);

export function PastProvider({ past, children }: { past: CarPastView; children: ReactNode }) {
  return <Context value={past}>{children}</Context>;
}

export function usePast(): CarPastView {
  const past = useContext(Context);
  if (!past) throw new Error('no past of the car above this component');
  return past;
}
