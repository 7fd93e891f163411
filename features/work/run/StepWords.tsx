'use client';

import { CAUTIONS } from '@/core/planning/cautions';
import type { Step } from '@/core/planning/run/step';
import { useUnits } from '../../shell/useUnits';

/** What a step says beyond its title: how, why, with what, and what can hurt. */
export function StepWords({ step, large = false }: { step: Step; large?: boolean }) {
  const units = useUnits();
  return (
    <>
      <p className={large ? 'text-xl' : undefined}>{units.words(step.how)}</p>
      {step.why && <p className="mt-1 text-soft">{units.words(step.why)}</p>}
      {step.tool && (
        <p className="mt-1">
          <span className="text-soft">Tool:</span> {step.tool}
        </p>
      )}
      {step.cautions && (
        <div className="mt-1.5 flex flex-wrap gap-x-6 gap-y-1.5 font-semibold">
          {step.cautions.map((id) => (
            <p key={id} className="border-l-[6px] border-bronze pl-3">
              {CAUTIONS[id]}
            </p>
          ))}
        </div>
      )}
    </>
  );
}
