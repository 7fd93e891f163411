'use client';

import { measuredOver } from '@/core/planning/wear/over';
import { usePast } from '../measure/PastContext';
import { useSettledJob } from '../record/JobProvider';
import { jobCorners } from '../record/plan/corners';

/** The four corners of the job's car as the plan draws them. */
export function usePlanCorners(): ReturnType<typeof jobCorners> {
  const { sheet, judgement } = useSettledJob();
  const { measured } = usePast();
  return jobCorners(
    sheet,
    judgement.holds,
    judgement.derived.before,
    measuredOver(measured, judgement.measured),
  );
}
