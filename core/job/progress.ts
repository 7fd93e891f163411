import { inSentence } from '../base/sentence';
import { isOver, runOf } from '../planning/run/run';
import { findingOf } from '../readings/vocabulary/findings';
import { outcomeLabel } from './outcomes';
import { outProof } from './outProof';
import type { JobSheet } from './sheet';
import type { Stage } from './stage';
import { standing, standingAnswers } from './standing';

/** How far each stage has come, in words for the rule over the job. */
export function stageNotes(sheet: JobSheet): Record<Stage, string> {
  const answers = standingAnswers(sheet.answers, 'before').map((row) => findingOf(row.finding).stage);
  const told = answers.filter((stage) => stage !== 'check').length;
  const checked =
    answers.length - told + standing(sheet.readings, 'before').filter((row) => row.input !== null).length;
  const decided = sheet.verdicts.at(-1);
  const after = standingAnswers(sheet.answers, 'after').length;
  return {
    complaint: told === 0 ? 'nothing yet' : count(told, 'answer'),
    checks: checked === 0 ? 'none yet' : `${checked} done`,
    verdict: decided ? 'decided' : told + checked === 0 ? 'waiting' : 'leaning',
    work: workNote(sheet),
    proof: proofNote(sheet, after),
  };
}

/** The stage a job opens at: the first that has nothing in it, going by what is recorded. */
export function stageToOpen(sheet: JobSheet): Stage {
  if (
    sheet.job.closedAt ||
    sheet.proofDrives.length > 0 ||
    standingAnswers(sheet.answers, 'after').length > 0
  )
    return 'proof';
  if (sheet.works.length > 0)
    return sheet.works.every((work) => isOver(runOf(work, sheet.ticks))) ? 'proof' : 'work';
  if (sheet.verdicts.length > 0) return 'work';
  return standingAnswers(sheet.answers, 'before').length > 0 ? 'checks' : 'complaint';
}

function proofNote(sheet: JobSheet, after: number): string {
  if (sheet.job.outcome) return inSentence(outcomeLabel(sheet.job.outcome));
  if (outProof(sheet).state === 'out') return 'out on proof';
  return after === 0 ? 'not yet' : count(after, 'check');
}

function workNote(sheet: JobSheet): string {
  if (sheet.works.length === 0) return 'not yet';
  const left = sheet.works
    .map((work) => runOf(work, sheet.ticks))
    .reduce((sum, run) => sum + (isOver(run) ? 0 : run.steps.length - run.done), 0);
  return left === 0 ? 'done' : `${count(left, 'step')} left`;
}

function count(number: number, thing: string): string {
  return `${number} ${thing}${number === 1 ? '' : 's'}`;
}
