'use client';

import { fluidSoFar } from '@/core/planning/bleed/soFar';
import type { WorkPlan } from '@/core/planning/plan';
import type { Run } from '@/core/planning/run/run';
import type { Step } from '@/core/planning/run/step';
import { BottleRule } from '../BottleRule';

/** Where the fluid stands: out so far, what the corners left need, and whether the bottles reach. */
export function FluidLine({
  run,
  bleed,
  step,
}: {
  run: Run;
  bleed: NonNullable<WorkPlan['bleed']>;
  step: Step;
}) {
  const { outMl, shortMl, shortAt } = fluidSoFar(run, bleed);
  const at = run.steps.find((each) => each.id === shortAt);
  return (
    <>
      <BottleRule drawnMl={outMl} totalMl={bleed.plan.totalMl} bottleMl={bleed.input.bottleMl} />
      {shortMl > 0 && (
        <p className="border-l-[6px] border-stop bg-stop-wash px-3 py-2 text-lg font-semibold" role="status">
          Short by {Math.round(shortMl)} ml{at && at.id !== step.id ? `: it would not reach ${at.title}` : ''}
          . Have another sealed bottle at hand before going on.
        </p>
      )}
    </>
  );
}
