import { describe, expect, it } from 'vitest';
import { INCHES, METRIC } from '../../../tests/support/units';
import { limitsOf, limitTexts } from './limitTexts';

describe('the shop’s own limits', () => {
  it('are shown and typed in the units of the shop', () => {
    expect(limitTexts({ runoutMm: 0.05 }, INCHES)).toEqual({ runoutMm: '0.001969' });
    expect(limitTexts({ runoutMm: 0.05 }, METRIC)).toEqual({ runoutMm: '0.05' });
    expect(limitsOf({ runoutMm: '0.002' }, {}, INCHES).runoutMm).toBeCloseTo(0.0508, 9);
    expect(limitTexts({ trackMarginK: 30 }, INCHES)).toEqual({ trackMarginK: '54' });
    expect(limitsOf({ trackMarginK: '45' }, {}, INCHES).trackMarginK).toBeCloseTo(25, 9);
    expect(limitsOf({ runoutMm: '0.05 mm' }, {}, INCHES).runoutMm).toBeCloseTo(0.05, 9);
  });

  it('stay to the last digit where nobody touched them', () => {
    const stood = { runoutMm: 0.0523 };
    expect(limitsOf(limitTexts(stood, INCHES), stood, INCHES)).toEqual(stood);
  });

  it('that are no figure go as they are, to be refused by name', () => {
    expect(limitsOf({ runoutMm: 'little' }, {}, INCHES)).toEqual({ runoutMm: 'little' });
    expect(limitsOf({ runoutMm: ' ' }, {}, METRIC)).toEqual({});
  });
});
