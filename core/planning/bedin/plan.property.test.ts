import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bedInPlan } from './plan';
import type { BedInInput } from './schema';

const rows = fc.array(
  fc.record({
    count: fc.integer({ min: 1, max: 6 }),
    fromKmh: fc.integer({ min: 40, max: 200 }),
    toKmh: fc.integer({ min: 0, max: 39 }),
    coolS: fc.integer({ min: 0, max: 120 }),
  }),
  { minLength: 1, maxLength: 5 },
);
const car = fc.record({
  massKg: fc.double({ min: 500, max: 3000, noNaN: true }),
  axleShare: fc.double({ min: 0.2, max: 0.9, noNaN: true }),
  rotorMassKg: fc.double({ min: 2, max: 20, noNaN: true }),
  hAWPerK: fc.double({ min: 1, max: 60, noNaN: true }),
});
const inputs: fc.Arbitrary<BedInInput> = fc.record({
  school: fc.constantFrom('A', 'B', 'C'),
  rows,
  compound: fc.constantFrom('street', 'fast_road', 'track'),
  car,
  ambientC: fc.integer({ min: -20, max: 45 }),
});
const check = (property: (input: BedInInput) => void) =>
  fc.assert(fc.property(inputs, property), { seed: 20261125, numRuns: 300 });
const hottest = (input: BedInInput) => Math.max(...bedInPlan(input).predictedC);

describe('any bed-in', () => {
  it('never ends a slowdown colder than the day', () => {
    check((input) => {
      for (const c of bedInPlan(input).predictedC) expect(c).toBeGreaterThan(input.ambientC);
    });
  });

  it('moves with the day: ten degrees more outside are ten more on the rotor', () => {
    check((input) => {
      const warmer = bedInPlan({ ...input, ambientC: input.ambientC + 10 }).predictedC;
      for (const [index, c] of bedInPlan(input).predictedC.entries())
        expect(warmer[index]).toBeCloseTo(c + 10, 6);
    });
  });

  it('is cooler on a heavier rotor and hotter in a heavier car', () => {
    check((input) => {
      const { massKg, rotorMassKg } = input.car;
      expect(hottest({ ...input, car: { ...input.car, rotorMassKg: rotorMassKg * 1.3 } })).toBeLessThan(
        hottest(input),
      );
      expect(hottest({ ...input, car: { ...input.car, massKg: massKg * 1.1 } })).toBeGreaterThan(
        hottest(input),
      );
    });
  });

  it('does not care how equal slowdowns are written down', () => {
    check((input) => {
      const spread = input.rows!.flatMap((row) =>
        Array.from({ length: row.count }, () => ({ ...row, count: 1 })),
      );
      expect(bedInPlan({ ...input, rows: spread }).predictedC).toEqual(bedInPlan(input).predictedC);
    });
  });

  it('says where the window is reached and passed, and warns exactly then', () => {
    check((input) => {
      const { predictedC, windowC, reachesAt, passesAt, warnings } = bedInPlan(input);
      const said = warnings.join(' ');
      expect(reachesAt === null).toBe(predictedC.every((c) => c < windowC.low));
      expect(passesAt === null).toBe(predictedC.every((c) => c <= windowC.high));
      expect(said.includes('Too cold')).toBe(reachesAt === null);
      expect(said.includes('Too hot')).toBe(passesAt !== null);
      if (passesAt !== null) expect(predictedC[passesAt - 1]).toBeGreaterThan(windowC.high);
    });
  });
});
