'use client';

import { useEffect } from 'react';
import { speedWords } from '@/core/base/units/speed';
import type { WorkRow } from '@/core/planning/run/rows';
import type { Step } from '@/core/planning/run/step';
import { Button } from '@/ui/Button';
import { clock, figure } from '@/ui/format';
import { say } from '@/ui/sound';
import { useCountdown } from '@/ui/useCountdown';
import { HoldsPanel } from '../../checks/HoldsPanel';
import { useJob } from '../../record/JobProvider';
import { useUnits } from '../../shell/useUnits';
import { MotionKeys } from './MotionKeys';
import { useFinds } from './useFinds';
import { type SlowdownProps, useSlowdown } from './useSlowdown';
import { WarmEnough } from './WarmEnough';

/** Deceleration a passenger may count on for the cue, m/s²: a firm slowdown, a moderate stop. */
const FIRM = 5;
const MODERATE = 3;

/**
 * One slowdown, worked by the passenger: the speed to reach, brake, release, then the count of the cool-down of the one
 * before. Two presses, in figures that read across a car.
 */
export function SlowdownStep(props: SlowdownProps) {
  const { work, run, step, sound, motion } = props;
  const units = useUnits();
  const slowdown = useSlowdown(props);
  const { closed, cue, cooling, cooled, bedIn, refit, predictedC } = slowdown;
  if (slowdown.held)
    return (
      <section aria-label={step.title}>
        <h3 className="text-3xl">{step.title}</h3>
        <p className="mb-2 text-xl font-semibold text-stop">
          The car is held: off the brake, roll out, and stand it where it can be looked at.
        </p>
        <HoldsPanel />
      </section>
    );
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
          <CoolDown {...cooling} sound={sound} onDone={cooled} />
          <Button look="quiet" onClick={cooled}>
            It is cool enough
          </Button>
        </div>
      ) : cue === 'up_to_speed' ? (
        <UpToSpeed step={step} onBrake={closed ? undefined : slowdown.brake} />
      ) : (
        <BrakeTo step={step} onRelease={slowdown.release} />
      )}
      {!closed && bedIn && refit && cue === 'up_to_speed' && (
        <WarmEnough work={work} run={run} step={step} bedIn={bedIn} refit={refit} />
      )}
      {!closed && <Troubles work={work} step={step} />}
      {!closed && <MotionKeys motion={motion} />}
    </section>
  );
}

function UpToSpeed({ step, onBrake }: { step: Step; onBrake?: () => void }) {
  const units = useUnits();
  const { fromKmh } = step.slowdown!;
  return (
    <div className="my-4">
      <p className="narrow text-2xl font-bold">Up to</p>
      <p className="reading text-6xl font-semibold desk:text-8xl">{units.show(fromKmh, 'km/h', 0)}</p>
      <p className="reading text-2xl text-soft">{speedWords(fromKmh)}</p>
      {onBrake && (
        <Button data-run="next" look="primary" className="mt-4 min-h-24 w-full text-3xl!" onClick={onBrake}>
          At speed: brake
        </Button>
      )}
    </div>
  );
}

function BrakeTo({ step, onRelease }: { step: Step; onRelease: () => void }) {
  const units = useUnits();
  const { fromKmh, toKmh } = step.slowdown!;
  const stops = toKmh === 0;
  const brakeS = (fromKmh - toKmh) / 3.6 / (stops ? MODERATE : FIRM);
  return (
    <div className="my-4">
      <p className="narrow text-2xl font-bold text-bronze">{stops ? 'Brake until it stands' : 'Brake to'}</p>
      <p className="reading text-6xl font-semibold desk:text-8xl">{units.show(toKmh, 'km/h', 0)}</p>
      <p className="reading text-2xl text-soft">
        {stops ? 'a stop' : speedWords(toKmh)}, about {figure(brakeS, 0)} s
      </p>
      <Button data-run="next" look="primary" className="mt-4 min-h-24 w-full text-3xl!" onClick={onRelease}>
        {stops ? 'Stands: roll on' : 'There: release'}
      </Button>
    </div>
  );
}

/** What may go wrong in it: said, it asks its own question. */
function Troubles({ work, step }: { work: WorkRow; step: Step }) {
  const { tick } = useJob();
  const finds = useFinds();
  return (
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
