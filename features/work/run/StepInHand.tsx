'use client';

import { Check } from 'lucide-react';
import dynamic from 'next/dynamic';
import { useEffect, useState } from 'react';
import type { Issue } from '@/core/base/issues/issue';
import type { ReadingRow } from '@/core/job/sheet';
import { ROUND } from '@/core/planning/bleed/roundStep';
import { jointsOf, jointsRecord } from '@/core/planning/run/joints';
import { notesAt } from '@/core/planning/run/notesAt';
import type { WorkRow } from '@/core/planning/run/rows';
import { planOf, type Run, STEPPED_BACK } from '@/core/planning/run/run';
import type { Answer, Step } from '@/core/planning/run/step';
import { tickIssues } from '@/core/planning/run/tickIssues';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/Field';
import { Opens } from '@/ui/Opens';
import { Trouble } from '@/ui/Trouble';
import { HoldsPanel } from '../../checks/HoldsPanel';
import { Measure } from '../../measure/Measure';
import { PhaseProvider } from '../../measure/PhaseContext';
import type { TickRecord } from '../../record/commands/works';
import { useJob } from '../../record/JobProvider';
import { useKept } from '../../shell/useKept';
import { useUnits } from '../../shell/useUnits';
import { FluidLine } from './FluidLine';
import { HeatSays } from './HeatSays';
import { NoteLine } from './NoteLine';
import { RecordFields } from './RecordFields';
import { RoundsLine } from './RoundsLine';
import { RunClock } from './RunClock';
import { SlowdownStep } from './SlowdownStep';
import { StepWords } from './StepWords';
import { StrokeCalls } from './StrokeCalls';
import { TorqueLine } from './TorqueLine';
import { TroubleBox } from './TroubleBox';
import { useFinds } from './useFinds';
import type { Motion } from './useMotion';

const LookIns = dynamic(() => import('./LookIns').then((module) => module.LookIns));
const StepFacts = dynamic(() => import('./StepFacts').then((module) => module.StepFacts));

/** The sums of every reading: fetched at a step that takes one, not with the page. */
const sums = () => import('@/core/job/current');

type Props = { work: WorkRow; run: Run; step: Step; sound: boolean; motion: Motion };

