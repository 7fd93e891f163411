'use client';

import type { Issue } from '@/core/base/issues/issue';
import type { Behind } from '@/core/diagnosis/behind';
import type { CauseId } from '@/core/diagnosis/causes';
import type { Overturn } from '@/core/diagnosis/sensitivity/overturn';
import type { WhatIf } from '@/core/diagnosis/sensitivity/whatIf';
import type { WordsRead } from '@/core/diagnosis/words/words';
import type { Judgement } from '@/core/job/judgement';
import type { JobSheet } from '@/core/job/sheet';
import type { GivenFinding } from '@/core/readings/given';
import type { JudgeWorker } from '@/workers/judge';
import { workerClient } from '../shell/workerClient';

const worker = workerClient<JudgeWorker>(
  () => new Worker(new URL('../../workers/judge.ts', import.meta.url), { type: 'module' }),
);

/** Has the worker begun, so that it is there when something is entered, server or not. */
export function beginJudge(): void {
  worker.ready();
}

/** Judges off the main thread, so that no keystroke waits for a verdict. */
export function judgeAway(sheet: JobSheet): Promise<Judgement> {
  return worker.call((remote) => remote.judge(sheet));
}

/** What stands behind a cause. */
export function behindAway(sheet: JobSheet, cause: CauseId): Promise<Behind> {
  return worker.call((remote) => remote.behind(sheet, cause));
}

/** The ranking as another answer would have made it. */
export function whatIfAway(sheet: JobSheet, given: GivenFinding): Promise<WhatIf[]> {
  return worker.call((remote) => remote.whatIf(sheet, given));
}

/** What a driver's line suggests. */
export function wordsAway(text: string): Promise<WordsRead> {
  return worker.call((remote) => remote.words(text));
}

/** The answers that carry the verdict alone. */
export function overturnsAway(sheet: JobSheet): Promise<Overturn[]> {
  return worker.call((remote) => remote.overturns(sheet));
}

/** What is wrong with a file of cases, found before it is sent. */
export function caseIssuesAway(text: string): Promise<Issue[]> {
  return worker.call((remote) => remote.caseIssues(text));
}
