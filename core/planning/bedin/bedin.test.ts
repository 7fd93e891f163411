import { describe, expect, it } from 'vitest';
import { WAYS } from '../../../tests/support/work';
import { startingSet } from '../../car/startingSets';
import { bedInInputFor } from './input';
import { bedInPlan } from './plan';
import type { BedInInput } from './schema';
import { bedInSteps } from './steps';

const car = { massKg: 1280, axleShare: 0.7, rotorMassKg: 7.2, hAWPerK: 14.4 };
const base: BedInInput = { school: 'C', compound: 'street', car, ambientC: 25 };

describe('what the car on file gives a bed-in', () => {
  const coupe = { ...startingSet('heavy_coupe'), name: 'Coupe' };

  it('is taken where it is known, and said where it is assumed', () => {
    const known = {
      ...coupe,
      frontShare: 0.72,
      front: { ...coupe.front, rotorMassKg: 9.8, padCompound: 'track' as const, bedLowC: 280, bedHighC: 520 },
    };
    const front = bedInInputFor(known, WAYS, {});
    expect(front.input).toMatchObject({
      school: 'A',
      compound: 'track',
      windowC: { low: 280, high: 520 },
      car: { massKg: 1640, axleShare: 0.72, rotorMassKg: 9.8 },
    });
    expect(front.assumed).toEqual([]);
    const rear = bedInInputFor(known, WAYS, { axle: 'rear' });
    expect(rear.input.car.axleShare).toBeCloseTo(0.28, 10);
    expect(rear.assumed.join()).toMatch(/rotor .* kg from its thickness.*street pad/);
    // Another compound than the one on file has another window.
    expect(bedInInputFor(known, WAYS, { compound: 'street' }).input.windowC).toBeUndefined();
  });

  it('follows the shop’s school, the one chosen for this once, and the pad maker’s', () => {
    expect(bedInInputFor(coupe, { ...WAYS, bedInSchool: 'C' }, {}).input.school).toBe('C');
    expect(bedInInputFor(coupe, WAYS, { school: 'B', stops: 10 }).input).toMatchObject({
      school: 'B',
      stops: 10,
    });
    expect(bedInInputFor(coupe, WAYS, { school: 'maker' }).input.rows).toBeDefined();
  });

  it('has regeneration out of the way on a car that brakes with its motor', () => {
    const ids = bedInSteps(bedInPlan(base), { regenerates: true, corners: ['FL', 'FR'] }).map(
      (step) => step.id,
    );
    expect(ids.slice(0, 4)).toEqual(['firm', 'hold', 'regen', 'road']);
  });
});

describe('the run of a bed-in', () => {
  it('asks for a firm pedal and the road first, has a step a slowdown, and looks at the faces cold', () => {
    const steps = bedInSteps(bedInPlan(base), { regenerates: false, corners: ['FL', 'FR'] });
    expect(steps.slice(0, 3).map((step) => step.id)).toEqual(['firm', 'hold', 'road']);
    expect(steps[2]!.drives).toBe(true);
    expect(steps.filter((step) => step.slowdown).map((step) => step.slowdown!.predictedC)).toEqual(
      bedInPlan(base).predictedC,
    );
    expect(steps.at(-2)!.ask!.map((answer) => answer.value)).toEqual(['even', 'streaks', 'blue', 'bare']);
    expect(steps[4]!.title).toBe('1 of 10: 75 km/h (47 mph) to 15 km/h (9 mph)');
  });
});
