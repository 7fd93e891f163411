'use client';

import { inSentence } from '@/core/base/sentence';
import type { WorkPlan } from '@/core/planning/plan';
import { figure } from '@/ui/format';
import { useUnits } from '../shell/useUnits';
import { BedInSheet } from './BedInSheet';
import { BleedTable } from './BleedTable';
import { NeedsList } from './NeedsList';
import { StepsWhole } from './StepsWhole';

/** A plan shown whole before it starts. */
export function PlanSheet({
  plan,
  title,
  onLot,
}: {
  plan: WorkPlan;
  title: string;
  onLot?: (lot: string | undefined) => void;
}) {
  const units = useUnits();
  const isBedIn = plan.procedure === 'bed_in';
  return (
    <div className="grid gap-4">
      {plan.warnings.length > 0 && (
        <ul className="border-l-[6px] border-straw bg-straw-wash px-3 py-2">
          {plan.warnings.map((warning) => (
            <li key={warning}>{units.words(warning)}</li>
          ))}
        </ul>
      )}
      <NeedsList plan={plan} onLot={onLot} />
      {plan.bleed && <BleedTable bleed={plan.bleed} />}
      {plan.springs && (
        <p>
          <b className="reading font-semibold">{plan.springs.count}</b> springs of{' '}
          <span className="reading">{figure(plan.springs.forceN, 1)} N</span>: drag{' '}
          <b className="reading font-semibold">{units.full(plan.springs.dragNm, 'N·m', 1)}</b> a rotor, up to{' '}
          <span className="reading">{figure(plan.springs.powerW / 1000, 2)} kW</span> at{' '}
          {units.full(plan.springs.speedKmh, 'km/h', 0)}
          {plan.springs.lossKmh !== undefined && (
            <>
              , and {units.full(plan.springs.lossKmh, 'km/h', 1)} of that speed for{' '}
              {plan.corners.length === 1 ? 'it' : `all ${plan.corners.length}`}
            </>
          )}{' '}
          <span className="text-soft">(upper bound, the seals take some back; our model)</span>
        </p>
      )}
      {plan.bedIn && (
        <section>
          {!isBedIn && (
            <h4 className="narrow border-b border-ink text-lg font-semibold">
              Then bedded in, as its own work
            </h4>
          )}
          <BedInSheet bedIn={plan.bedIn} />
        </section>
      )}
      {plan.tradeOffs.length > 0 && (
        <ul className="list-disc pl-5 text-small text-soft">
          {plan.tradeOffs.map((line) => (
            <li key={line}>{line}</li>
          ))}
        </ul>
      )}
      <section aria-label={`Steps of ${inSentence(title)}`}>
        <h4 className="narrow text-lg font-semibold">
          {plan.steps.length} steps{' '}
          {plan.library && (
            <span className="text-base font-normal text-soft">
              procedure library {plan.library}, common practice
            </span>
          )}
        </h4>
        <StepsWhole plan={plan} />
      </section>
    </div>
  );
}
