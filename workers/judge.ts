import { expose } from 'comlink';
import type { Issue } from '../core/base/issues/issue';
import { type Behind, behind } from '../core/diagnosis/behind';
import type { CauseId } from '../core/diagnosis/causes';
import { diagnose } from '../core/diagnosis/diagnose';
import { type Overturn, overturns } from '../core/diagnosis/sensitivity/overturn';
import { type WhatIf, whatIf } from '../core/diagnosis/sensitivity/whatIf';
import { readWords, type WordsRead } from '../core/diagnosis/words/words';
import { openCases } from '../core/exchange/casefile/many';
import { judge } from '../core/job/judgement';
import { questionOfJob } from '../core/job/question';
import type { JobSheet } from '../core/job/sheet';
import type { GivenFinding } from '../core/readings/given';

// The first verdict of a fresh engine is several times slower than the rest: it is given before anybody asks.
diagnose({ findings: [{ id: 'pedal_spongy', state: 'yes' }] });

const judging = {
  judge,
  behind: (sheet: JobSheet, cause: CauseId): Behind => behind(questionOfJob(sheet), cause),
  whatIf: (sheet: JobSheet, given: GivenFinding): WhatIf[] => whatIf(questionOfJob(sheet), given),
  /** What the server would refuse of a file of cases; nothing when it would take it. */
  caseIssues(text: string): Issue[] {
    const outcome = openCases(text);
    return outcome.ok ? [] : outcome.issues;
  },
  /** What a driver's line suggests. */
  words: (text: string): WordsRead => readWords(text),
  overturns: (sheet: JobSheet): Overturn[] => overturns(questionOfJob(sheet)),
};
export type JudgeWorker = typeof judging;

expose(judging);
