'use client';

import { useFormContext } from 'react-hook-form';
import { useUnits } from '../shell/useUnits';
import type { CarDraft } from './carDraft';
import { FormNumber, FormSelect, FormText } from './FormFields';
import { AXLE_NUMBERS } from './numbers';

/** Brakes of one axle, beyond what the first fields ask. */
export function AxleFields({ axle }: { axle: 'front' | 'rear' }) {
  const units = useUnits();
  const { watch } = useFormContext<CarDraft>();
  const drum = watch(`${axle}.brake`) === 'drum';
  return (
    <fieldset className="border-t-2 border-ink pt-1">
      <legend className="narrow pr-3 text-xl font-bold">
        {axle === 'front' ? 'Front axle' : 'Rear axle'}
      </legend>
      <div className="grid gap-4 sm:grid-cols-2 desk:grid-cols-4">
        <FormText
          name={`${axle}.pistons`}
          label={`${drum ? 'Cylinder pistons' : 'Pistons of one caliper'}, ${units.unit('mm')}`}
          hint={`All of them, as ${units.about(40, 'mm')}, ${units.about(40, 'mm')}`}
        />
        <FormSelect
          name={`${axle}.bleeders`}
          label={drum ? 'Bleeders a cylinder' : 'Bleeders a caliper'}
          options={{ 1: 'One', 2: 'Two' }}
          known
        />
        {!drum && axle === 'rear' && (
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
        <FormSelect
          name={`${axle}.studs`}
          label="Studs"
          options={Object.fromEntries([3, 4, 5, 6, 7, 8, 9, 10].map((count) => [count, String(count)]))}
        />
        {!drum && (
          <FormNumber
            name={`${axle}.rotorRadiusMm`}
            spec={AXLE_NUMBERS.rotorRadiusMm!}
            hint="From the middle to the tip"
          />
        )}
        <FormNumber name={`${axle}.hubRadiusMm`} spec={AXLE_NUMBERS.hubRadiusMm!} />
        <FormNumber
          name={`${axle}.bearingSpanMm`}
          spec={AXLE_NUMBERS.bearingSpanMm!}
          hint="Between the two rows"
        />
        {!drum && (
          <FormNumber
            name={`${axle}.padLimitC`}
            spec={AXLE_NUMBERS.padLimitC!}
            hint="The pad maker’s highest"
          />
        )}
        {!drum && (
          <FormSelect
            name={`${axle}.padCompound`}
            label="Pad compound"
            options={{ street: 'Street', fast_road: 'Fast road', track: 'Track' }}
          />
        )}
        {!drum && (
          <FormNumber name={`${axle}.bedLowC`} spec={AXLE_NUMBERS.bedLowC!} hint="The pad maker’s window" />
        )}
        {!drum && <FormNumber name={`${axle}.bedHighC`} spec={AXLE_NUMBERS.bedHighC!} />}
        {!drum && (
          <FormNumber
            name={`${axle}.rotorMassKg`}
            spec={AXLE_NUMBERS.rotorMassKg!}
            hint="Estimated from its size if empty"
          />
        )}
      </div>
      <p className="narrow mt-4 font-semibold">
        The maker’s own limits{' '}
        <span className="font-normal text-soft">where empty, the shop’s or common practice</span>
      </p>
      <div className="grid gap-4 sm:grid-cols-2 desk:grid-cols-4">
        {!drum && <FormNumber name={`${axle}.runoutLimitMm`} spec={AXLE_NUMBERS.runoutLimitMm!} />}
        {!drum && <FormNumber name={`${axle}.dtvLimitMm`} spec={AXLE_NUMBERS.dtvLimitMm!} />}
        <FormNumber name={`${axle}.hubLimitMm`} spec={AXLE_NUMBERS.hubLimitMm!} />
        <FormNumber name={`${axle}.playLimitMm`} spec={AXLE_NUMBERS.playLimitMm!} />
      </div>
    </fieldset>
  );
}
