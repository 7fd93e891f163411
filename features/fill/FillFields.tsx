'use client';

import { FLUID_CLASS_IDS, FLUID_CLASSES, type FluidClass } from '@/core/car/fluidClasses';
import { type FluidFill, fillChanges } from '@/core/planning/fill/fill';
import { NumberField, SelectField, TextField } from '@/ui/Field';
import { DayField } from '../shell/DayField';
import { useUnits } from '../shell/useUnits';
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
        <SelectField label="Class" value={typed.fluidClass} onChange={set('fluidClass')}>
          {FLUID_CLASS_IDS.map((each) => (
            <option key={each} value={each}>
              {FLUID_CLASSES[each].label}
            </option>
          ))}
        </SelectField>
        <TextField
          label="Colour"
          maxLength={40}
          value={typed.colour}
          error={errorOf('colour')}
          onChange={set('colour')}
        />
        <NumberField
          label="Its dry point"
          unit={units.unit('°C')}
          value={typed.dry}
          error={errorOf('dryC')}
          onChange={set('dry')}
        />
        <NumberField
          label="Its wet point"
          unit={units.unit('°C')}
          value={typed.wet}
          error={errorOf('wetC')}
          onChange={set('wet')}
        />
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
