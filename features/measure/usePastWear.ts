'use client';

import type { Corner } from '@/core/car/corner';
import type { CornerWear } from '@/core/planning/wear/history';
import { type CarEvent, nextEvent, sessionsBy } from '@/core/planning/wear/sessions';
import { useShop } from '../shell/ShopContext';
import { usePast } from './PastContext';

export type PastWear = {
  /** What each part measured in earlier jobs, since it was fitted. */
  before: Record<Corner, CornerWear>;
  /** Sessions the car has run, and the next day on track. */
  sessions: number;
  next: CarEvent | undefined;
};

/** What pads and rotors have measured over the car's life, and what lies ahead of them. */
export function usePastWear(): PastWear {
  const { wear, events } = usePast();
  const { today } = useShop();
  return { before: wear, sessions: sessionsBy(events, today), next: nextEvent(events, today) };
}
