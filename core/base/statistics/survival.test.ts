import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { normalQuantile } from './normal';
import { type Life, survival } from './survival';

const life = (text: string): Life => ({ at: Number.parseFloat(text), ended: !text.endsWith('+') });
/** Weeks in remission on 6-mercaptopurine and on placebo: Freireich et al., Blood 21 (1963), a standard example (from memory). */
const TREATED = '6 6 6 6+ 7 9+ 10 10+ 11+ 13 16 17+ 19+ 20+ 22 23 25+ 32+ 32+ 34+ 35+'.split(' ').map(life);
const PLACEBO = '1 1 2 2 3 4 4 5 5 8 8 8 8 11 11 12 12 15 17 22 23'.split(' ').map(life);

describe('how far a normal figure stays', () => {
  it('is what tables say', () => {
    // Abramowitz and Stegun, table 26.5 (from memory).
    expect(normalQuantile(0.8)).toBeCloseTo(1.2815515655, 8);
    expect(normalQuantile(0.95)).toBeCloseTo(1.9599639845, 8);
    expect(normalQuantile(0.999)).toBeCloseTo(3.2905267315, 8);
  });
});

describe('how long things last', () => {
  it('is the published estimate, lives that did not end counted as such', () => {
    const { steps, median } = survival(TREATED, 0.95);
    expect(steps.map(({ at, atRisk, ended }) => [at, atRisk, ended])).toEqual([
      [6, 21, 3],
      [7, 17, 1],
      [10, 15, 1],
      [13, 12, 1],
      [16, 11, 1],
      [22, 7, 1],
      [23, 6, 1],
    ]);
    // Kleinbaum and Klein, Survival Analysis, table of the remission data (from memory).
    const published = [0.857, 0.807, 0.753, 0.69, 0.627, 0.538, 0.448];
    for (const [step, { share }] of steps.entries()) expect(share).toBeCloseTo(published[step]!, 3);
    expect(median?.at).toBe(23);
    expect(survival(PLACEBO).median?.at).toBe(8);
  });

  it('has the bounds of Greenwood’s variance on the log-minus-log scale', () => {
    // At 10 weeks the standard error is 0.0963 (same table): the scale's own is that over S·|ln S|.
    const step = survival(TREATED, 0.95).steps[2]!;
    const own = 0.0963 / (step.share * Math.abs(Math.log(step.share)));
    expect(step.low).toBeCloseTo(step.share ** Math.exp(1.96 * own), 3);
    expect(step.high).toBeCloseTo(step.share ** Math.exp(-1.96 * own), 3);
  });

  it('without lives that did not end is the share that is left', () => {
    const { steps } = survival(PLACEBO);
    for (const { at, share } of steps)
      expect(share).toBeCloseTo(PLACEBO.filter((each) => each.at > at).length / PLACEBO.length, 12);
    expect(survival([])).toEqual({ steps: [], median: null });
    expect(survival([{ at: 5, ended: false }])).toEqual({ steps: [], median: null });
  });

  it('falls, stays within its bounds, and never falls for a life that did not end', () => {
    const lives = fc.array(fc.record({ at: fc.integer({ min: 1, max: 40 }), ended: fc.boolean() }), {
      minLength: 1,
      maxLength: 40,
    });
    fc.assert(
      fc.property(lives, (drawn) => {
        const { steps } = survival(drawn);
        let before = 1;
        for (const { share, low, high } of steps) {
          expect(share).toBeLessThan(before);
          expect(low).toBeLessThanOrEqual(share + 1e-12);
          expect(high).toBeGreaterThanOrEqual(share - 1e-12);
          before = share;
        }
        const longer = survival([...drawn, { at: 1000, ended: false }]).steps;
        for (const [place, step] of steps.entries()) expect(longer[place]!.share).toBeGreaterThan(step.share);
      }),
      { seed: 15, numRuns: 200 },
    );
  });
});
