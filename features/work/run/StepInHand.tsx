'use client';

import { ROUND } from '@/core/planning/bleed/roundStep';
import { jointsOf } from '@/core/planning/run/joints';
import { notesAt } from '@/core/planning/run/notesAt';
import type { WorkRow } from '@/core/planning/run/rows';
import { planOf, type Run } from '@/core/planning/run/run';
import type { Step } from '@/core/planning/run/step';
import { Measure } from '../../measure/Measure';
import { PhaseProvider } from '../../measure/PhaseContext';
import { useJob } from '../../record/JobProvider';
import { FluidLine } from './FluidLine';
import { NoteLine } from './NoteLine';
import { RecordFields } from './RecordFields';
import { RoundsLine } from './RoundsLine';
import { RunClock } from './RunClock';
import { StepHead } from './StepHead';
import { StepKeys, StepNote, StepTroubles } from './StepKeys';
import { StepWords } from './StepWords';
import { HeatSays, HoldsPanel, LookIns, SlowdownStep, StepFacts, StrokeCalls, TroubleBox } from './stepParts';
import { TorqueLine } from './TorqueLine';
import type { Motion } from './useMotion';
import { type InHand, useStepInHand } from './useStepInHand';

type Props = { work: WorkRow; run: Run; step: Step; sound: boolean; motion: Motion };

/** The step in hand, to be read from the floor; nothing is typed but what an instrument shows. */
export function StepInHand({ motion, ...at }: Props) {
  const { work, run, step, sound } = at;
  const { closed, judgement } = useJob();
  const inHand = useStepInHand(work, run, step);
  if (run.trouble) return <TroubleBox work={work} run={run} step={step} trouble={run.trouble} />;
  if (step.slowdown) return <SlowdownStep work={work} run={run} step={step} sound={sound} motion={motion} />;

  const held = step.drives && judgement.holds.some((hold) => !hold.proof);
  const open = !closed && !held;
  return (
    <section aria-label={step.title}>
      <StepHead step={step} />
      <StepWords step={step} large />
      {step.lookIn && <LookIns corners={step.lookIn} />}
      {step.facts && <StepFacts step={step} facts={step.facts} corners={planOf(work).corners} />}
      <Doing {...at} inHand={inHand} closed={closed} />
      {held && (
        <div className="mt-4">
          <p className="mb-2 text-xl font-semibold text-stop">The car does not move while it is held.</p>
          <HoldsPanel />
        </div>
      )}
      {open && <StepKeys step={step} inHand={inHand} />}
      {open && !step.ask && <StepTroubles step={step} inHand={inHand} />}
      {!closed && <StepNote inHand={inHand} />}
    </section>
  );
}

type DoingProps = Omit<Props, 'motion'> & { inHand: InHand; closed: boolean };

/** What is done at a step and written down: fluid, strokes, joints, a clock, figures and colours, heat, a reading. */
function Doing({ work, run, step, sound, inHand, closed }: DoingProps) {
  const { record, write, change, clock } = inHand;
  const { bleed, bedIn } = planOf(work);
  return (
    <>
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
          onDone={clock.ranOut}
          onStart={closed ? undefined : () => write({ ...record, clockFrom: new Date().toISOString() })}
        />
      )}
      {step.record && <RecordFields fields={step.record} record={record} onChange={change} />}
      {step.id === ROUND.step && <RoundsLine run={run} />}
      {step.heat && bedIn && <HeatSays run={run} step={step} bedIn={bedIn} onMore={inHand.again} />}
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
            onDone={closed ? undefined : inHand.measured}
          />
        </PhaseProvider>
      )}
    </>
  );
}
