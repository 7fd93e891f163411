'use client';

import { useMemo } from 'react';
import type { Corner } from '@/core/car/corner';
import { standing } from '@/core/job/standing';
import { type CornerWear, type PastReading, wearOf } from '@/core/wear/history';
import { type CarEvent, nextEvent, sessionsBy } from '@/core/wear/sessions';
import { useDesk } from '../job/desk/Desk';
import { useShop } from '../shell/ShopContext';
import { usePast } from './PastContext';

export type PastWear = {
  /** Before this job, and with what this job has measured so far. */
  before: Record<Corner, CornerWear>;
  now: Record<Corner, CornerWear>;
  /** Sessions the car has run, and the next day on track. */
  sessions: number;
  next: CarEvent | undefined;
};

/** What pads and rotors have measured over the car's life, this job's readings last. */
export function usePastWear(): PastWear {
  const { readings, events } = usePast();
  const { sheet } = useDesk();
  const { today } = useShop();
  return useMemo(() => {
    const sessions = sessionsBy(events, today);
    const here = (['before', 'after'] as const)
      .flatMap((phase) => standing(sheet.readings, phase))
      .filter((row) => row.input !== null)
      .map(
        (row): PastReading => ({
          kind: row.kind,
          corner: row.corner,
          input: row.input!,
          recordedAt: row.recordedAt,
          sessions,
          jobId: sheet.job.id,
        }),
      );
    return {
      before: wearOf(readings),
      now: wearOf([...readings, ...here]),
      sessions,
      next: nextEvent(events, today),
    };
  }, [readings, events, sheet.readings, sheet.job.id, today]);
}
