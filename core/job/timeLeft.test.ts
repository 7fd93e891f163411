import { describe, expect, it } from 'vitest';
import { emptySheet } from '../../tests/support/sheet';
import { diagnose } from '../diagnosis/diagnose';
import { withinTime } from '../diagnosis/sensitivity/withinTime';
import { timeLeft } from './timeLeft';

const NOW = new Date('2026-05-02T10:00:00Z');

describe('the time left before a car is wanted', () => {
  it('is counted in minutes, and is nothing where none was named or it has gone by', () => {
    expect(timeLeft('2026-05-02T10:12:00Z', NOW)).toBe(12);
    expect(timeLeft('2026-05-02T09:59:00Z', NOW)).toBeUndefined();
    expect(timeLeft(emptySheet().job.neededAt, NOW)).toBeUndefined();
  });

  it('leaves out the checks that cannot be finished, and keeps the order of the rest', () => {
    const { nextChecks } = diagnose({
      findings: [{ id: 'first_press_long', state: 'yes' }],
      atHand: { wheelsOff: false },
    });
    const soon = withinTime(nextChecks, 5);
    expect(soon.length).toBeGreaterThan(0);
    expect(soon.length).toBeLessThan(nextChecks.length);
    expect(soon).toEqual(nextChecks.filter((check) => check.minutes <= 5));
    expect(withinTime(nextChecks, undefined)).toEqual(nextChecks);
    expect(withinTime(nextChecks, 0.1)).toEqual([]);
  });
});
