import { describe, expect, it } from 'vitest';
import { parseWith } from '../../base/issues/zod';
import { heatStops } from '../../readings/heat/stops';
import { bedInPlan } from './plan';
import { type BedInInput, bedInSchema } from './schema';

const car = { massKg: 1280, axleShare: 0.7, rotorMassKg: 7.2, hAWPerK: 14.4 };
const base: BedInInput = { school: 'C', compound: 'street', car, ambientC: 25 };

describe('the bed-in of a car', () => {
  it('agrees with the closed form of equal stops, school C', () => {
    const plan = bedInPlan(base);
    const closed = heatStops({
      ...car,
      fromKmh: 74,
      toKmh: 16,
      intervalS: 25,
      stops: 10,
      ambientC: 25,
    });
    expect(plan.predictedC).toHaveLength(10);
    for (const [index, c] of plan.predictedC.entries()) expect(c).toBeCloseTo(closed.peaksC[index]!, 8);
  });

  it('agrees with stops that lose nothing, school B: each lifts the rotor by the same', () => {
    const plan = bedInPlan({ ...base, school: 'B' });
    const { riseK } = heatStops({ ...car, fromKmh: 89, toKmh: 16 });
    expect(plan.predictedC).toHaveLength(9);
    for (const [index, c] of plan.predictedC.entries()) expect(c).toBeCloseTo(25 + riseK * (index + 1), 8);
  });

  it('agrees with a plain step-by-step integration of the cooling, whatever the rows', () => {
    const rows = [
      { count: 2, fromKmh: 60, toKmh: 20, coolS: 12 },
      { count: 3, fromKmh: 100, toKmh: 30, coolS: 40 },
    ];
    const plan = bedInPlan({ ...base, rows });
    let c = 25;
    const peaks = rows.flatMap(({ count, fromKmh, toKmh, coolS }) =>
      Array.from({ length: count }, () => {
        c += heatStops({ ...car, fromKmh, toKmh }).riseK;
        const peak = c;
        for (let t = 0; t < coolS; t += 0.001) c -= ((c - 25) / 240) * 0.001;
        return peak;
      }),
    );
    for (const [index, peak] of peaks.entries()) expect(plan.predictedC[index]).toBeCloseTo(peak, 2);
  });

  it('has the counts of the schools: A stops, B never, C cools', () => {
    const a = bedInPlan({ ...base, school: 'A' });
    expect(a.stops).toHaveLength(8);
    expect(a.stops.every((stop) => stop.toKmh === 0 && stop.coolS === 0)).toBe(true);
    expect(
      bedInPlan({ ...base, school: 'B' }).stops.every((stop) => stop.toKmh > 0 && stop.coolS === 0),
    ).toBe(true);
    expect(bedInPlan(base).stops.every((stop) => stop.coolS === 25)).toBe(true);
    expect(bedInPlan({ ...base, school: 'A', stops: 5 }).stops.map((stop) => stop.fromKmh)).toEqual([
      56, 56, 56, 56, 97,
    ]);
    expect(bedInPlan({ ...base, school: 'A', stops: 3 }).stops).toHaveLength(3);
  });

  it('says too cold, with what would reach it, and too hot, with where to stop', () => {
    const cold = bedInPlan({ ...base, compound: 'track' });
    expect(cold.reachesAt).toBeNull();
    expect(cold.warnings.join(' ')).toMatch(/Too cold: .* begins at 300 °C.*school B/);
    expect(cold.warnings.join(' ')).toContain('Track pads need more heat');
    const hot = bedInPlan({ ...base, school: 'B', car: { ...car, massKg: 2400, rotorMassKg: 5 } });
    expect(hot.passesAt).toBeGreaterThan(1);
    expect(hot.warnings.join(' ')).toContain(`Too hot: slowdown ${hot.passesAt} ends past 300 °C`);
    const right = bedInPlan(base);
    expect(right.reachesAt).toBeGreaterThan(1);
    expect(right.warnings).toEqual([]);
  });

  it('offers the count within the school’s range that reaches the window', () => {
    const short = bedInPlan({ ...base, school: 'B', compound: 'street', windowC: { low: 355, high: 500 } });
    expect(short.predictedC.at(-1)).toBeLessThan(355);
    expect(short.betterStops).toBe(10);
    const made = bedInPlan({ ...base, school: 'B', stops: 10, windowC: { low: 355, high: 500 } });
    expect(Math.max(...made.predictedC)).toBeGreaterThan(355);
    expect(made.betterStops).toBeNull();
  });

  it('takes the pad maker’s rows before any school, and says so', () => {
    const plan = bedInPlan({ ...base, rows: [{ count: 4, fromKmh: 120, toKmh: 40, coolS: 60 }] });
    expect(plan.stops).toHaveLength(4);
    expect(plan.warnings).toContain('The pad maker’s own way; it comes before any school.');
  });

  it('warns of standing on a hot pad', () => {
    const plan = bedInPlan({
      ...base,
      school: 'A',
      compound: 'fast_road',
      car: { ...car, rotorMassKg: 4.5 },
    });
    expect(plan.warnings.join()).toContain('held still prints');
  });

  it('refuses what cannot be, with field, value and range', () => {
    const issue = (input: unknown) => {
      const outcome = parseWith(bedInSchema, input);
      return outcome.ok ? undefined : outcome.issues[0];
    };
    expect(issue({ ...base, school: 'D' })).toMatchObject({ path: 'school' });
    expect(issue({ ...base, car: { ...car, rotorMassKg: 0 } })).toMatchObject({
      path: 'car.rotorMassKg',
      value: '0',
      accepted: expect.stringContaining('0.5 to 40 kg'),
    });
    expect(issue({ ...base, rows: [{ count: 2, fromKmh: 60, toKmh: 80, coolS: 0 }] })).toMatchObject({
      path: 'rows[0].toKmh',
    });
    expect(issue({ ...base, speed: 3 })).toMatchObject({ code: 'unknown_key', path: 'speed' });
  });
});
