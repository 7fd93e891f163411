import { describe, expect, it } from 'vitest';
import { bedInPlan } from './plan';
import { refitBedIn } from './refit';
import type { BedInInput } from './schema';
import { bedInSteps } from './steps';

const car = { massKg: 1280, axleShare: 0.7, rotorMassKg: 7.2, hAWPerK: 14.4 };
const input: BedInInput = { school: 'A', compound: 'fast_road', car, ambientC: 20 };
const plan = bedInPlan(input);

describe('a bed-in by what was measured', () => {
  it('is the plan itself where the rotor reads what the model says', () => {
    const refit = refitBedIn(input, plan, [{ after: 4, rotorC: plan.predictedC[3]!, waitedS: 0 }])!;
    expect(refit.gain).toBeCloseTo(1, 12);
    expect(refit.predictedC.map((c) => Number(c.toFixed(9)))).toEqual(
      plan.predictedC.map((c) => Number(c.toFixed(9))),
    );
  });

  it('scales the rest by the heat it got, and counts what was waited', () => {
    const half = 20 + (plan.predictedC[3]! - 20) / 2;
    const refit = refitBedIn(input, plan, [{ after: 4, rotorC: half, waitedS: 0 }])!;
    expect(refit.gain).toBeCloseTo(0.5, 12);
    // A car whose rotor weighs twice as much takes half the lift, and with twice the cooling cools as quickly: the same plan.
    const heavy = { ...car, rotorMassKg: 2 * car.rotorMassKg, hAWPerK: 2 * car.hAWPerK };
    const other = bedInPlan({ ...input, car: heavy });
    for (const [at, c] of refit.predictedC.entries()) expect(c).toBeCloseTo(other.predictedC[at]!, 9);
    // τ is 240 s: read two minutes late it was hotter by e^½.
    const late = refitBedIn(input, plan, [{ after: 4, rotorC: half, waitedS: 120 }])!;
    expect(late.gain).toBeCloseTo(0.5 * Math.exp(0.5), 12);
  });

  it('weighs several readings together, the hotter ones more', () => {
    const at = (after: number, gain: number) => ({
      after,
      rotorC: 20 + gain * (plan.predictedC[after - 1]! - 20),
      waitedS: 0,
    });
    const { gain } = refitBedIn(input, plan, [at(4, 0.8), at(8, 1)])!;
    expect(gain).toBeGreaterThan(0.9);
    expect(gain).toBeLessThan(1);
  });

  it('says from where the window is reached and passed, and how many more it takes', () => {
    const hot = refitBedIn(input, plan, [{ after: 4, rotorC: 320, waitedS: 0 }])!;
    expect(hot.reachesAt).toBeLessThanOrEqual(4);
    expect(hot.passesAt).not.toBeNull();
    const cold = refitBedIn(input, plan, [{ after: 8, rotorC: plan.windowC.low - 15, waitedS: 0 }])!;
    expect(cold.reachesAt).toBeNull();
    expect(cold.more).toBeGreaterThanOrEqual(1);
    // One more of them, simulated to the end by the plan itself, is one nearer.
    expect(cold.more).toBeLessThanOrEqual(3);
    expect(refitBedIn(input, plan, [{ after: 8, rotorC: 40, waitedS: 0 }])!.more).toBeNull();
  });

  it('is left alone without a reading over the air', () => {
    expect(refitBedIn(input, plan, [])).toBeUndefined();
    expect(refitBedIn(input, plan, [{ after: 4, rotorC: 15, waitedS: 0 }])).toBeUndefined();
  });
});

describe('the run of a bed-in', () => {
  it('reads the rotor after each kind of slowdown, and looks at each corner that is bedded', () => {
    const steps = bedInSteps(plan, { regenerates: false, corners: ['FL', 'FR'] });
    expect(steps.filter(({ heat }) => heat).map(({ id, heat }) => [id, heat!.last])).toEqual([
      ['heat-4', false],
      ['heat-8', true],
    ]);
    expect(steps.filter(({ part }) => part === 'Proof').map(({ id }) => id)).toEqual([
      'look-fl',
      'look-fr',
      'squeal',
    ]);
    expect(steps.at(-1)!.troubles![0]).toMatchObject({ again: 'stop-1' });
  });
});
