import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { diagnose } from '../diagnose';
import { KNOWLEDGE } from '../knowledge/all';
import { brier, calibration } from './calibration';
import { learnedShares, learnPriors } from './priors';

const whole = KNOWLEDGE.reduce((sum, { prior }) => sum + prior, 0);

describe('learning from confirmed jobs', () => {
  it('leaves the built-in priors alone without jobs, or when told to', () => {
    expect(learnPriors({}, 300)).toEqual({ priors: {}, jobs: 0 });
    expect(learnPriors({ air_in_lines: 7 }, 0)).toEqual({ priors: {}, jobs: 7 });
  });

  it('adds a job to its share, the sum of all staying what it was (Dirichlet counts)', () => {
    fc.assert(
      fc.property(
        fc.nat(60),
        fc.nat(60),
        fc.double({ min: 50, max: 2000, noNaN: true }),
        (air, worn, strength) => {
          fc.pre(air + worn > 0);
          const { priors, jobs } = learnPriors({ air_in_lines: air, pad_worn_out: worn }, strength);
          expect(jobs).toBe(air + worn);
          const sum = Object.values(priors).reduce((total, prior) => total + prior, 0);
          expect(sum).toBeLessThanOrEqual(whole + 1e-12);
          const prior = KNOWLEDGE.find((each) => each.cause === 'air_in_lines')!.prior;
          const share = ((prior / whole) * strength + air) / (strength + jobs);
          expect(priors.air_in_lines).toBeCloseTo(Math.min(0.05, share * whole), 12);
          for (const { cause } of KNOWLEDGE) expect(priors[cause]!).toBeGreaterThan(0);
        },
      ),
    );
  });

  it('moves a verdict towards what the shop has seen, and says by how much', () => {
    const findings = [{ id: 'pedal_spongy' as const, state: 'yes' }];
    const chance = (priors = {}) =>
      diagnose({ findings, priors }).causes.find((cause) => cause.id === 'hose_expansion')!.probability;
    expect(chance(learnPriors({ hose_expansion: 40 }, 300).priors)).toBeGreaterThan(chance() * 1.5);
    const [most] = learnedShares({ hose_expansion: 40 }, 300);
    expect(most).toMatchObject({ cause: 'hose_expansion', confirmed: 40 });
    expect(most!.learned).toBeGreaterThan(most!.builtIn);
  });
});

describe('calibration', () => {
  it('counts what came true by how sure it was said, with Wilson bounds', () => {
    const said = Array.from({ length: 20 }, (_, index) => ({ probability: 0.7, right: index < 14 }));
    const [bin] = calibration(said);
    expect(bin).toMatchObject({ low: 0.6, high: 0.8, count: 20, was: 0.7 });
    expect(bin!.said).toBeCloseTo(0.7, 12);
    // Wilson's 80 % interval of 14 in 20, worked by hand.
    expect(bin!.wasLow).toBeCloseTo(0.5577, 4);
    expect(bin!.wasHigh).toBeCloseTo(0.812, 4);
    expect(calibration([])).toEqual([]);
    expect(calibration([{ probability: 1, right: true }])[0]).toMatchObject({
      low: 0.95,
      was: 1,
      wasHigh: 1,
    });
    expect(brier(said)).toBeCloseTo(0.7 * 0.09 + 0.3 * 0.49, 12);
    expect(brier([])).toBeUndefined();
  });
});
