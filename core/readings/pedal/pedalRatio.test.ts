import { describe, expect, it } from 'vitest';
import { parseWith } from '../../base/issues/zod';
import { pedalRatio } from './pedalRatio';
import { pedalRatioSchema } from './pedalRatioSchema';

describe('pedal ratio', () => {
  it('gives the check values', () => {
    const result = pedalRatio({ aMm: 264, bMm: 71, targetRatio: 5.5 });
    expect(result.ratio).toBeCloseTo(3.718, 3);
    expect(result.bForTargetMm).toBeCloseTo(48, 9);
    expect(result.raiseMm).toBeCloseTo(23, 9);
    expect(result.bandBMm[0]).toBeCloseTo(51.76, 2);
    expect(result.bandBMm[1]).toBeCloseTo(43.28, 2);
    expect(result.state).toBe('low');
  });

  it('holds an assisted pedal against its own band, a value on the bound inside it', () => {
    expect(pedalRatio({ aMm: 264, bMm: 71, assisted: true }).state).toBe('in_band');
    expect(pedalRatio({ aMm: 300, bMm: 100, assisted: true }).state).toBe('in_band');
    expect(pedalRatio({ aMm: 510, bMm: 100 }).state).toBe('in_band');
    expect(pedalRatio({ aMm: 460, bMm: 100, assisted: true }).state).toBe('high');
  });

  it('says what the change does to the travel, and whether the floor comes first', () => {
    const change = { aMm: 264, bMm: 71, targetRatio: 5.5, travelMm: 110 };
    // The master's own stroke stays: 110 mm of pedal at 3.718 is 110 · 5.5 / 3.718 at 5.5.
    expect(pedalRatio({ ...change, floorMm: 150 })).toMatchObject({ meetsFloor: true });
    expect(pedalRatio(change).newTravelMm).toBeCloseTo((110 * 5.5 * 71) / 264, 8);
    expect(pedalRatio({ ...change, floorMm: 190 })).toMatchObject({ meetsFloor: false });
    expect(pedalRatio(change).gaps.map((gap) => gap.path)).toEqual(['floorMm']);
    expect(pedalRatio({ aMm: 264, bMm: 71, targetRatio: 5.5 }).gaps.map((gap) => gap.path)).toEqual([
      'travelMm',
    ]);
  });

  it('refuses a clevis beyond the pad', () => {
    const outcome = parseWith(pedalRatioSchema, { aMm: 100, bMm: 120 });
    expect(outcome).toMatchObject({ ok: false, issues: [{ path: 'bMm' }] });
  });
});
