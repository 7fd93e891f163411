'use client';

import { useFormContext } from 'react-hook-form';
import { FormNumber, FormSelect, FormText } from './FormFields';
import { AXLE_NUMBERS, type CarDraft } from './fields';

/** Brakes of one axle. */
export function AxleFields({ axle }: { axle: 'front' | 'rear' }) {
  const { watch } = useFormContext<CarDraft>();
  const drum = watch(`${axle}.brake`) === 'drum';
  return (
    <fieldset className="border-t-2 border-ink pt-1">
      <legend className="narrow pr-3 text-xl font-bold">
        {axle === 'front' ? 'Front axle' : 'Rear axle'}
      </legend>
      <div className="grid gap-4 sm:grid-cols-2 desk:grid-cols-4">
        {axle === 'rear' && (
          <FormSelect name="rear.brake" label="Brake" options={{ disc: 'Disc', drum: 'Drum' }} known />
        )}
        {!drum && (
          <FormSelect
            name={`${axle}.caliper`}
            label="Caliper"
            options={{ opposed: 'Opposed pistons', sliding: 'Sliding' }}
          />
        )}
        <FormText
          name={`${axle}.pistons`}
          label={drum ? 'Cylinder pistons, mm' : 'Pistons of one caliper, mm'}
          hint="All of them, as 40, 40, 36, 36"
        />
        <FormSelect
          name={`${axle}.bleeders`}
          label={drum ? 'Bleeders a cylinder' : 'Bleeders a caliper'}
          options={{ 1: 'One', 2: 'Two' }}
          known
        />
        {!drum && (
          <FormSelect
            name={`${axle}.rotor`}
            label="Rotor"
            options={{ one_piece: 'One piece', two_piece: 'Two piece, floating' }}
          />
        )}
        {!drum && <FormNumber name={`${axle}.rotorNewMm`} spec={AXLE_NUMBERS.rotorNewMm!} />}
        {!drum && (
          <FormNumber
            name={`${axle}.rotorMinimumMm`}
            spec={AXLE_NUMBERS.rotorMinimumMm!}
            hint="Marked on the rotor"
          />
        )}
        <FormNumber
          name={`${axle}.padNewMm`}
          spec={{ ...AXLE_NUMBERS.padNewMm!, label: drum ? 'Lining new' : 'Pad new' }}
        />
        <FormNumber
          name={`${axle}.padMinimumMm`}
          spec={{ ...AXLE_NUMBERS.padMinimumMm!, label: drum ? 'Lining minimum' : 'Pad minimum' }}
        />
        <FormNumber
          name={`${axle}.lineLeftM`}
          spec={AXLE_NUMBERS.lineLeftM!}
          hint="From the master, along the pipe"
        />
        <FormNumber name={`${axle}.lineRightM`} spec={AXLE_NUMBERS.lineRightM!} />
      </div>
    </fieldset>
  );
}
