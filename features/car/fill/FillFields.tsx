'use client';

import type { FluidClass } from '@/core/car/fluidClasses';
import { type FluidFill, fillChanges } from '@/core/planning/fill/fill';
import { NumberField, TextField } from '@/ui/Field';
import { DayField } from '../../shell/DayField';
import { useUnits } from '../../shell/useUnits';
import { FluidFields } from './FluidFields';
import type { FillTyped } from './typed';

type Props = {
  typed: FillTyped;
  /** What was in before, to say what changes. */
  before?: Pick<FluidFill, 'fluidClass' | 'colour'>;
  /** What is wrong, by the server's names. */
  errorOf: (field: string) => string | undefined;
  onChange: (typed: FillTyped) => void;
};

/** The fields of a fill: product, batch, class, the product's own pair, colour, odometer. */
export function FillFields({ typed, before, errorOf, onChange }: Props) {
  const units = useUnits();
  const set = (field: keyof FillTyped) => (event: { target: { value: string } }) =>
    onChange({ ...typed, [field]: event.target.value });
  const changes = fillChanges(before, {
    fluidClass: typed.fluidClass as FluidClass,
    colour: typed.colour,
  });
  return (
    <>
      <div className="grid gap-3 sm:grid-cols-2 xl:grid-cols-4">
        <TextField
          label="Product"
          maxLength={120}
          value={typed.product}
          error={errorOf('product')}
          onChange={set('product')}
        />
        <TextField
          label="Batch"
          maxLength={60}
          value={typed.batch}
          error={errorOf('batch')}
          onChange={set('batch')}
        />
        <FluidFields typed={typed} errorOf={errorOf} onChange={onChange} />
        <NumberField
          label="Odometer"
          unit={units.unit('km')}
          value={typed.odometer}
          error={errorOf('odometerKm')}
          onChange={set('odometer')}
        />
        <DayField
          label="Filled on"
          value={typed.filledOn}
          error={errorOf('filledOn')}
          onChange={(filledOn) => onChange({ ...typed, filledOn })}
        />
      </div>
      {changes.length > 0 && (
        <p role="status" className="border-l-[6px] border-straw bg-straw-wash p-2 font-semibold">
          Changes the {changes.join('; the ')}.
        </p>
      )}
    </>
  );
}
