'use client';

import type { JobCause } from '@/core/job/jobVerdict';
import { useJob } from '../record/JobProvider';

/** The cause that is worked on: the one decided, else the one the verdict leans to. */
export function useCauseInHand(): JobCause | undefined {
  const { sheet, judgement } = useJob();
  const decided = sheet.verdicts.at(-1)?.decided;
  const { causes } = judgement.verdict;
  if (decided) return causes.find((cause) => cause.id === decided);
  return causes.find(({ asked }) => asked);
}
