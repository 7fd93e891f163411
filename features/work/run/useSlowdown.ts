'use client';

import { useCallback, useEffect, useState } from 'react';
import { FELT } from '@/core/planning/bedin/heatFields';
import type { MotionEvent } from '@/core/planning/bedin/motion';
import { refitBedIn } from '@/core/planning/bedin/refit';
import { measuredHeat } from '@/core/planning/bedin/stageHeat';
import type { WorkRow } from '@/core/planning/run/rows';
import { planOf, type Run } from '@/core/planning/run/run';
import type { Step } from '@/core/planning/run/step';
import { beep, say } from '@/ui/sound';
import type { TickRecord } from '../../record/commands/works';
import { useJob } from '../../record/JobProvider';
import { useUnits } from '../../shell/useUnits';
import { useFeltSlowdown } from './useFeltSlowdown';
import type { Motion } from './useMotion';

export type SlowdownProps = { work: WorkRow; run: Run; step: Step; sound: boolean; motion: Motion };
type Cue = 'up_to_speed' | 'braking';

/** Where one slowdown stands: what is called, by a press or by what the phone feels, and how hot it should end. */
export function useSlowdown({ work, run, step, sound, motion }: SlowdownProps) {
  const { tick, closed, judgement } = useJob();
  const held = judgement.holds.some((hold) => !hold.proof);
  const { toKmh } = step.slowdown!;
  const { before, releasedAt } = slowdownBefore(run, step);
  const coolS = before?.slowdown?.coolS ?? 0;
  const [cue, setCue] = useState<Cue>('up_to_speed');
  const [cooling, setCooling] = useState(coolS > 0 && releasedAt !== undefined);
  const calls = useCalls(step, sound, !cooling && !held);
  const release = (felt: TickRecord = {}) => {
    calls.release();
    // By this device's clock, which the count-down goes by: the server's may be minutes off.
    tick(work.id, step.id, true, { record: { ...felt, releasedAt: new Date().toISOString() } });
  };
  const onMotion = (event: MotionEvent) => {
    if (closed) return;
    setCooling(false);
    if (event.kind === 'braking') return setCue('braking');
    if (event.stood && toKmh > 0) calls.stood();
    release(feltRecord(event));
  };
  useFeltSlowdown(motion, {
    slowdown: step.slowdown!,
    fromKmh: before?.slowdown?.toKmh ?? 0,
    comingUp: cue === 'up_to_speed' && !cooling,
    off: held,
    onMotion,
  });
  return {
    closed,
    held,
    cue,
    /** The slowdown before has to cool first: for so long, since then. */
    cooling: cooling ? { seconds: coolS, from: String(releasedAt) } : undefined,
    cooled: () => setCooling(false),
    brake() {
      setCue('braking');
      calls.brake();
    },
    release: () => release(),
    ...heatOf(work, run, step),
  };
}

function feltRecord({ meanMs2, stood }: Extract<MotionEvent, { kind: 'ended' }>): TickRecord {
  return { [FELT.ms2]: Number(meanMs2.toFixed(1)), ...(stood ? { [FELT.stood]: 'yes' } : {}) };
}

function slowdownBefore(run: Run, step: Step): { before?: Step; releasedAt?: unknown } {
  const stops = run.steps.filter((each) => each.slowdown);
  const before = stops[stops.indexOf(step) - 1];
  return { before, releasedAt: before && run.last.get(before.id)?.record.releasedAt };
}

/** How hot the rotor should end, by what was measured where something was. */
function heatOf(work: WorkRow, run: Run, step: Step) {
  const { bedIn } = planOf(work);
  const refit = bedIn && refitBedIn(bedIn.input, bedIn.plan, measuredHeat(run));
  const at = run.steps.filter((each) => each.slowdown).indexOf(step);
  return { bedIn, refit, predictedC: refit?.predictedC[at] ?? step.slowdown!.predictedC };
}

/** What is said aloud, where sound is on. @param isDue whether it is time to come up to speed */
function useCalls(step: Step, sound: boolean, isDue: boolean) {
  const units = useUnits();
  const { fromKmh, toKmh } = step.slowdown!;
  const shown = useCallback((kmh: number) => units.show(kmh, 'km/h', 0), [units]);
  useEffect(() => {
    if (sound && isDue) say(`Up to ${shown(fromKmh)}`);
  }, [fromKmh, isDue, sound, shown]);
  const call = (hertz: number, words: string) => {
    if (!sound) return;
    beep(hertz);
    say(words);
  };
  return {
    brake: () => call(660, toKmh === 0 ? 'Brake to a stop' : `Brake to ${shown(toKmh)}`),
    release: () => call(990, toKmh === 0 ? 'Roll on' : 'Release'),
    stood() {
      if (sound) say('It stood. A hot pad prints: keep it rolling');
    },
  };
}
