'use client';

import { FLUID_CLASS_IDS, FLUID_CLASSES } from '@/core/car/fluidClasses';
import { NumberField, SelectField, TextField } from '@/ui/Field';
import { useUnits } from '../../shell/useUnits';

/** A fluid as it is typed: its class, the product’s own boiling points where its sheet was read, its colour. */
export type FluidTyped = { fluidClass: string; dry: string; wet: string; colour: string };

type Props<T extends FluidTyped> = {
  typed: T;
  /** What is wrong, by the server's names. */
  errorOf: (field: string) => string | undefined;
  onChange: (typed: T) => void;
};

/** The same of a lot on the shelf as of a fill. */
export function FluidFields<T extends FluidTyped>({ typed, errorOf, onChange }: Props<T>) {
  const units = useUnits();
  const set = (field: keyof FluidTyped) => (event: { target: { value: string } }) =>
    onChange({ ...typed, [field]: event.target.value });
  return (
    <>
      <SelectField label="Class" value={typed.fluidClass} onChange={set('fluidClass')}>
        {FLUID_CLASS_IDS.map((each) => (
          <option key={each} value={each}>
            {FLUID_CLASSES[each].label}
          </option>
        ))}
      </SelectField>
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
      <TextField
        label="Colour"
        maxLength={40}
        value={typed.colour}
        error={errorOf('colour')}
        onChange={set('colour')}
      />
    </>
  );
}
