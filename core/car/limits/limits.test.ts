import { describe, expect, it } from 'vitest';
import { parseWith } from '../../base/issues/zod';
import { LIMIT_NAMES, LIMIT_SPECS, limitFor } from './catalogue';
import { shopLimitsSchema } from './schema';

describe('limits', () => {
  it('come from the car, else the shop, else what is usual', () => {
    expect(limitFor('runoutMm', { runoutMm: 0.04 }, 0.07)).toEqual({ value: 0.07, from: 'car' });
    expect(limitFor('runoutMm', { runoutMm: 0.04 }, null)).toEqual({ value: 0.04, from: 'shop' });
    expect(limitFor('runoutMm', {})).toEqual({ value: 0.05, from: 'practice' });
    expect(limitFor('sidesMm', {})).toEqual({ value: 2, from: 'model' });
  });

  it('usual ones lie within their own range', () => {
    for (const name of LIMIT_NAMES) {
      const { usual, low, high } = LIMIT_SPECS[name];
      expect(usual >= low && usual <= high, name).toBe(true);
    }
  });

  it('are refused outside their range, or across the bound they belong to', () => {
    const issues = (input: unknown) => {
      const outcome = parseWith(shopLimitsSchema, input);
      return outcome.ok ? [] : outcome.issues.map((issue) => [issue.path, issue.accepted]);
    };
    expect(issues({})).toEqual([]);
    expect(issues({ runoutMm: 5 })).toEqual([['runoutMm', '0.005 to 0.5 mm is accepted']]);
    expect(issues({ dryBelowPct: 3 })).toEqual([['dryBelowPct', 'below “Wet from” (3)']]);
    expect(issues({ boilingOkFromC: 170 })).toEqual([
      ['boilingOkFromC', 'above “Boiling point low below” (175)'],
    ]);
    expect(issues({ runout: 0.05 })[0]![0]).toBe('runout');
  });
});
