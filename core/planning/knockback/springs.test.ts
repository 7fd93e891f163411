import { describe, expect, it } from 'vitest';
import { parseWith } from '../../base/issues/zod';
import { springCount, springDrag } from './springs';
import { springsSchema } from './springsSchema';

const check = {
  forceN: 18,
  perSide: 2,
  mu: 0.42,
  effectiveRadiusM: 0.133,
  speedKmh: 200,
  rollingRadiusM: 0.316,
};

describe('springs behind pistons', () => {
  it('cost what the check values say', () => {
    expect(springDrag(check).dragNm).toBeCloseTo(4.02, 2);
    expect(springDrag(check).powerW / 1000).toBeCloseTo(0.71, 2);
  });

  it('count one a piston', () => {
    expect(springCount(6)).toBe(12);
    expect(springCount(4, 4)).toBe(16);
  });

  it('cost nothing standing, and in proportion to their force', () => {
    expect(springDrag({ ...check, speedKmh: 0 }).powerW).toBe(0);
    expect(springDrag({ ...check, forceN: 2 * 18 }).dragNm).toBeCloseTo(2 * springDrag(check).dragNm, 10);
  });

  it('refuses what cannot be', () => {
    expect(parseWith(springsSchema, { ...check, mu: 3 })).toMatchObject({
      ok: false,
      issues: [{ path: 'mu', value: '3', accepted: '0.05 to 1 is accepted' }],
    });
  });
});
