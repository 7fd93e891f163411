'use client';

import { TORQUES } from '@/core/car/torques';
import { CAUTIONS } from '@/core/planning/cautions';
import type { WorkPlan } from '@/core/planning/plan';
import { useUnits } from '../../shell/useUnits';
import { useDesk } from '../desk/Desk';

/** Every step of a plan before it starts, with its cautions where they matter; what the printer gets. */
export function StepsWhole({ plan }: { plan: WorkPlan }) {
  const { sheet } = useDesk();
  const units = useUnits();
  const said = new Set<string>();
  return (
    <ol className="list-none">
      {plan.steps.map((step, index) => {
        // A caution is printed where it first matters; in the run it stands at every step it belongs to.
        const cautions = (step.cautions ?? []).filter((id) => !said.has(id));
        for (const id of cautions) said.add(id);
        const torque = step.torque && sheet.car.torquesNm[step.torque];
        return (
          <li key={step.id} className="border-b border-rule py-1.5 break-inside-avoid">
            {step.part !== plan.steps[index - 1]?.part && (
              <p className="narrow mt-2 border-b border-ink font-semibold">{step.part}</p>
            )}
            <p className="flex gap-3">
              <span className="reading w-7 shrink-0 text-right text-soft">{index + 1}</span>
              <span className="flex-1">
                <b className="font-semibold">{units.words(step.title)}.</b> {units.words(step.how)}
                {step.pressureKPa && ` ${units.full(step.pressureKPa.working, 'kPa', 0)}.`}
                {step.timerS !== undefined && ` ${step.timerS} s by the clock.`}
                {!!step.slowdown?.coolS && ` Then ${step.slowdown.coolS} s to cool.`}
                {step.tool && <span className="text-soft"> Tool: {step.tool}.</span>}
                {step.torque && (
                  <span className="text-soft">
                    {' '}
                    {TORQUES[step.torque]}:{' '}
                    {torque === undefined ? 'maker’s figure, not on file' : units.full(torque, 'N·m', 0)}.
                  </span>
                )}
                {cautions.map((id) => (
                  <span key={id} className="block border-l-4 border-bronze pl-2">
                    {CAUTIONS[id]}
                  </span>
                ))}
              </span>
              {step.ml && <span className="reading shrink-0">{step.ml.here} ml</span>}
            </p>
          </li>
        );
      })}
    </ol>
  );
}
