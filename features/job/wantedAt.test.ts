import { describe, expect, it } from 'vitest';
import { wantedAt } from './wantedAt';

const SHOP = { today: '2026-07-01', dateOrder: 'day_first', timeZone: 'Europe/Prague' } as const;

describe('when a car is wanted back', () => {
  it.each([
    ['', '', null],
    ['4 July', '17:00', '2026-07-04T15:00:00.000Z'],
    // Only the day: by the evening; only the time: today.
    ['4/7', '', '2026-07-04T16:00:00.000Z'],
    [' ', '9.30', '2026-07-01T07:30:00.000Z'],
  ])('%s %s', (day, time, at) => {
    expect(wantedAt({ day, time }, SHOP)).toEqual({ at });
  });

  it('names the field that is none', () => {
    expect(wantedAt({ day: '31 June', time: '17:00' }, SHOP)).toEqual({ wrong: 'day' });
    expect(wantedAt({ day: '4 July', time: 'noonish' }, SHOP)).toEqual({ wrong: 'time' });
  });
});