/** The step in hand, to be read from the floor; nothing is typed but what an instrument shows. */
export function StepInHand({ work, run, step, sound, motion }: Props) {
  const { tick, closed, judgement, sheet } = useJob();
  const finds = useFinds();
  const units = useUnits();
  const record = run.last.get(step.id)?.record ?? {};
  // Of the clock that ran out, by when it was started: one that is started again has not.
  const [endedFrom, setEndedFrom] = useState<string>();
  const [note, keepNote, forgetNote] = useKept(`step-note.${work.id}.${step.id}`, '');
  const [unlocked, setUnlocked] = useState(false);
  const [wanted, setWanted] = useState<string>();
  const measures = step.measure !== undefined;
  useEffect(() => {
    if (measures) void sums().catch(() => undefined);
  }, [measures]);
  if (run.trouble) return <TroubleBox work={work} run={run} step={step} trouble={run.trouble} />;
  const held = step.drives && judgement.holds.some((hold) => !hold.proof);
  if (step.slowdown) return <SlowdownStep work={work} run={run} step={step} sound={sound} motion={motion} />;

  const write = (next: TickRecord) => tick(work.id, step.id, false, { note, record: next });
  const finish = (more: TickRecord = {}, said = false) => {
    const { clockFrom, [STEPPED_BACK]: _, ...kept } = record;
    const other: TickRecord = unlocked && !ended ? { clock: 'another' } : {};
    const whole = {
      note: note.trim(),
      record: { ...kept, ...jointsRecord(step, sheet.car.torquesNm), ...other, ...more },
    };
    const [issue] = tickIssues([step], { step: step.id, done: true, ...whole });
    if (issue) return setWanted(wantedWords(step, issue));
    if (!said) finds.implied(step.finds);
    finds.seen(step, whole.record);
    tick(work.id, step.id, true, whole);
    forgetNote();
  };
  const measured = async (row: ReadingRow) => {
    const over = step.troubles?.find((each) => each.read);
    // Where the sums cannot be had, without a network, the server says what is past its limit.
    const current = await sums().catch(() => undefined);
    const past = over && current && current.pastLimitAt(step, [...sheet.readings, row]).length > 0;
    if (past) return write({ ...record, figure: 'taken', trouble: over.id });
    // Where the step asks as well, the figure stands and the answer is still to be given.
    if (step.ask) return write({ ...record, figure: 'taken' });
    finish({ figure: 'taken' });
  };
  const ended = run.clockFrom !== undefined && endedFrom === run.clockFrom;
  const waits = step.timerS !== undefined && !ended && !unlocked;
  const { bleed, bedIn } = planOf(work);
  return (
    <section aria-label={step.title}>
      <p className="narrow text-lg text-soft">{step.part}</p>
      <h3 className="text-3xl desk:text-4xl">{units.words(step.title)}</h3>
      {step.ml && (
        <p className="reading my-1 text-4xl font-semibold desk:text-5xl">
          {step.ml.here} ml{' '}
          <span className="text-lg font-medium text-soft desk:text-2xl">to {step.ml.total} in all</span>
        </p>
      )}
      {step.pressureKPa && (
        <p className="reading my-1 text-4xl font-semibold desk:text-5xl">
          {units.full(step.pressureKPa.working, 'kPa', 0)}{' '}
          <span className="text-lg font-medium text-stop desk:text-2xl">
            never over {units.full(step.pressureKPa.ceiling, 'kPa', 0)}
          </span>
        </p>
      )}
      <StepWords step={step} large />
      {step.lookIn && <LookIns corners={step.lookIn} />}
      {step.facts && <StepFacts step={step} facts={step.facts} corners={planOf(work).corners} />}
      {bleed && step.ml && <FluidLine run={run} bleed={bleed} step={step} />}
      {step.ml?.strokes && !closed && (
        <StrokeCalls
          key={step.id}
          id={`${work.id}.${step.id}`}
          strokes={step.ml.strokes}
          sound={sound}
          onMoved={(ml) => write({ ...record, ml })}
        />
      )}
      <div className="flex flex-wrap items-center gap-x-8">
        {notesAt(step).map((note) => (
          <NoteLine key={note} id={note} />
        ))}
        {jointsOf(step).map((joint) => (
          <TorqueLine key={joint} id={joint} />
        ))}
      </div>
      {step.timerS !== undefined && (
        <RunClock
          seconds={step.timerS}
          from={run.clockFrom}
          label="Start the clock"
          quiet={!sound}
          onDone={() => setEndedFrom(run.clockFrom)}
          onStart={closed ? undefined : () => write({ ...record, clockFrom: new Date().toISOString() })}
        />
      )}
      {step.record && (
        <RecordFields
          fields={step.record}
          record={record}
          onChange={(next) => {
            setWanted(undefined);
            write(next);
          }}
        />
      )}
      {step.id === ROUND.step && <RoundsLine run={run} />}
      {step.heat && bedIn && (
        <HeatSays
          run={run}
          step={step}
          bedIn={bedIn}
          onMore={(count) => {
            const again = run.steps.filter((each) => each.slowdown).slice(-count);
            for (const each of again) tick(work.id, each.id, false);
            write(record);
          }}
        />
      )}
      {record.bubbles === 'many' && (
        <p className="border-l-[6px] border-bronze pl-3 text-lg font-semibold">
          Many came: go on until none do for a good 50 ml, then close.
        </p>
      )}
      {step.measure && (
        <PhaseProvider phase={step.measure.phase} fitted={step.measure.fitted}>
          <Measure
            measure={step.measure.measure}
            corner={step.measure.corner}
            onDone={closed ? undefined : measured}
          />
        </PhaseProvider>
      )}
      {held && (
        <div className="mt-4">
          <p className="mb-2 text-xl font-semibold text-stop">The car does not move while it is held.</p>
          <HoldsPanel />
        </div>
      )}
      {!closed && !held && (
        <div className="sticky bottom-0 -mx-4 mt-4 flex flex-wrap gap-2 border-t border-rule bg-sheet px-4 py-2 desk:-bottom-6 desk:-mx-6 desk:gap-3 desk:px-6">
          {step.ask ? (
            <Answers
              step={step}
              waits={waits}
              onAnswer={(answer) => {
                finds.asked(answer.finds);
                if (answer.trouble) write({ ...record, answer: answer.value, trouble: answer.trouble });
                else finish({ answer: answer.value }, true);
              }}
            />
          ) : (
            <Button
              data-run="next"
              look="primary"
              className="min-h-16 w-full px-10 text-xl desk:w-auto"
              disabled={waits}
              onClick={() => finish()}
            >
              <Check aria-hidden="true" size={26} />
              {step.ml
                ? 'Clear, no bubbles now: closed, next'
                : step.measure
                  ? 'Without a figure, next'
                  : 'Done, next'}
            </Button>
          )}
          {waits && (
            <Button data-clock="another" look="quiet" className="min-h-16" onClick={() => setUnlocked(true)}>
              Timed by another clock
            </Button>
          )}
          <Trouble className="w-full text-lg">{wanted}</Trouble>
        </div>
      )}
      {!closed && !held && !step.ask && (
        <div className="mt-3 flex flex-wrap gap-3">
          {step.troubles
            ?.filter((trouble) => !trouble.read)
            .map((trouble) => (
              <Button
                key={trouble.id}
                className="min-h-14 text-lg"
                onClick={() => {
                  finds.asked(trouble.finds);
                  write({ ...record, trouble: trouble.id });
                }}
              >
                {trouble.label}
              </Button>
            ))}
        </div>
      )}
      {!closed && (
        <Opens
          key={wanted}
          startOpen={wanted !== undefined}
          className="mt-3 max-w-xl"
          head={
            note === '' ? (
              <span className="text-soft">A note, if there is something to say</span>
            ) : (
              <b className="font-semibold">Note: {note}</b>
            )
          }
        >
          <TextField
            label="Note"
            maxLength={400}
            value={note}
            onChange={(event) => keepNote(event.target.value)}
          />
        </Opens>
      )}
    </section>
  );
}

type AnswersProps = { step: Step; waits: boolean; onAnswer: (answer: Answer) => void };

/** The answers of a check. Where there is a clock, the good one waits for it unless somebody says otherwise on purpose. */
function Answers({ step, waits, onAnswer }: AnswersProps) {
  return step.ask!.map((answer) => (
    <Button
      key={answer.value}
      data-run="answer"
      // Answered by its number, never by the key that goes on.
      data-loud={undefined}
      look={answer.trouble ? 'stop' : 'primary'}
      disabled={waits && answer.trouble === undefined}
      className="min-h-16 px-8 text-xl"
      onClick={() => onAnswer(answer)}
    >
      {answer.label}
    </Button>
  ));
}

/** What a step is still waiting for, at the step itself. */
function wantedWords(step: Step, { path }: Issue): string {
  const field = step.record?.find((each) => path === `record.${each.id}`);
  if (field) return `${field.label} first.`;
  return step.measure ? 'A figure, or a note that says why there is none.' : 'Say why in the note first.';
}
