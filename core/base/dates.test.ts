import { describe, expect, it } from 'vitest';
import { daysInWords, dayWords, readDay, readTime } from './dates';

describe('a day as it is typed', () => {
  const today = '2026-11-26';
  it.each([
    ['2026-5-31', '2026-05-31'],
    ['31 May 2026', '2026-05-31'],
    ['31 may', '2026-05-31'],
    ['May 31, 2027', '2027-05-31'],
    ['31.5.2026', '2026-05-31'],
    ['31.5.', '2026-05-31'],
    ['3/4/26', '2026-04-03'],
    ['today', today],
    [' 29 February 2028 ', '2028-02-29'],
  ])('reads %s', (text, day) => {
    expect(readDay(text, 'day_first', today)).toBe(day);
  });

  it('goes by the shop’s order where it is figures alone', () => {
    expect(readDay('3/4/2026', 'month_first', today)).toBe('2026-03-04');
    expect(readDay('3.4.2026', 'month_first', today)).toBe('2026-04-03');
  });

  it.each(['', 'soon', '31/4', '29 Feb 2027', '13/13/2026', '31 Foo', '2026-02-30', '5'])(
    'takes no day from %j',
    (text) => {
      expect(readDay(text, 'day_first', today)).toBeUndefined();
    },
  );

  it('is written with the month by name, in either order, and read back', () => {
    expect(dayWords('2026-05-01', 'day_first')).toBe('1 May 2026');
    expect(dayWords('2026-05-01', 'month_first')).toBe('May 1, 2026');
    expect(daysInWords('Filled 2025-11-14; two events since 2026-01-02.', 'month_first')).toBe(
      'Filled Nov 14, 2025; two events since Jan 2, 2026.',
    );
    for (const order of ['day_first', 'month_first'] as const)
      expect(readDay(dayWords('2027-09-30', order), order, today)).toBe('2027-09-30');
  });
});

describe('a time as it is typed', () => {
  it.each([
    ['16:30', '16:30'],
    ['16.30', '16:30'],
    ['1630', '16:30'],
    ['8', '08:00'],
    ['4:30 pm', '16:30'],
    ['12 am', '00:00'],
    ['12pm', '12:00'],
  ])('reads %s', (text, time) => {
    expect(readTime(text)).toBe(time);
  });

  it.each(['', 'noon', '25:00', '16:75', '13 pm', '0 am'])('takes none from %j', (text) => {
    expect(readTime(text)).toBeUndefined();
  });
});
