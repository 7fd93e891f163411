import fc from 'fast-check';
import { linearRegression, probit } from 'simple-statistics';
import { describe, expect, it } from 'vitest';
import { dayAfter, MONTH_DAYS } from '../../base/day';
import { normalQuantile } from '../../base/statistics/normal';
import { survival } from '../../base/statistics/survival';
import { waterTrend } from '../due/water';
import { rotorLife } from './rotorLife';

/** Readings at different times, each with its own error. */
const drawn = (most: number) =>
  fc.uniqueArray(
    fc.record({
      at: fc.integer({ min: 0, max: 400 }),
      off: fc.integer({ min: -most, max: most }),
    }),
    { minLength: 3, maxLength: 12, selector: ({ at }) => at },
  );

describe('trends beside a general statistics package', () => {
  it('a rotor wears by the same line', () => {
    fc.assert(
      fc.property(drawn(3), (readings) => {
        const series = readings
          .map(({ at, off }) => ({ sessions: at, mm: 28 - at * 0.01 + off / 1000 }))
          .sort((left, right) => left.sessions - right.sessions);
        const { m, b } = linearRegression(series.map(({ sessions, mm }) => [sessions, mm]));
        const life = rotorLife(series, 20)!;
        expect(life.perSessionMm).toBeCloseTo(-m, 9);
        const last = series.at(-1)!.sessions;
        expect(life.sessions).toBeCloseTo((m * last + b - 20) / -m, 5);
      }),
    );
  });

  it('water rises by the same line', () => {
    fc.assert(
      fc.property(drawn(100), (readings) => {
        const rows = readings.map(({ at, off }) => ({
          on: dayAfter('2026-01-01', at),
          pct: 0.5 + at * 0.005 + off / 1000,
        }));
        const days = readings.map(({ at }, index): [number, number] => [at, rows[index]!.pct]);
        const trend = waterTrend(rows, { pct: 3, by: 'wet' })!;
        expect(trend.perMonth).toBeCloseTo(linearRegression(days).m * MONTH_DAYS, 9);
      }),
    );
  });

  it('bounds stand as far out as its normal distribution says', () => {
    // Ours holds a share on both sides together. The package's own inverse is an approximation, right to some thousandths.
    for (const share of [0.5, 0.8, 0.9, 0.975])
      expect(Math.abs(normalQuantile(share) - probit((1 + share) / 2))).toBeLessThan(0.006);
  });

  it('lives that all ended are what is left by plain counting', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 1, max: 30 }), { minLength: 1, maxLength: 40 }), (lives) => {
        for (const { at, share } of survival(lives.map((each) => ({ at: each, ended: true }))).steps)
          expect(share).toBeCloseTo(lives.filter((each) => each > at).length / lives.length, 9);
      }),
    );
  });
});
