import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { beatOf } from './taps';

describe('tapping the beat', () => {
  it('tells the beat however it starts, and a finger that is a little off weighs little', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.5, max: 12, noNaN: true }),
        fc.integer({ min: 4, max: 30 }),
        fc.double({ min: 0, max: 1e6, noNaN: true }),
        (hz, taps, start) => {
          const beat = beatOf(Array.from({ length: taps }, (_, tap) => start + (1000 / hz) * tap))!;
          expect(beat.hz).toBeCloseTo(hz, 6);
          expect(beat.taps).toBe(taps);
          expect(beat.unevenness).toBeLessThan(1e-6);
        },
      ),
    );
    expect(beatOf([0, 230, 500, 760, 1000])!.hz).toBeCloseTo(4, 9);
    expect(beatOf([0, 230, 500, 760, 1000])!.unevenness).toBeGreaterThan(0.05);
  });

  it('begins anew after a pause, takes a bounce for one tap, and waits for enough', () => {
    expect(beatOf([0, 250, 500])).toBeUndefined();
    expect(beatOf([0, 250, 500, 5000, 5250, 5500])).toBeUndefined();
    expect(beatOf([0, 5000, 5250, 5262, 5500, 5750])).toMatchObject({ taps: 4 });
  });
});
