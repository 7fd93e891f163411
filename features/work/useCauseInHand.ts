'use client';

import type { CauseVerdict } from '@/core/diagnosis/verdict';
import { useJob } from '../record/JobProvider';

/** The cause that is worked on: the one decided, else the one the verdict leans to. */
export function useCauseInHand(): CauseVerdict | undefined {
  const { sheet, judgement } = useJob();
  const decided = sheet.verdicts.at(-1)?.decided;
  const { causes } = judgement.verdict;
  if (decided) return causes.find((cause) => cause.id === decided);
  return causes.find((cause) => cause.evidence.length > 0);
}
