'use client';

import { WARM_ENOUGH } from '@/core/planning/bedin/heatFields';
import type { BedInRefit } from '@/core/planning/bedin/refit';
import type { WorkPlan } from '@/core/planning/plan';
import type { WorkRow } from '@/core/planning/run/rows';
import { PRESS, type Run } from '@/core/planning/run/run';
import type { Step } from '@/core/planning/run/step';
import { Button } from '@/ui/Button';
import { useJob } from '../../record/JobProvider';
import { newId } from '../../shell/newId';

type Props = {
  work: WorkRow;
  run: Run;
  step: Step;
  bedIn: NonNullable<WorkPlan['bedIn']>;
  refit: BedInRefit;
};

/** Once the rotor is in its window by what was measured, or about to leave it, the slowdowns that are left can be left out. */
export function WarmEnough({ work, run, step, bedIn, refit }: Props) {
  const { tick } = useJob();
  const stops = run.steps.filter((each) => each.slowdown);
  const at = stops.indexOf(step);
  const inWindow = (refit.predictedC[at - 1] ?? 0) >= bedIn.plan.windowC.low;
  if (!inWindow && refit.passesAt !== at + 1) return null;
  const leaveTheRest = () => {
    const press = newId();
    for (const each of stops.slice(at))
      tick(work.id, each.id, true, { record: { [WARM_ENOUGH]: 'yes', [PRESS]: press } });
  };
  return (
    <Button className="mb-3 min-h-14 text-lg" onClick={leaveTheRest}>
      Warm enough: leave the {stops.length - at} that are left out
    </Button>
  );
}
