import { describe, expect, it } from 'vitest';
import { padLife } from '../../readings/pads/life';
import { fitsIn, padForecast } from './forecast';
import { grownBack, type PastReading, wearOf } from './history';
import { measuredOf } from './measured';
import { measuredOver } from './over';
import { rotorLife } from './rotorLife';
import { dayWhen, nextEvent, sessionsBy } from './sessions';

const pads = (day: number, sessions: number, inner: number, outer = inner): PastReading => ({
  kind: 'pads',
  corner: 'FL',
  input: {
    newMm: 12,
    minimumMm: 3,
    caliper: {},
    corners: {
      FL: { inner: { leading: inner, trailing: inner + 0.2 }, outer: { leading: outer, trailing: outer } },
    },
  },
  recordedAt: `2026-05-${String(day).padStart(2, '0')}T10:00:00.000Z`,
  sessions,
});

describe('wear over the season', () => {
  it('follows each pad at its lowest end, and starts anew with a new one', () => {
    const wear = wearOf([
      pads(9, 6, 4.1),
      pads(1, 0, 12),
      pads(5, 3, 9),
      pads(20, 8, 11.9),
      pads(25, 9, 11.2),
    ]);
    expect(wear.FL.inner.map((point) => [point.sessions, point.mm])).toEqual([
      [8, 11.9],
      [9, 11.2],
    ]);
    expect(wear.FR.inner).toEqual([]);
  });

  it('counts the low end of a look-in as it does a pad that was measured', () => {
    const look: PastReading = { ...pads(3, 2, 0), kind: 'look-in', corner: 'FL', input: { innerMm: 10.5 } };
    const { inner, outer } = wearOf([pads(1, 0, 12), look, pads(5, 3, 9)]).FL;
    expect(inner.map(({ mm }) => mm)).toEqual([12, 10.5, 9]);
    expect(outer).toHaveLength(2);
  });

  it('asks about a part that grew, and not about a reading that is a little out', () => {
    const { inner } = wearOf([pads(1, 0, 8)]).FL;
    expect(grownBack(inner, 8.4, 'pad')).toBeUndefined();
    expect(grownBack(inner, 11, 'pad')).toBeCloseTo(3, 9);
    expect(grownBack([], 11, 'pad')).toBeUndefined();
  });

  it('reads the lowest of a rotor’s stations', () => {
    const rotor: PastReading = {
      ...pads(1, 2, 9),
      kind: 'rotor',
      input: { thicknessMm: [25.9, 25.7, 25.8] },
    };
    expect(wearOf([rotor]).FL.rotor).toMatchObject([{ mm: 25.7, sessions: 2 }]);
  });
});

describe('what was last measured', () => {
  it('is the newest of each corner, today’s over what was before', () => {
    const before = measuredOf([pads(1, 0, 12), pads(9, 6, 8, 9)]);
    expect(before.FL.pads).toEqual({
      inner: { leading: 8, trailing: 8.2 },
      outer: { leading: 9, trailing: 9 },
    });
    const rotor = {
      kind: 'rotor',
      corner: 'FL',
      input: { runoutMm: [0, 0.05, 0.08, 0.05, 0, -0.02], thicknessMm: [26, 25.9, 26, 26, 26, 26] },
    };
    const now = measuredOver(before, measuredOf([rotor]));
    expect(now.FL).toMatchObject({ rotor: { mm: 25.9, shape: 'wobble' }, pads: before.FL.pads });
    expect(now.RR).toEqual({ rotor: {}, pads: {} });
  });
});

describe('what is left', () => {
  const points = (...values: [sessions: number, mm: number][]) =>
    values.map(([sessions, mm]) => ({ sessions, mm }));

  it('of a rotor goes by a straight line', () => {
    const left = rotorLife(points([0, 26], [10, 25.9], [20, 25.8]), 25)!;
    expect(left.perSessionMm).toBeCloseTo(0.01, 9);
    expect(left.sessions).toBeCloseTo(80, 6);
    expect(left.low).toBeLessThan(80);
    expect(left.high).toBeGreaterThan(80);
    expect(rotorLife(points([0, 26]), 25)).toBeUndefined();
    expect(rotorLife(points([0, 26], [4, 26.01]), 25)).toBeUndefined();
    expect(rotorLife(points([3, 26], [3, 25.9]), 25)).toBeUndefined();
    expect(rotorLife(points([0, 26], [10, 24.9]), 25)!.sessions).toBe(0);
  });

  it('of a pad goes by its own curve from the first reading on', () => {
    const left = padForecast(points([5, 12], [15, 7]), 4)!;
    expect(left.sessions).toBeCloseTo(
      padLife({ newMm: 12, limitMm: 4, readings: [{ sessions: 10, mm: 7 }] }).sessionsLeft,
      9,
    );
    expect(left.sessions).toBeCloseTo(4.2, 1);
    expect(padForecast(points([5, 12]), 4)).toBeUndefined();
    expect(padForecast(points([5, 12], [9, 12.1]), 4)).toBeUndefined();
    expect(padForecast(points([5, 12], [9, 9], [12, 9.2]), 4)!.sessions).toBeGreaterThan(0);
  });

  it('is held against the next event', () => {
    const left = { sessions: 6, low: 4, high: 9, perSessionMm: 0.5 };
    expect([3, 4, 6, 9, 10].map((sessions) => fitsIn(left, sessions))).toEqual([
      'fits',
      'fits',
      'perhaps',
      'perhaps',
      'does_not',
    ]);
    const events = [
      { id: 'a', name: 'Spring meeting', onDate: '2026-04-10', sessions: 6 },
      { id: 'c', name: 'Autumn meeting', onDate: '2026-12-10', sessions: 8 },
      { id: 'b', name: 'Club day', onDate: '2026-11-30', sessions: 4 },
    ];
    expect(sessionsBy(events, '2026-11-24')).toBe(6);
    expect(sessionsBy(events, '2026-11-30')).toBe(10);
    expect(nextEvent(events, '2026-11-24')!.name).toBe('Club day');
    expect(nextEvent(events, '2026-12-10')).toBeUndefined();
    const two = [
      { ...events[0]!, onDate: '2026-09-01', sessions: 5 },
      { ...events[0]!, onDate: '2026-03-01', sessions: 5 },
    ];
    const over = (most: number) => dayWhen(two, (ran) => ran > most);
    expect([over(4), over(5), over(10)]).toEqual(['2026-03-01', '2026-09-01', undefined]);
  });
});
