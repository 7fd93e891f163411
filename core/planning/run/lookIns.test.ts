import { describe, expect, it } from 'vitest';
import { WAYS } from '../../../tests/support/work';
import type { Corner } from '../../car/corner';
import type { CarSpec } from '../../car/spec';
import { startingSet } from '../../car/startingSets';
import { PROCEDURES, type ProcedureId } from '../library';
import { planWork } from '../plan';
import { looksInAt } from './lookIns';

const car = {
  ...startingSet('light_track'),
  name: 'Car',
  fluidClass: 'DOT4',
  fluidFilledOn: null,
} as CarSpec;
const known = { opened: false, softAfterBleed: false };
const looks = (procedure: ProcedureId, corners: Corner[], lookedIn: Corner[] = []) =>
  looksInAt(planWork(car, WAYS, { ...known, lookedIn }, { procedure, corners, options: {} }).steps);

describe('a look-in in a run', () => {
  it('stands at each corner whose wheel comes off, right after the lift, once a job', () => {
    expect(looks('flush', [])).toEqual(['FL', 'FR', 'RL', 'RR']);
    expect(looks('bearing', ['RR'])).toEqual(['RR']);
    expect(looks('flush', [], ['FL', 'RR'])).toEqual(['FR', 'RL']);
    const { steps } = planWork(car, WAYS, known, { procedure: 'bearing', corners: ['RR'], options: {} });
    const at = steps.findIndex(({ id }) => id === 'lift');
    expect(steps[at + 1]).toMatchObject({ id: 'look-in', lookIn: ['RR'] });
  });

  it('is not asked where the pads are read as they are found', () => {
    expect(looks('pads', ['FL', 'FR'])).toEqual([]);
  });

  it('stands in no run without a lift, before the wheels are back in all others, and never stops one', () => {
    for (const procedure of Object.keys(PROCEDURES) as ProcedureId[]) {
      const { steps } = planWork(car, WAYS, known, { procedure, corners: ['FL', 'FR'], options: {} });
      const own = steps.filter(({ lookIn }) => lookIn);
      const lift = steps.findIndex(({ id }) => id === 'lift');
      if (lift < 0) expect(own, procedure).toEqual([]);
      const wheels = steps.findIndex(({ id }) => id === 'wheels');
      for (const step of own) {
        expect(steps.indexOf(step), procedure).toBeGreaterThan(lift);
        if (wheels >= 0) expect(steps.indexOf(step), procedure).toBeLessThan(wheels);
        expect(step.ask ?? step.record ?? step.measure).toBeUndefined();
      }
    }
  });
});
