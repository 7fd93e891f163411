import { describe, expect, it } from 'vitest';
import { emptySheet } from '../../../tests/support/sheet';
import { planFor } from '../../../tests/support/work';
import { SHEET_NOTE_IDS } from '../../car/ownSheet';
import { PROCEDURE_IDS } from '../library';
import { notesAt } from './notesAt';

describe('the car’s own sheet at a step', () => {
  it('goes by what is done up there and by what the step is, at every corner alike', () => {
    expect(notesAt({ id: 'wheels', torque: 'wheel' })).toEqual(['wheel']);
    expect(notesAt({ id: 'lift' })).toEqual(['lift']);
    expect(notesAt({ id: 'pins-fl' })).toEqual(['pads']);
    expect(notesAt({ id: 'back-rr', torque: ['caliper_bracket', 'slide_pin'] })).toEqual(['caliper']);
    expect(notesAt({ id: 'hold' })).toEqual([]);
  });

  it('has each of its notes asked for somewhere in the library', () => {
    const car = emptySheet();
    car.car.drive = 'electric';
    car.car.brakeByWire = true;
    const asked = new Set(
      PROCEDURE_IDS.flatMap((procedure) => planFor(car, procedure).steps.flatMap((step) => notesAt(step))),
    );
    expect([...asked].sort()).toEqual([...SHEET_NOTE_IDS].sort());
  });
});
