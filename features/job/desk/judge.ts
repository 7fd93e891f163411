'use client';

import { type Remote, wrap } from 'comlink';
import type { Issue } from '@/core/base/issues/issue';
import type { Overturn } from '@/core/diagnosis/beside/overturn';
import type { WhatIf } from '@/core/diagnosis/beside/whatIf';
import type { WordsRead } from '@/core/diagnosis/words/words';
import type { Judgement } from '@/core/job/judgement';
import type { JobSheet } from '@/core/job/sheet';
import type { GivenFinding } from '@/core/readings/given';
import type { JudgeDesk } from '@/workers/judge';

let desk: Remote<JudgeDesk> | undefined;

function away(): Remote<JudgeDesk> {
  desk ??= wrap<JudgeDesk>(
    new Worker(new URL('../../../workers/judge.ts', import.meta.url), { type: 'module' }),
  );
  return desk;
}

/** Judges off the main thread, so that no keystroke waits for a verdict. */
export async function judgeAway(sheet: JobSheet): Promise<Judgement> {
  return away().judge(sheet);
}

/** The ranking as another answer would have made it. */
export async function whatIfAway(sheet: JobSheet, given: GivenFinding): Promise<WhatIf[]> {
  return away().whatIf(sheet, given);
}

/** What a driver's line suggests. */
export async function wordsAway(text: string): Promise<WordsRead> {
  return away().words(text);
}

/** The answers that carry the verdict alone. */
export async function overturnsAway(sheet: JobSheet): Promise<Overturn[]> {
  return away().overturns(sheet);
}

/** What is wrong with a file of cases, found before it is sent. */
export async function caseIssuesAway(text: string): Promise<Issue[]> {
  return away().caseIssues(text);
}
