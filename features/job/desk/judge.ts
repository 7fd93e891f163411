'use client';

import { type Remote, wrap } from 'comlink';
import type { Judgement } from '@/core/job/judgement';
import type { JobSheet } from '@/core/job/sheet';

type JudgeDesk = { judge: (sheet: JobSheet) => Judgement };

let desk: Remote<JudgeDesk> | undefined;

/** Judges off the main thread, so that no keystroke waits for a verdict. */
export async function judgeAway(sheet: JobSheet): Promise<Judgement> {
  desk ??= wrap<JudgeDesk>(
    new Worker(new URL('../../../workers/judge.ts', import.meta.url), { type: 'module' }),
  );
  return desk.judge(sheet);
}
