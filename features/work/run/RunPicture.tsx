'use client';

import dynamic from 'next/dynamic';
import { CORNERS, type Corner } from '@/core/car/corner';
import { drawnOf } from '@/core/planning/bleed/drawn';
import { fluidSoFar } from '@/core/planning/bleed/soFar';
import type { WorkPlan } from '@/core/planning/plan';
import type { Run } from '@/core/planning/run/run';
import type { BleedCorner } from '@/ui/BleedPicture';
import { cn } from '@/ui/cn';
import { usePlanCorners } from '../../checks/usePlanCorners';
import { useJob } from '../../record/JobProvider';
import { untilThere } from '../../shell/later';

// One of the two is on the plate from the first: the page comes, and is awake, with it.
const BleedPicture = dynamic(() =>
  untilThere(() => import('@/ui/BleedPicture').then((module) => module.BleedPicture)),
);
const CornerPlan = dynamic(() =>
  untilThere(() => import('@/ui/CornerPlan').then((module) => module.CornerPlan)),
);

/** The car on the plate while it is worked on: a bleed with its lines and fluid, any other work with the corner in hand. */
export function RunPicture({ plan, run }: { plan: WorkPlan; run: Run }) {
  const { sheet } = useJob();
  const corners = usePlanCorners();
  const driveSide = sheet.car.driveSide ?? 'left';
  const bleeds = bleedCorners(run);
  const bleeding = plan.bleed !== undefined && run.steps.some((step) => step.ml);
  const fluid = plan.bleed && fluidSoFar(run, plan.bleed);
  return (
    <aside aria-label="Picture of the work" className="blueplate desk:min-h-0">
      <div className="hidden h-full items-center justify-center p-3 desk:flex">
        {bleeding ? (
          <BleedPicture
            corners={bleeds}
            driveSide={driveSide}
            supply={{ leftMl: fluid!.leftMl, ofMl: plan.bleed!.supplyMl }}
            caught={caughtOf(plan, run)}
            className="h-full max-h-[46rem] w-full"
          />
        ) : (
          <CornerPlan
            corners={corners}
            driveSide={driveSide}
            selected={run.current?.corner ?? null}
            className="aspect-[1/2] max-h-full w-full max-w-[22rem]"
          />
        )}
      </div>
      <ul className="grid grid-cols-4 desk:hidden">
        {CORNERS.map((corner) => (
          <li
            key={corner}
            className={cn(
              'flex min-h-14 flex-col items-center justify-center border-b-4 text-white',
              run.current?.corner === corner ? 'border-[#f2c14e]' : 'border-transparent',
            )}
          >
            <b className="text-lg">{corner}</b>
            <span className="text-small">{bleeding ? bleeds[corner].says : ''}</span>
          </li>
        ))}
      </ul>
    </aside>
  );
}

/** Each corner's bleeders as the run has them: the open one, those done, those to come. */
function bleedCorners(run: Run): Record<Corner, BleedCorner> {
  const drawn = drawnOf(run);
  return Object.fromEntries(
    CORNERS.map((corner): [Corner, BleedCorner] => {
      const steps = run.steps.filter((step) => step.ml && step.corner === corner);
      const names = [...new Set(steps.map((step) => step.ml!.bleeder))];
      const outMl = steps.reduce((sum, step) => sum + (drawn.get(step.id) ?? 0), 0);
      const bleeders = names.map((name) => {
        const own = steps.filter((step) => step.ml!.bleeder === name);
        if (own.some((step) => step === run.current)) return 'open' as const;
        return own.some((step) => drawn.has(step.id)) ? ('done' as const) : ('to_do' as const);
      });
      const says = bleeders.includes('open')
        ? 'open'
        : outMl > 0
          ? `${Math.round(outMl)} ml out`
          : steps.length > 0
            ? 'to come'
            : '';
      return [corner, { bleeders, outMl, says }];
    }),
  ) as Record<Corner, BleedCorner>;
}

/** What hangs in the catch bottle since the plan had it emptied. */
function caughtOf(plan: WorkPlan, run: Run): { ml: number; ofMl: number } {
  const drawn = drawnOf(run);
  const bleeders = run.steps.filter((step) => step.ml);
  const at = bleeders.findIndex((step) => !drawn.has(step.id));
  const upTo = at < 0 ? bleeders.length : at;
  const emptied = plan.bleed!.plan.emptyCatchBefore.filter((index) => index <= upTo).at(-1) ?? 0;
  const ml = bleeders.slice(emptied, upTo).reduce((sum, step) => sum + (drawn.get(step.id) ?? 0), 0);
  return { ml, ofMl: plan.bleed!.plan.catchMl };
}
