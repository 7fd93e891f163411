import { describe, expect, it } from 'vitest';
import { seeded } from '../../../tests/support/drawn';
import { dayAfter } from '../../base/day';
import { normal } from '../../base/statistics/normal';
import { boilingAtMoisture } from '../../readings/fluid/boiling';
import { fluidDue } from './fluid';
import { type WaterReading, waterLimit, waterTrend } from './water';

const DOT4 = { dryC: 230, wetC: 155 };
const HELD = { pair: DOT4, wetFromPct: 3, marginK: 30, altitudeM: 0 };
const WET = { pct: 3, by: 'wet' } as const;
const DAY_ONE = '2026-01-01';
const read = (...rows: [day: number, pct: number][]): WaterReading[] =>
  rows.map(([day, pct]) => ({ on: dayAfter(DAY_ONE, day), pct }));

describe('how much water is too much', () => {
  it('is the shop’s wet, or less where it would boil within the margin of the hottest caliper', () => {
    expect(waterLimit(read([0, 1]), HELD)).toEqual(WET);
    // 150.6 °C + 30 K is where DOT 4 boils at 2 %: the check value of the curve.
    const hot = waterLimit([{ on: DAY_ONE, pct: 1, caliperPeakC: 150.6 }], HELD);
    expect(hot.pct).toBeCloseTo(2, 2);
    expect(hot.by).toEqual({ peakC: 150.6, marginK: 30 });
    expect(boilingAtMoisture(DOT4, hot.pct)).toBeCloseTo(180.6, 6);
    // Higher up it boils sooner: less water is too much.
    expect(
      waterLimit([{ on: DAY_ONE, pct: 1, caliperPeakC: 150.6 }], { ...HELD, altitudeM: 1500 }).pct,
    ).toBeLessThan(2);
    // Brakes that never get hot leave the limit of wet; those past all boiling leave none at all.
    expect(waterLimit([{ on: DAY_ONE, pct: 1, caliperPeakC: 60 }], HELD)).toEqual(WET);
    expect(waterLimit([{ on: DAY_ONE, pct: 1, caliperPeakC: 260 }], HELD).pct).toBe(0);
  });
});

describe('how the water of a fill rises', () => {
  it('is a line through two readings, to the day it is wet', () => {
    // 1 % in 100 days: two more take 200.
    expect(waterTrend(read([0, 0], [100, 1]), WET)).toMatchObject({
      perMonth: expect.closeTo(0.304375, 9),
      goneOn: dayAfter(DAY_ONE, 300),
    });
    expect(waterTrend(read([0, 0], [100, 1]), WET)).not.toHaveProperty('between');
  });

  it('is unknown from one day’s readings, never comes where it does not rise, and is over where it is past', () => {
    expect(waterTrend(read([5, 1]), WET)).toBeUndefined();
    expect(waterTrend(read([5, 1], [5, 1.2]), WET)).toBeUndefined();
    expect(waterTrend(read([0, 1.2], [90, 1]), WET)!.goneOn).toBeNull();
    expect(waterTrend(read([0, 1], [90, 3.2]), WET)!.goneOn).toBe(dayAfter(DAY_ONE, 90));
  });

  it('has an interval from three readings on, which holds the true day in about 80 of 100 draws', () => {
    const random = seeded(5);
    const noise = () => normal(random);
    let held = 0;
    const draws = 2000;
    for (let draw = 0; draw < draws; draw++) {
      const rows = [0, 60, 120, 180].map((day): [number, number] => [day, day / 100 + 0.1 * noise()]);
      const { between } = waterTrend(read(...rows), WET)!;
      const truly = dayAfter(DAY_ONE, 300);
      if (between && between[0] <= truly && (between[1] === null || truly <= between[1])) held += 1;
    }
    expect(held / draws).toBeGreaterThan(0.76);
    expect(held / draws).toBeLessThan(0.84);
  });

  it('brings the fluid due where the shop goes by it, and two years do where it does not rise', () => {
    const due = (rows: WaterReading[]) =>
      fluidDue(DAY_ONE, 'by_water', dayAfter(DAY_ONE, 150), { water: waterTrend(rows, WET) });
    expect(due(read([0, 0], [100, 1]))).toEqual({
      dueOn: dayAfter(DAY_ONE, 300),
      daysLeft: 150,
      why: `Filled ${DAY_ONE}, 1.0 % water on ${dayAfter(DAY_ONE, 100)}, 0.30 % more a month; school: by its water, two years at most.`,
    });
    expect(due(read([0, 1], [100, 1])).dueOn).toBe('2028-01-01');
    expect(due([]).why).toContain('its water not read twice yet');
  });
});
