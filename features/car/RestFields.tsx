'use client';

import { DRIVES } from '@/core/car/drives';
import { CAR_FIGURES, type CarFigure, figuresIn } from '@/core/car/figures';
import { MOST_NOTE, SHEET_NOTE_IDS, SHEET_NOTES } from '@/core/car/ownSheet';
import { TORQUE_IDS } from '@/core/car/torques';
import { Part } from '@/ui/Part';
import { AxleFields } from './AxleFields';
import { YES_NO } from './FirstFields';
import { FormNumber, FormSelect, FormText } from './FormFields';
import { torqueSpec } from './numbers';

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
        <FigureFields part="car" />
      </Part>
      <Part wide title="Pedal and master">
        <FigureFields part="pedal" />
      </Part>
      <Part wide title="Fluid and bleeding">
        <FigureFields part="fluid" />
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

/** The figures of one part of the form. */
function FigureFields({ part }: { part: CarFigure['part'] }) {
  return figuresIn(CAR_FIGURES)
    .filter(([, each]) => each.part === part)
    .map(([name, each]) => <FormNumber key={name} name={name} spec={each} hint={each.hint} />);
}
