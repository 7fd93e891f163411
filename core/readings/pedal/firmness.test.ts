import { describe, expect, it } from 'vitest';
import { parseWith } from '../../base/issues/zod';
import { firmness } from './firmness';
import { type FirmnessInput, firmnessSchema } from './firmnessSchema';

const GOOD = [
  { forceN: 100, travelMm: 30 },
  { forceN: 200, travelMm: 35 },
  { forceN: 400, travelMm: 45 },
];
const base: FirmnessInput = { pedal: { ratio: 5.5 }, master: { boreMm: 22.225 }, points: GOOD };
const shifted = (mm: number, press?: number) =>
  GOOD.map((point) => ({ ...point, travelMm: point.travelMm + mm, ...(press ? { press } : {}) }));

describe('the pedal’s firmness', () => {
  it('is the slope of force over travel through the upper half, in any order of entry', () => {
    expect(firmness(base).stiffnessNPerMm).toBeCloseTo(20, 9);
    expect(firmness({ ...base, points: [...GOOD].reverse() })).toEqual(firmness(base));
    const two = GOOD.slice(0, 2).map((point, at) => ({ ...point, forceN: at === 0 ? 90 : 200 }));
    expect(firmness({ ...base, points: two }).stiffnessNPerMm).toBeCloseTo(110 / 5, 9);
  });

  it('knows the reserve to the floor and the volume the master has moved', () => {
    const read = firmness({ ...base, toFloorMm: 90 });
    expect(read.reserveMm).toBe(45);
    expect(read.sweptMl).toBeCloseTo((387.95 * 45) / 5.5 / 1000, 3);
  });

  it('rises by pumping when the third press needs less', () => {
    const read = firmness({ ...base, points: [...GOOD, ...shifted(-8, 3)] });
    expect(read.riseByPumpingMm).toBeCloseTo(8, 9);
    expect(read.states.pedal_pump).toBe('rises');
    expect(firmness({ ...base, points: [...GOOD, ...shifted(-5, 3)] }).states.pedal_pump).toBe('same');
    // The highest force both have, by a straight line between the first press's points.
    const short = firmness({
      ...base,
      points: [...GOOD, { forceN: 80, travelMm: 25, press: 3 }, { forceN: 300, travelMm: 36, press: 3 }],
    });
    expect(short.riseByPumpingMm).toBeCloseTo(4, 9);
  });

  it('is soft, long or firm only against the car’s own good pedal', () => {
    const against = (points: FirmnessInput['points']) =>
      firmness({ ...base, points, baseline: { points: GOOD } });
    expect(firmness(base).states).toEqual({});
    expect(against(GOOD).states.pedal_now).toBe('firm');
    expect(against(shifted(10)).states.pedal_now).toBe('firm');
    expect(against(shifted(10.5))).toMatchObject({
      states: { pedal_now: 'long' },
      against: { stiffnessRatio: 1, travelMoreMm: 10.5 },
    });
    const soft = GOOD.map(({ forceN, travelMm }) => ({ forceN, travelMm: 30 + (travelMm - 30) * 1.6 }));
    expect(against(soft).states.pedal_now).toBe('soft');
    expect(against(soft).against!.stiffnessRatio).toBeCloseTo(1 / 1.6, 9);
  });

  it('takes the shop’s own limits', () => {
    const read = firmness({
      ...base,
      points: [...shifted(6), ...shifted(3, 3)],
      baseline: { points: GOOD },
      limits: { longMm: 5, pumpMm: 2 },
    });
    expect(read.states).toEqual({ pedal_now: 'long', pedal_pump: 'rises' });
    expect(read.limits).toContainEqual({ name: 'longMm', value: 5, from: 'shop' });
  });

  it('estimates the gas from three points, and says what is missing', () => {
    expect(firmness(base)).toHaveProperty('gasMl');
    const read = firmness({ ...base, points: GOOD.slice(0, 2) });
    expect(read).not.toHaveProperty('gasMl');
    expect(read.gaps.map(({ path }) => path)).toEqual(['baseline', 'points', 'points', 'toFloorMm']);
  });

  it.each([
    [
      'points',
      {
        ...base,
        points: [
          { forceN: 100, travelMm: 20 },
          { forceN: 200, travelMm: 30, press: 3 },
        ],
      },
    ],
    ['points[2].travelMm', { ...base, toFloorMm: 40 }],
    ['points[0].forceN', { ...base, points: [{ forceN: 0, travelMm: 20 }, ...GOOD] }],
  ])('refuses %s', (path, input) => {
    const outcome = parseWith(firmnessSchema, input);
    expect(outcome.ok ? [] : outcome.issues.map((issue) => issue.path)).toContain(path);
  });
});
