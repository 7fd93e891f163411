'use client';

import { UNIT_CHOICES, type UnitChoice } from '@/core/base/units/display';
import { Choice } from '@/ui/Choice';
import { cn } from '@/ui/cn';
import { chooseUnits, useUnits } from './useUnits';

const LABELS: Record<keyof UnitChoice, string> = {
  lengthUnit: 'Lengths in',
  temperatureUnit: 'Temperatures in',
  pressureUnit: 'Pressures in',
};

type Props = { kinds: readonly (keyof UnitChoice)[]; className?: string };

/** Which units this device shows and takes, over the shop's. */
export function UnitKeys({ kinds, className }: Props) {
  const { choice } = useUnits();
  return (
    <div className={cn('flex flex-wrap gap-2', className)}>
      {kinds.map((kind) => (
        <Choice
          key={kind}
          label={LABELS[kind]}
          value={choice[kind]}
          onChange={(unit) => unit !== '' && chooseUnits({ [kind]: unit })}
          options={UNIT_CHOICES[kind].map((unit) => ({ value: unit, label: unit }))}
        />
      ))}
    </div>
  );
}
