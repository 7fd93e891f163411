'use client';

import { DRIVES } from '@/core/car/drives';
import { MOST_NOTE, SHEET_NOTE_IDS, SHEET_NOTES } from '@/core/car/ownSheet';
import { TORQUE_IDS } from '@/core/car/torques';
import { Part } from '@/ui/Part';
import { AxleFields } from './AxleFields';
import { YES_NO } from './FirstFields';
import { FormNumber, FormSelect, FormText } from './FormFields';
import { CAR_NUMBERS, torqueSpec } from './numbers';

/** Every figure a car can have beyond what a diagnosis needs. */
export function RestFields() {
  return (
    <>
      <Part wide title="The car">
        <FormText name="note" label="Note" className="sm:col-span-2" maxLength={400} />
        <FormSelect name="drive" label="Driven by" options={DRIVES} />
        <FormSelect
          name="electricParkingBrake"
          label="Parking brake set by a motor"
          options={YES_NO}
          hint="Wants its service mode before work"
        />
        <FormSelect name="brakeByWire" label="Brakes by wire" options={YES_NO} />
        <FormNumber name="massKg" spec={CAR_NUMBERS.massKg!} />
        <FormNumber name="tyreRadiusM" spec={CAR_NUMBERS.tyreRadiusM!} />
        <FormNumber name="frontShare" spec={CAR_NUMBERS.frontShare!} hint="0.7 unless somebody knows" />
        <FormNumber name="regenShare" spec={CAR_NUMBERS.regenShare!} hint="0 without regeneration" />
      </Part>
      <Part wide title="Pedal and master">
        <FormNumber name="masterBoreMm" spec={CAR_NUMBERS.masterBoreMm!} hint="7/8 in is taken too" />
        <FormNumber name="pedalRatio" spec={CAR_NUMBERS.pedalRatio!} />
      </Part>
      <Part wide title="Fluid and bleeding">
        <FormNumber name="fluidDryC" spec={CAR_NUMBERS.fluidDryC!} hint="The product’s own, if better" />
        <FormNumber name="fluidWetC" spec={CAR_NUMBERS.fluidWetC!} />
        <FormNumber
          name="bleedCeilingKPa"
          spec={CAR_NUMBERS.bleedCeilingKPa!}
          hint="200 kPa unless the maker says"
        />
        <FormText name="makerOrder" label="Maker’s bleed order" hint="Such as RR RL FR FL; empty: computed" />
      </Part>
      <AxleFields axle="front" />
      <AxleFields axle="rear" />
      <Part wide title="The maker’s torques">
        {TORQUE_IDS.map((each) => (
          <FormNumber key={each} name={`torquesNm.${each}`} spec={torqueSpec(each)} />
        ))}
      </Part>
      <Part wide title="The car’s own sheet">
        {SHEET_NOTE_IDS.map((each) => (
          <FormText
            key={each}
            name={`ownSheet.${each}`}
            label={SHEET_NOTES[each].label}
            hint={`Such as: ${SHEET_NOTES[each].example}`}
            maxLength={MOST_NOTE}
            className="sm:col-span-2"
          />
        ))}
      </Part>
    </>
  );
}
