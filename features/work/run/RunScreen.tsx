'use client';

import { Volume2, VolumeX } from 'lucide-react';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import { firstInVisit } from '@/core/planning/run/mates';
import { PRESS, planOf, runOf, STEPPED_BACK, stepsBack, stepsInHand } from '@/core/planning/run/run';
import { Button, buttonClass } from '@/ui/Button';
import { Link } from '@/ui/Link';
import { useJob } from '../../record/JobProvider';
import { ahead } from '../../shell/ahead';
import { untilThere } from '../../shell/later';
import { UnitKeys } from '../../shell/UnitKeys';
import { useKept } from '../../shell/useKept';
import { RunPicture } from './RunPicture';
import { RunRule } from './RunRule';
import { StepGroup } from './StepGroup';
import { StepInHand } from './StepInHand';
import { useFinds } from './useFinds';
import { useMotion } from './useMotion';
import { useRunKeys } from './useRunKeys';
import { useWakeLock } from './useWakeLock';

// The end of a run comes when it is reached.
const RunEnd = dynamic(() => untilThere(() => import('./RunEnd').then((module) => module.RunEnd)), {
  loading: () => <div className="min-h-64" />,
});
ahead(() => import('./RunEnd'));

/** A work under way on one large screen: the picture, the step in hand, where it stands on the rule. */
export function RunScreen({ workId }: { workId: string }) {
  const { sheet, tick, closed } = useJob();
  const [sound, keepSound] = useKept('run-sound', true);
  const [unitsShown, showUnits] = useState(false);
  const work = sheet.works.find((each) => each.id === workId);
  const run = work && runOf(work, sheet.ticks);
  const finds = useFinds();
  const motion = useMotion();
  useRunKeys();
  useWakeLock(run?.state === 'under_way');
  const list = `/job/${sheet.job.id}/work`;
  if (!work || !run)
    return (
      <main id="main" className="p-5">
        <p className="text-lg">That work is not on this job’s sheet.</p>
        <Link href={list} className={buttonClass()}>
          To the work of this job
        </Link>
      </main>
    );
  const before = firstInVisit(work, sheet.works, sheet.ticks);
  const plan = planOf(work);
  const hand = stepsInHand(run);
  const [step] = hand;
  const back = stepsBack(run);
  const stepBack = (why = '') => {
    for (const each of back) {
      const { note, record } = run.last.get(each.id)!;
      const { [PRESS]: _, ...kept } = record;
      finds.takeBack(each);
      tick(work.id, each.id, false, { note: why || note, record: { ...kept, [STEPPED_BACK]: 'yes' } });
    }
  };
  return (
    <main
      id="main"
      className="relative min-w-0 desk:grid desk:min-h-0 desk:grid-cols-[minmax(17rem,26rem)_1fr] desk:grid-rows-[minmax(0,1fr)]"
    >
      <RunPicture plan={plan} run={run} />
      <div className="flex min-h-[calc(100dvh-6.25rem)] min-w-0 flex-col desk:min-h-0">
        <div className="flex flex-wrap items-center gap-x-3 border-b-2 border-ink bg-card px-4 py-1.5 desk:px-6">
          <h2 className="mr-auto text-xl">
            {work.title}{' '}
            <span data-testid="run-count" className="reading ml-1 text-base font-medium text-soft">
              {run.done} of {run.steps.length}
            </span>
          </h2>
          <Button
            look="quiet"
            aria-pressed={sound}
            aria-label={sound ? 'Sound is on' : 'Sound is off'}
            onClick={() => keepSound(!sound)}
          >
            {sound ? <Volume2 aria-hidden="true" size={22} /> : <VolumeX aria-hidden="true" size={22} />}
          </Button>
          <Button look="quiet" aria-expanded={unitsShown} onClick={() => showUnits(!unitsShown)}>
            Units
          </Button>
          {step && back.length > 0 && !closed && (
            <Button look="quiet" onClick={() => stepBack()}>
              Step back
            </Button>
          )}
          <Link href={list} className={buttonClass('quiet')}>
            To the list
          </Link>
          {unitsShown && (
            <UnitKeys kinds={['pressureUnit', 'lengthUnit', 'temperatureUnit']} className="w-full pb-1" />
          )}
        </div>
        <div className="min-w-0 flex-1 p-4 desk:overflow-y-auto desk:p-6">
          {before && step ? (
            <section aria-label="First">
              <h3 className="text-2xl desk:text-3xl">First: {before.title}</h3>
              <p className="mb-3 text-lg">Both are one visit: its part is done before this one begins.</p>
              <Link
                href={`/job/${sheet.job.id}/run/${before.id}`}
                className={`${buttonClass('primary')} min-h-16 px-8 text-xl`}
              >
                To it
              </Link>
            </section>
          ) : !step ? (
            <RunEnd work={work} run={run} onReopen={closed ? undefined : stepBack} />
          ) : hand.length > 1 ? (
            <StepGroup key={step.part} work={work} steps={hand} />
          ) : (
            <StepInHand key={step.id} work={work} run={run} step={step} sound={sound} motion={motion} />
          )}
        </div>
        <RunRule run={run} />
      </div>
    </main>
  );
}
