import { describe, expect, it } from 'vitest';
import { fluidNow } from './fluidNow';

const car = { fluidClass: 'DOT4', fluidDryC: null, fluidWetC: null, fluidFilledOn: '2026-05-01' } as const;
const read = (moisturePct: number, on: string) => ({ input: { class: 'DOT4' as const, moisturePct }, on });

describe('the fluid in a car today', () => {
  it('boils where its class, its water and the height say', () => {
    // Check values: DOT 4 at 2 % boils at 180.6 °C; at 1500 m everything boils a little sooner.
    expect(fluidNow(car, read(2, '2026-06-01'), 0).boilsHereC).toBeCloseTo(180.6, 1);
    expect(fluidNow(car, read(2, '2026-06-01'), 1500).boilsHereC).toBeLessThan(174);
  });

  it('goes by its product’s own points, and by no reading from before it was filled', () => {
    const own = { ...car, fluidDryC: 312, fluidWetC: 204 };
    expect(fluidNow(own, read(3.7, '2026-06-01'), 0)).toMatchObject({
      pair: { dryC: 312, wetC: 204 },
      boilsHereC: expect.closeTo(204, 6),
    });
    expect(fluidNow(own, read(3.7, '2026-05-01'), 0)).toEqual({ pair: { dryC: 312, wetC: 204 } });
    expect(fluidNow({ ...car, fluidClass: null }, undefined, 0)).toEqual({});
  });
});
