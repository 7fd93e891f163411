'use client';

import { useCallback, useEffect, useState } from 'react';
import { speedWords } from '@/core/base/units/speed';
import { FELT } from '@/core/planning/bedin/heatFields';
import type { MotionEvent } from '@/core/planning/bedin/motion';
import { refitBedIn } from '@/core/planning/bedin/refit';
import { measuredHeat } from '@/core/planning/bedin/stageHeat';
import type { WorkRow } from '@/core/planning/run/rows';
import { planOf, type Run } from '@/core/planning/run/run';
import type { Step } from '@/core/planning/run/step';
import { Button } from '@/ui/Button';
import { clock, figure } from '@/ui/format';
import { beep, say } from '@/ui/sound';
import { useCountdown } from '@/ui/useCountdown';
import { HoldsPanel } from '../../checks/HoldsPanel';
import type { TickRecord } from '../../record/commands';
import { useJob } from '../../record/JobProvider';
import { useUnits } from '../../shell/useUnits';
import { MotionKeys } from './MotionKeys';
import { useFeltSlowdown } from './useFeltSlowdown';
import { useFinds } from './useFinds';
import type { Motion } from './useMotion';
import { WarmEnough } from './WarmEnough';

/** Deceleration a passenger may count on for the cue, m/s²: a firm slowdown, a moderate stop. */
const FIRM = 5;
const MODERATE = 3;

type Props = { work: WorkRow; run: Run; step: Step; sound: boolean; motion: Motion };
type Cue = 'up_to_speed' | 'braking';

/**
 * One slowdown, worked by the passenger: the speed to reach, brake, release, then the count of the cool-down of the one
 * before. Two presses, in figures that read across a car.
 */
