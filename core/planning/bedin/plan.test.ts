import { describe, expect, it } from 'vitest';
import { parseWith } from '../../base/issues/zod';
import { heatStops } from '../../readings/heat/stops';
import { bedInPlan } from './plan';
import { type BedInInput, bedInSchema } from './schema';

const car = { massKg: 1280, axleShare: 0.7, rotorMassKg: 7.2, hAWPerK: 14.4 };
const base: BedInInput = { school: 'C', compound: 'street', car, ambientC: 25 };

/** Seconds to come back up at the usual 2 m/s². */
const upS = (fromKmh: number, toKmh: number) => (fromKmh - toKmh) / 3.6 / 2;

describe('the bed-in of a car', () => {
  it('agrees with the closed form of equal stops, school C', () => {
    const plan = bedInPlan(base);
    const closed = heatStops({
      ...car,
      fromKmh: 75,
      toKmh: 15,
      intervalS: 30 + upS(75, 15),
      stops: 10,
      ambientC: 25,
    });
    expect(plan.predictedC).toHaveLength(10);
    for (const [index, c] of plan.predictedC.entries()) expect(c).toBeCloseTo(closed.peaksC[index]!, 8);
  });

  it('agrees with it in school B, which waits for nothing but the way back up to speed', () => {
    const plan = bedInPlan({ ...base, school: 'B' });
    const speeds = { fromKmh: 90, toKmh: 15 };
    const closed = heatStops({ ...car, ...speeds, intervalS: upS(90, 15), stops: 9, ambientC: 25 });
    expect(plan.predictedC).toHaveLength(9);
    for (const [index, c] of plan.predictedC.entries()) expect(c).toBeCloseTo(closed.peaksC[index]!, 8);
    expect(plan.stops[0]!.upS).toBeCloseTo(10.42, 2);
    expect(plan.stops.at(-1)!.upS).toBe(0);
    // A stronger car comes back sooner and gets hotter.
    const strong = bedInPlan({ ...base, school: 'B', accelMs2: 5 });
    expect(strong.predictedC.at(-1)).toBeGreaterThan(plan.predictedC.at(-1)!);
  });

  it('knows the other axle: what is left of the braking, on its own rotor', () => {
    const plan = bedInPlan({ ...base, school: 'B', otherRotorMassKg: 4 });
    const rear = bedInPlan({
      ...base,
      school: 'B',
      axle: 'rear',
      car: { ...car, axleShare: 1 - car.axleShare, rotorMassKg: 4 },
      otherRotorMassKg: 7.2,
    });
    expect(plan.axles.front).toEqual(plan.predictedC);
    expect(rear.axles.rear).toEqual(rear.predictedC);
    for (const axle of ['front', 'rear'] as const)
      for (const [index, c] of plan.axles[axle].entries()) expect(rear.axles[axle][index]).toBeCloseTo(c, 8);
  });

  it('counts for the axle that needs more, and watches the other for too hot', () => {
    const both: BedInInput = {
      ...base,
      school: 'B',
      otherRotorMassKg: 3.5,
      windowC: { low: 280, high: 420 },
      car: { ...car, hAWPerK: undefined },
    };
    const plan = bedInPlan(both);
    // Nine leave the rear just short of the window, ten reach it; the front is inside either way.
    expect(plan.countFor).toBe('rear');
    expect(plan.betterStops).toBe(10);
    expect(plan.warnings.join()).toMatch(
      /Rear axle stays cold: \d+ °C, under 280 °C. 10 slowdowns would reach it/,
    );
    expect(bedInPlan({ ...both, axle: 'front' })).toMatchObject({ countFor: 'front', betterStops: null });
    const more = bedInPlan({ ...both, stops: 10 });
    expect(Math.max(...more.axles.rear)).toBeGreaterThan(280);
    expect(more.countFor).toBe('rear');
    // A rear rotor that is far too light is said even where only the front is bedded in.
    const light = bedInPlan({ ...both, axle: 'front', otherRotorMassKg: 0.9 });
    expect(light.warnings.join()).toMatch(/Rear axle too hot: \d+ °C, past 420 °C/);
  });

  it('does not call a full-stop school too hot that counts the way back up', () => {
    const plan = bedInPlan({ ...base, school: 'A', axle: 'front', compound: 'fast_road' });
    expect(plan.warnings.join()).not.toContain('Too hot');
    expect(plan.warnings.join()).not.toContain('creep');
  });

  it('agrees with a plain step-by-step integration of the cooling, whatever the rows', () => {
    const rows = [
      { count: 2, fromKmh: 60, toKmh: 20, coolS: 12 },
      { count: 3, fromKmh: 100, toKmh: 30, coolS: 40 },
    ];
    const plan = bedInPlan({ ...base, rows });
    const stops = rows.flatMap(({ count, ...stop }) => Array.from({ length: count }, () => stop));
    let c = 25;
    const peaks = stops.map(({ fromKmh, toKmh, coolS }, index) => {
      c += heatStops({ ...car, fromKmh, toKmh }).riseK;
      const peak = c;
      const next = stops[index + 1];
      const cooled = coolS + (next ? upS(next.fromKmh, toKmh) : 0);
      for (let t = 0; t < cooled; t += 0.001) c -= ((c - 25) / 240) * 0.001;
      return peak;
    });
    for (const [index, peak] of peaks.entries()) expect(plan.predictedC[index]).toBeCloseTo(peak, 1);
  });

  it('has the counts of the schools: A stops, B never, C cools', () => {
    const a = bedInPlan({ ...base, school: 'A' });
    expect(a.stops).toHaveLength(8);
    expect(a.stops.every((stop) => stop.toKmh === 0 && stop.coolS === 0)).toBe(true);
    expect(
      bedInPlan({ ...base, school: 'B' }).stops.every((stop) => stop.toKmh > 0 && stop.coolS === 0),
    ).toBe(true);
    expect(bedInPlan(base).stops.every((stop) => stop.coolS === 30)).toBe(true);
    expect(bedInPlan({ ...base, school: 'A', stops: 5 }).stops.map((stop) => stop.fromKmh)).toEqual([
      50, 50, 50, 50, 90,
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
    const right = bedInPlan({ ...base, axle: 'front' });
    expect(right.reachesAt).toBeGreaterThan(1);
    expect(right.warnings).toEqual([]);
  });

  it('offers the count within the school’s range that reaches the window', () => {
    const short = bedInPlan({
      ...base,
      school: 'B',
      compound: 'street',
      axle: 'front',
      windowC: { low: 310, high: 500 },
    });
    expect(short.predictedC.at(-1)).toBeLessThan(310);
    expect(short.betterStops).toBe(10);
    const made = bedInPlan({
      ...base,
      school: 'B',
      stops: 10,
      axle: 'front',
      windowC: { low: 310, high: 500 },
    });
    expect(Math.max(...made.predictedC)).toBeGreaterThan(310);
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
      car: { ...car, rotorMassKg: 4 },
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

  it('is back up to speed by power: as long as the energy takes, never faster than tyres hold', () => {
    const input = { ...base, powerKW: 60 };
    const { upS } = bedInPlan(input).stops[0]!;
    // ½·1280·((75/3.6)² − (15/3.6)²) = 266.7 kJ over 60 kW.
    expect(upS).toBeCloseTo(266_666.7 / 60_000, 3);
    expect(bedInPlan({ ...base, powerKW: 1500 }).stops[0]!.upS).toBeCloseTo(60 / 3.6 / 8, 9);
    // What was timed comes before what is worked out.
    expect(bedInPlan({ ...input, accelMs2: 1 }).stops[0]!.upS).toBeCloseTo(60 / 3.6, 9);
  });
});
