import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { causeFirst, padGap, SEAL_MM, SPRING_REACH_MM } from './gaps';
import { topSpeedLoss } from './springs';

/** Front four 40 mm pistons opposed on a 22.225 mm master at 5.5: the brake of the check values for pedal travel. */
const BRAKE = { sideAreaMm2: 2513.274, boreMm: 22.225, pedalRatio: 5.5 };

describe('the gap that opens at a corner', () => {
  it('costs at the pedal what the same gap costs in the travel budget', () => {
    // 0.25 mm a side at one front corner: 17.82 mm of pedal, on top of what the seals take back.
    const { pedalMm, leftMm } = padGap({ parts: { bearing: 0.5 + 2 * SEAL_MM }, springs: false, ...BRAKE });
    expect(leftMm).toBeCloseTo(0.5, 10);
    expect(pedalMm).toBeCloseTo(17.82, 2);
  });

  it('is nothing the driver meets while the seals reach it, and no reason for springs', () => {
    const gap = padGap({ parts: { wobble: 0.05, flex: 0.1 }, springs: false, ...BRAKE });
    expect(gap).toMatchObject({ leftMm: 0, pedalMm: 0 });
    expect(causeFirst(gap)).toBeUndefined();
  });

  it('names what is cured first by what moves the rotor most', () => {
    const gap = padGap({ parts: { bearing: 0.1, wobble: 0.06, flex: 0.6 }, springs: true });
    expect(causeFirst(gap)).toBe('flex');
    expect(gap.parts.map(({ part }) => part)).toEqual(['flex', 'bearing', 'wobble']);
    expect(gap).not.toHaveProperty('pedalMm');
  });

  it('never grows by a spring, never shrinks by more play, and adds up', () => {
    const mm = fc.double({ min: 0, max: 5, noNaN: true });
    fc.assert(
      fc.property(mm, mm, mm, fc.boolean(), (bearing, wobble, flex, springs) => {
        const of = (parts: Parameters<typeof padGap>[0]['parts'], with_ = springs) =>
          padGap({ parts, springs: with_, ...BRAKE });
        const gap = of({ bearing, wobble, flex });
        expect(gap.takenBackMm + gap.leftMm).toBeCloseTo(bearing + wobble + flex, 9);
        expect(of({ bearing, wobble, flex }, true).leftMm).toBeLessThanOrEqual(
          of({ bearing, wobble, flex }, false).leftMm,
        );
        expect(of({ bearing: bearing + 0.1, wobble, flex }).leftMm).toBeGreaterThanOrEqual(gap.leftMm);
        expect(gap.takenBackMm).toBeLessThanOrEqual(2 * (SEAL_MM + SPRING_REACH_MM));
      }),
    );
  });
});

describe('what a drag costs in top speed', () => {
  it('is nothing without drag, all of it where the drag takes all, and a third of its share when small', () => {
    expect(topSpeedLoss(0, 150_000, 240)).toBe(0);
    expect(topSpeedLoss(200_000, 150_000, 240)).toBe(240);
    // For a small share s of the power: 1 − ∛(1 − s) = s/3 + s²/9 + …
    expect(topSpeedLoss(1500, 150_000, 240)).toBeCloseTo(240 * (0.01 / 3 + 0.01 ** 2 / 9), 3);
  });
});
