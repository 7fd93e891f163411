'use client';

import type { Step } from '@/core/planning/run/step';
import { useUnits } from '../../shell/useUnits';

/** What a step is called, with the figure it goes by, to be read from the floor. */
export function StepHead({ step: { part, title, ml, pressureKPa } }: { step: Step }) {
  const units = useUnits();
  return (
    <>
      <p className="narrow text-lg text-soft">{part}</p>
      <h3 className="text-3xl desk:text-4xl">{units.words(title)}</h3>
      {ml && (
        <p className="reading my-1 text-4xl font-semibold desk:text-5xl">
          {ml.here} ml{' '}
          <span className="text-lg font-medium text-soft desk:text-2xl">to {ml.total} in all</span>
        </p>
      )}
      {pressureKPa && (
        <p className="reading my-1 text-4xl font-semibold desk:text-5xl">
          {units.full(pressureKPa.working, 'kPa', 0)}{' '}
          <span className="text-lg font-medium text-stop desk:text-2xl">
            never over {units.full(pressureKPa.ceiling, 'kPa', 0)}
          </span>
        </p>
      )}
    </>
  );
}
