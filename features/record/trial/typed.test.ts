import { describe, expect, it } from 'vitest';
import { retypeAll } from '@/core/base/units/retype';
import { INCHES, METRIC } from '../../../tests/support/units';
import { lapsBase, readLaps } from './typed';

describe('laps as they are typed', () => {
  it('are figures one after another, with spaces, lines, semicolons or commas between', () => {
    expect(readLaps('182 179\n185', 'travel', METRIC)).toEqual([182, 179, 185]);
    expect(readLaps('182.5; 179', 'travel', METRIC)).toEqual([182.5, 179]);
    expect(readLaps('182, 179, 185,', 'travel', METRIC)).toEqual([182, 179, 185]);
  });

  it('are in the shop’s unit, or in the unit that stands with them', () => {
    expect(readLaps('2 3', 'travel', INCHES)).toEqual([50.8, expect.closeTo(76.2, 9)]);
    expect(readLaps('1.9 1.95', 'distance', INCHES)).toEqual('1.9 is not taken: 3.3 to 1640 ft');
    expect(readLaps('92.41 92.18', 'lap', INCHES)).toEqual([92.41, 92.18]);
  });

  it('are refused with the one that is wrong, or with how many there are', () => {
    expect(readLaps('610 9000', 'rotor', METRIC)).toBe('9000 is not taken: 20 to 1200 °C');
    expect(readLaps('610 warm', 'rotor', METRIC)).toBe('610 warm is not taken: 20 to 1200 °C');
    expect(readLaps('610', 'rotor', METRIC)).toBe('1 figure is not taken: 2 to 60, with spaces between');
    expect(readLaps(' ', 'rotor', METRIC)).toBe('Nothing is not taken: 2 to 60, with spaces between');
  });

  it('go over to other units with the switch, each figure in its own', () => {
    const typed = {
      figure: 'rotor',
      laps: { travel: { before: '25.4 50.8', after: '' }, lap: { before: '92.4', after: '' } },
    };
    expect(retypeAll(typed, lapsBase, METRIC.choice, INCHES.choice)).toEqual({
      ...typed,
      laps: { travel: { before: '1, 2', after: '' }, lap: { before: '92.4', after: '' } },
    });
  });
});
