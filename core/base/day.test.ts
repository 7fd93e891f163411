import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { dayIn, momentIn, timeIn } from './day';

describe('the day it is', () => {
  it('goes by the shop’s own clock', () => {
    const at = new Date('2026-07-01T06:30:00Z');
    expect(dayIn('America/Los_Angeles', at)).toBe('2026-06-30');
    expect(dayIn('UTC', at)).toBe('2026-07-01');
    expect(dayIn('Pacific/Kiritimati', new Date('2026-07-01T11:00:00Z'))).toBe('2026-07-02');
  });
});

describe('a day and a time in any zone', () => {
  it('is what the platform’s own calendar and clock say', () => {
    const zones = Intl.supportedValuesOf('timeZone');
    fc.assert(
      fc.property(
        fc.constantFrom(...zones),
        fc.date({ min: new Date('1990-01-01'), max: new Date('2060-01-01'), noInvalidDate: true }),
        (timeZone, at) => {
          // This locale writes dates in ISO 8601's order.
          expect(dayIn(timeZone, at)).toBe(new Intl.DateTimeFormat('en-CA', { timeZone }).format(at));
          const clock = { timeZone, hourCycle: 'h23', hour: '2-digit', minute: '2-digit' } as const;
          expect(timeIn(timeZone, at)).toBe(new Intl.DateTimeFormat('en-GB', clock).format(at));
        },
      ),
    );
  });
});

describe('the moment on the wall of a time zone', () => {
  it.each([
    // Offsets of the IANA time zone database, summer and winter.
    ['Europe/Prague', '2026-07-01', '12:00', '2026-07-01T10:00:00.000Z'],
    ['Europe/Prague', '2026-12-01', '12:00', '2026-12-01T11:00:00.000Z'],
    ['America/New_York', '2026-07-01', '20:30', '2026-07-02T00:30:00.000Z'],
    ['Asia/Kolkata', '2026-07-01', '00:15', '2026-06-30T18:45:00.000Z'],
    // 29 March 2026: 02:30 is left out; 25 October 2026: 02:30 is there twice.
    ['Europe/Prague', '2026-03-29', '02:30', '2026-03-29T01:30:00.000Z'],
    ['Europe/Prague', '2026-10-25', '02:30', '2026-10-25T00:30:00.000Z'],
  ])('%s %s %s', (zone, day, time, moment) => {
    expect(momentIn(zone, day, time).toISOString()).toBe(moment);
  });
});
