'use client';

import { measuredOver } from '@/core/planning/wear/over';
import { usePast } from '../measure/PastContext';
import { jobCorners } from '../plan/corners';
import { useDesk } from './desk/Desk';

/** The four corners of the job's car as the plan draws them. */
export function usePlanCorners(): ReturnType<typeof jobCorners> {
  const { sheet, judgement } = useDesk();
  const { measured } = usePast();
  return jobCorners(
    sheet,
    judgement.holds,
    judgement.derived.before,
    measuredOver(measured, judgement.measured),
  );
}
