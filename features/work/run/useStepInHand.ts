'use client';

import { useState } from 'react';
import type { Issue } from '@/core/base/issues/issue';
import type { ReadingRow } from '@/core/job/sheet';
import { jointsRecord } from '@/core/planning/run/joints';
import type { WorkRow } from '@/core/planning/run/rows';
import { type Run, STEPPED_BACK } from '@/core/planning/run/run';
import type { Answer, Step, Trouble } from '@/core/planning/run/step';
import { tickIssues } from '@/core/planning/run/tickIssues';
import type { TickRecord } from '../../record/commands/works';
import { useJob } from '../../record/JobProvider';
import { ahead } from '../../shell/ahead';
import { useKept } from '../../shell/useKept';
import { useFinds } from './useFinds';

/** The sums of every reading: a step that takes one needs them, not the page. */
const sums = () => import('@/core/job/current');
ahead(sums);

export type InHand = ReturnType<typeof useStepInHand>;

/** A step while it is done: what is written down at it, its clock, its note, and what it is still waiting for. */
export function useStepInHand(work: WorkRow, run: Run, step: Step) {
  const { tick, sheet } = useJob();
  const finds = useFinds();
  const { write, finish, ...written } = useWriting(work, run, step);
  const { record } = written;
  return {
    ...{ ...written, write, finish },
    answer({ value, trouble, finds: found }: Answer) {
      finds.asked(found);
      if (trouble) write({ ...record, answer: value, trouble });
      else finish({ answer: value }, true);
    },
    enter(trouble: Trouble) {
      finds.asked(trouble.finds);
      write({ ...record, trouble: trouble.id });
    },
    async measured(row: ReadingRow) {
      const trouble = await troubleOfFigure(step, [...sheet.readings, row]);
      if (trouble) return write({ ...record, figure: 'taken', trouble });
      // Where the step asks as well, the figure stands and the answer is still to be given.
      if (step.ask) return write({ ...record, figure: 'taken' });
      finish({ figure: 'taken' });
    },
    /** Slowdowns that are driven once more, for the heat they did not bring. */
    again(count: number) {
      const last = run.steps.filter((each) => each.slowdown).slice(-count);
      for (const each of last) tick(work.id, each.id, false);
      write(record);
    },
  };
}

/** Writes down what a step was done with, and ticks it once nothing is missing. */
function useWriting(work: WorkRow, run: Run, step: Step) {
  const { tick, sheet } = useJob();
  const finds = useFinds();
  const record = run.last.get(step.id)?.record ?? {};
  const clock = useStepClock(run, step);
  const [note, keepNote, forgetNote] = useKept(`step-note.${work.id}.${step.id}`, '');
  const [wanted, setWanted] = useState<string>();

  const write = (next: TickRecord) => tick(work.id, step.id, false, { note, record: next });
  const finish = (more: TickRecord = {}, said = false) => {
    const { clockFrom, [STEPPED_BACK]: _, ...kept } = record;
    const joints = jointsRecord(step, sheet.car.torquesNm);
    const whole = { note: note.trim(), record: { ...kept, ...joints, ...clock.record, ...more } };
    const [issue] = tickIssues([step], { step: step.id, done: true, ...whole });
    if (issue) return setWanted(wantedWords(step, issue));
    if (!said) finds.implied(step.finds);
    finds.seen(step, whole.record);
    tick(work.id, step.id, true, whole);
    forgetNote();
  };

  return {
    ...{ record, clock, note, keepNote, wanted, write, finish },
    /** Something is written down at it: what it was waiting for may be there now. */
    change(next: TickRecord) {
      setWanted(undefined);
      write(next);
    },
  };
}

/** The trouble that a step goes on with when its figure is past its limit. */
async function troubleOfFigure(step: Step, readings: readonly ReadingRow[]): Promise<string | undefined> {
  const over = step.troubles?.find((each) => each.read);
  // Where the sums cannot be had, without a network, the server says what is past its limit.
  const current = over && (await sums().catch(() => undefined));
  return current && current.pastLimitAt(step, readings).length > 0 ? over.id : undefined;
}

/** The clock of a step, where it has one: it is waited for, unless somebody times by another. */
function useStepClock(run: Run, step: Step) {
  // Of the clock that ran out, by when it was started: one that is started again has not.
  const [endedFrom, setEndedFrom] = useState<string>();
  const [unlocked, setUnlocked] = useState(false);
  const ended = run.clockFrom !== undefined && endedFrom === run.clockFrom;
  const record: TickRecord = unlocked && !ended ? { clock: 'another' } : {};
  return {
    record,
    waits: step.timerS !== undefined && !ended && !unlocked,
    ranOut: () => setEndedFrom(run.clockFrom),
    byAnother: () => setUnlocked(true),
  };
}

/** What a step is still waiting for, at the step itself. */
function wantedWords(step: Step, { path }: Issue): string {
  const field = step.record?.find((each) => path === `record.${each.id}`);
  if (field) return `${field.label} first.`;
  return step.measure ? 'A figure, or a note that says why there is none.' : 'Say why in the note first.';
}
