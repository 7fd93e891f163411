import { describe, expect, it } from 'vitest';
import { seeded } from '../../tests/support/drawn';
import { parseWith } from '../base/issues/zod';
import { normal } from '../base/statistics/normal';
import { compareTrial } from './changeTrial';
import { changeTrialSchema } from './changeTrialSchema';

describe('laps before and after a change', () => {
  it('tell what the worked example of unequal variances tells', () => {
    // Student (1908), “The probable error of a mean”, hours of sleep gained, as two groups; Welch’s interval as the R
    // manual prints it for `t.test(extra ~ group)`: −3.3655 to 0.2055, 17.776 degrees of freedom (recalled from memory).
    const before = [0.7, -1.6, -0.2, -1.2, -0.1, 3.4, 3.7, 0.8, 0, 2];
    const after = [1.9, 0.8, 1.1, 0.1, -0.1, 4.4, 5.5, 1.6, 4.6, 3.4];
    const {
      before: one,
      after: other,
      difference,
      between,
      says,
    } = compareTrial({ figure: 'lap', before, after });
    expect(one.mean).toBeCloseTo(0.75, 10);
    expect(one.deviation).toBeCloseTo(1.78901, 5);
    expect(other.mean).toBeCloseTo(2.33, 10);
    expect(other.deviation).toBeCloseTo(2.002249, 5);
    expect(difference).toBeCloseTo(1.58, 10);
    // Seventeen degrees of freedom instead of 17.776: a little wider, never narrower.
    expect(between[0]).toBeLessThan(-0.2054832);
    expect(between[1]).toBeGreaterThan(3.3654832);
    expect(between[0]).toBeCloseTo(-0.2055, 1);
    expect(between[1]).toBeCloseTo(3.3655, 1);
    expect(says).toBe('within_spread');
  });

  it('are better by what the figure is: less heat, more deceleration', () => {
    const trial = { before: [610, 622, 615], after: [540, 551, 548] };
    expect(compareTrial({ figure: 'rotor', ...trial }).says).toBe('better');
    expect(compareTrial({ figure: 'deceleration', before: [9.8, 9.9, 9.7], after: [9, 9.1, 8.9] }).says).toBe(
      'worse',
    );
    expect(compareTrial({ figure: 'travel', before: [48, 48], after: [41, 41] })).toMatchObject({
      says: 'better',
      between: [-7, -7],
    });
    expect(compareTrial({ figure: 'travel', before: [48, 48], after: [48, 48] }).says).toBe('within_spread');
  });

  it('hold the true difference in about 95 of 100 draws, few and unequal laps as well', () => {
    const random = seeded(11);
    const draw = (mean: number, deviation: number, count: number) =>
      Array.from({ length: count }, () => mean + deviation * normal(random));
    let held = 0;
    for (let at = 0; at < 2000; at++) {
      const { between } = compareTrial({
        figure: 'rotor',
        before: draw(600, 10, 4),
        after: draw(585, 25, 7),
      });
      if (between[0] <= -15 && -15 <= between[1]) held += 1;
    }
    expect(held / 2000).toBeGreaterThan(0.93);
    expect(held / 2000).toBeLessThan(0.98);
  });

  it('are refused by side, lap and range of their figure', () => {
    const trial = {
      id: crypto.randomUUID(),
      onDate: '2026-05-01',
      change: 'Ducts on',
      figure: 'travel',
      before: [48, 4800],
      after: [41],
      note: '',
    };
    expect(parseWith(changeTrialSchema, trial)).toMatchObject({
      ok: false,
      issues: [
        { path: 'before[1]', value: '4800', accepted: '1 to 300 mm is accepted' },
        { path: 'after', accepted: '2 to 60 figures' },
      ],
    });
  });
});
