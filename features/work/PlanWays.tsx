'use client';

import { AXLES, axleOf } from '@/core/car/corner';
import { Opens } from '@/ui/Opens';
import { useJob } from '../record/JobProvider';
import { BedInFields } from './BedInFields';
import { BleederScrews } from './BleederScrews';
import { BleedWaysFields } from './BleedWaysFields';
import { PadGaps } from './PadGaps';
import { SpringFields } from './SpringFields';
import type { PlannerState } from './usePlanner';
import { useWorkPlace } from './WorkPlace';

/** Jobs that are weighed by the gap at the pads. */
const GAP_JOBS: readonly string[] = ['knockback_kit', 'upright', 'bearing'];

/** How the work is done this once, where the plan has a bleed, springs or a bed-in in it. */
export function PlanWays({ planner: { id, chosen, plan, setOptions } }: { planner: PlannerState }) {
  const { sheet } = useJob();
  const { ways } = useWorkPlace();
  const jobId = sheet.job.id;
  const { options } = chosen;
  return (
    <>
      {plan.bleed && <BleederScrews corners={plan.bleed.plan.order.map(({ corner }) => corner)} />}
      {plan.bleed && (
        <Opens
          head={<b className="font-semibold underline underline-offset-4">Bleed it another way this once</b>}
        >
          <BleedWaysFields
            key={`bleed ${id}`}
            jobId={jobId}
            chosen={options.bleed ?? {}}
            ceilingKPa={plan.bleed.plan.ceilingKPa}
            onChange={(bleed) => setOptions({ bleed })}
          />
        </Opens>
      )}
      {GAP_JOBS.includes(id) && <PadGaps corners={plan.corners} springs={plan.springs !== undefined} />}
      {plan.springs && (
        <SpringFields
          jobId={jobId}
          axle={axleOf(plan.corners[0]!)}
          chosen={options.springs ?? {}}
          onChange={(springs) => setOptions({ springs })}
        />
      )}
      {plan.bedIn && (
        <Opens
          startOpen={id === 'bed_in'}
          head={
            <b className="font-semibold underline underline-offset-4">The bed-in: school, compound, axle</b>
          }
        >
          <BedInFields
            key={`bed-in ${id}`}
            jobId={jobId}
            chosen={options.bedIn ?? {}}
            ways={ways}
            axles={AXLES.filter((axle) => sheet.car[axle].brake === 'disc')}
            axle={plan.bedIn.input.axle ?? 'front'}
            betterStops={plan.bedIn.plan.betterStops}
            onChange={(bedIn) => setOptions({ bedIn })}
          />
        </Opens>
      )}
    </>
  );
}