export function SlowdownStep({ work, run, step, sound, motion }: Props) {
  const { tick, closed, judgement } = useJob();
  const held = judgement.holds.some((hold) => !hold.proof);
  const units = useUnits();
  const finds = useFinds();
  const { fromKmh, toKmh } = step.slowdown!;
  const stops = run.steps.filter((each) => each.slowdown);
  const at = stops.indexOf(step);
  const { bedIn } = planOf(work);
  const refit = bedIn && refitBedIn(bedIn.input, bedIn.plan, measuredHeat(run));
  const predictedC = refit?.predictedC[at] ?? step.slowdown!.predictedC;
  const [cue, setCue] = useState<Cue>('up_to_speed');
  const before = stops[at - 1];
  const releasedAt = before && run.last.get(before.id)?.record.releasedAt;
  const coolS = before?.slowdown?.coolS ?? 0;
  const [cooling, setCooling] = useState(coolS > 0 && releasedAt !== undefined);

  const shown = useCallback((kmh: number) => units.show(kmh, 'km/h', 0), [units]);

  useEffect(() => {
    if (!sound || cooling || held) return;
    say(`Up to ${shown(fromKmh)}`);
  }, [fromKmh, cooling, held, sound, shown]);

  const brake = () => {
    setCue('braking');
    if (!sound) return;
    beep(660);
    say(toKmh === 0 ? 'Brake to a stop' : `Brake to ${shown(toKmh)}`);
  };
  const release = (felt: TickRecord = {}) => {
    if (sound) {
      beep(990);
      say(toKmh === 0 ? 'Roll on' : 'Release');
    }
    // By this device's clock, which the count-down goes by: the server's may be minutes off.
    tick(work.id, step.id, true, { record: { ...felt, releasedAt: new Date().toISOString() } });
  };
  const onMotion = (event: MotionEvent) => {
    if (closed) return;
    setCooling(false);
    if (event.kind === 'braking') return setCue('braking');
    if (sound && event.stood && toKmh > 0) say('It stood. A hot pad prints: keep it rolling');
    release({
      [FELT.ms2]: Number(event.meanMs2.toFixed(1)),
      ...(event.stood ? { [FELT.stood]: 'yes' } : {}),
    });
  };
  useFeltSlowdown(motion, {
    slowdown: step.slowdown!,
    fromKmh: before?.slowdown?.toKmh ?? 0,
    comingUp: cue === 'up_to_speed' && !cooling,
    off: held,
    onMotion,
  });
  if (held)
    return (
      <section aria-label={step.title}>
        <h3 className="text-3xl">{step.title}</h3>
        <p className="mb-2 text-xl font-semibold text-stop">
          The car is held: off the brake, roll out, and stand it where it can be looked at.
        </p>
        <HoldsPanel />
      </section>
    );
  const brakeS = (fromKmh - toKmh) / 3.6 / (toKmh === 0 ? MODERATE : FIRM);
  return (
    <section aria-label={step.title}>
      <p className="narrow text-lg text-soft">{step.part}</p>
      <h3 className="text-3xl">{step.title}</h3>
      <p className="text-xl">{step.how}</p>
      {predictedC !== undefined && (
        <p className="text-lg text-soft">
          The rotor should end near <b className="reading text-ink">{units.full(predictedC, '°C', 0)}</b>
          {refit && ', by what was measured'}
        </p>
      )}
      {cooling ? (
        <div className="my-4">
          <p className="narrow text-3xl font-bold">Off the brake: cool</p>
          <CoolDown
            seconds={coolS}
            from={String(releasedAt)}
            sound={sound}
            onDone={() => setCooling(false)}
          />
          <Button look="quiet" onClick={() => setCooling(false)}>
            It is cool enough
          </Button>
        </div>
      ) : cue === 'up_to_speed' ? (
        <div className="my-4">
          <p className="narrow text-2xl font-bold">Up to</p>
          <p className="reading text-6xl font-semibold desk:text-8xl">{shown(fromKmh)}</p>
          <p className="reading text-2xl text-soft">{speedWords(fromKmh)}</p>
          {!closed && (
            <Button data-run="next" look="primary" className="mt-4 min-h-24 w-full text-3xl!" onClick={brake}>
              At speed: brake
            </Button>
          )}
        </div>
      ) : (
        <div className="my-4">
          <p className="narrow text-2xl font-bold text-bronze">
            {toKmh === 0 ? 'Brake until it stands' : 'Brake to'}
          </p>
          <p className="reading text-6xl font-semibold desk:text-8xl">{shown(toKmh)}</p>
          <p className="reading text-2xl text-soft">
            {toKmh === 0 ? 'a stop' : speedWords(toKmh)}, about {figure(brakeS, 0)} s
          </p>
          <Button
            data-run="next"
            look="primary"
            className="mt-4 min-h-24 w-full text-3xl!"
            onClick={() => release()}
          >
            {toKmh === 0 ? 'Stands: roll on' : 'There: release'}
          </Button>
        </div>
      )}
      {!closed && refit && cue === 'up_to_speed' && (
        <WarmEnough work={work} run={run} step={step} bedIn={bedIn} refit={refit} />
      )}
      {!closed && (
        <div className="flex flex-wrap gap-3">
          {step.troubles?.map((trouble) => (
            <Button
              key={trouble.id}
              className="min-h-14 text-lg"
              onClick={() => {
                finds.asked(trouble.finds);
                tick(work.id, step.id, false, { record: { trouble: trouble.id } });
              }}
            >
              {trouble.label}
            </Button>
          ))}
        </div>
      )}
      {!closed && <MotionKeys motion={motion} />}
    </section>
  );
}

type CoolDownProps = { seconds: number; from: string; sound: boolean; onDone: () => void };

/** The cool-down of the slowdown before, counted aloud at its beginning and its end. */
function CoolDown({ seconds, from, sound, onDone }: CoolDownProps) {
  const { left } = useCountdown(seconds, Date.parse(from), onDone);
  const whole = Math.ceil(left);
  useEffect(() => {
    if (!sound) return;
    if (whole === seconds) say(`Cool, ${seconds} seconds`);
    else if (whole === 10 || (whole > 0 && whole <= 3)) say(String(whole));
  }, [whole, seconds, sound]);
  return (
    <p role="timer" aria-live="off" className="reading my-2 text-6xl font-semibold">
      {clock(left)}
    </p>
  );
}
