'use client';

import { useFormContext } from 'react-hook-form';
import { FLUID_CLASS_IDS, FLUID_CLASSES } from '@/core/car/fluidClasses';
import type { CarDraft } from './carDraft';
import { FormDay, FormSelect, FormText } from './FormFields';

export const YES_NO = { yes: 'Yes', no: 'No' };
const CALIPERS = { opposed: 'Opposed pistons', sliding: 'Sliding' };
const ROTORS = { one_piece: 'One piece', two_piece: 'Two piece, floating' };

const PARKING_BRAKES = {
  in_caliper: 'In the caliper',
  drum_in_hat: 'Drum in the hat',
  lever_only: 'Lever and shoes',
  none: 'None',
};

const FLUID_OPTIONS = Object.fromEntries(FLUID_CLASS_IDS.map((each) => [each, FLUID_CLASSES[each].label]));

/** What decides which causes a car can have at all, and which corner is bled first: a minute beside the car. */
export function FirstFields() {
  const drum = useFormContext<CarDraft>().watch('rear.brake') === 'drum';
  return (
    <>
      <FormText
        name="name"
        label="What the shop calls it"
        className="sm:col-span-2"
        maxLength={120}
        required
      />
      <FormSelect
        name="driveSide"
        label="Driven from the"
        options={{ left: 'Left', right: 'Right' }}
        hint="Says which line is furthest"
      />
      <FormSelect
        name="assist"
        label="Assist"
        options={{ vacuum: 'Vacuum booster', hydraulic: 'Hydraulic', none: 'None' }}
      />
      <FormSelect name="abs" label="ABS" options={YES_NO} />
      <FormSelect name="stabilityControl" label="Stability control" options={YES_NO} />
      <FormSelect name="parkingBrake" label="Parking brake" options={PARKING_BRAKES} />
      <FormSelect name="front.caliper" label="Front calipers" options={CALIPERS} />
      <FormSelect name="front.rotor" label="Front rotors" options={ROTORS} />
      <FormSelect name="rear.brake" label="Rear brakes" options={{ disc: 'Disc', drum: 'Drum' }} known />
      {!drum && <FormSelect name="rear.caliper" label="Rear calipers" options={CALIPERS} />}
      <FormSelect name="fluidClass" label="Fluid class" options={FLUID_OPTIONS} />
      <FormDay name="fluidFilledOn" label="Fluid last filled" />
    </>
  );
}

/** The fields of the first step, as the server names them. */
export const FIRST_FIELDS: readonly string[] = [
  'name',
  'driveSide',
  'assist',
  'abs',
  'stabilityControl',
  'parkingBrake',
  'front.caliper',
  'front.rotor',
  'rear.brake',
  'rear.caliper',
  'fluidClass',
  'fluidFilledOn',
];
