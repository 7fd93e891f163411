import { describe, expect, it } from 'vitest';
import { monthsAfter } from '../../base/day';
import { startingSet } from '../../car/startingSets';
import type { FittedPart } from '../shelf/fitted';
import type { CornerWear } from '../wear/history';
import { byWheels, type CarDueFacts, dueOfCar } from './ofCar';
import { partDue } from './partLife';

const none = (): CornerWear => ({ inner: [], outer: [], rotor: [] });
const event = (onDate: string, sessions: number) => ({ id: onDate, name: onDate, onDate, sessions });
const part = (kind: FittedPart['kind'], changes: Partial<FittedPart> = {}): FittedPart => ({
  ...{ id: kind, kind, place: '', what: `New ${kind}`, batch: '', fittedOn: '2026-01-31', removedOn: null },
  ...{ jobId: null, oldWhy: null, oldMate: null },
  ...changes,
});
const facts = (changes: Partial<CarDueFacts> = {}): CarDueFacts => ({
  car: { ...startingSet('light_track'), name: 'Car' } as CarDueFacts['car'],
  wear: { FL: none(), FR: none(), RL: none(), RR: none() },
  ...{ events: [], parts: [], limits: {}, today: '2026-06-01' },
  ...changes,
});

describe('what is due on a car', () => {
  it('is the part whose near end of forecast an event on the calendar passes, before that event', () => {
    const wear = facts().wear;
    // 14 mm new, so that 7 is the least for the track: 0.5 mm a session, some 4 sessions from here.
    wear.FL.inner = [0, 4, 8].map((sessions) => ({ sessions, mm: 13 - sessions / 2 }));
    const car = { ...facts().car, front: { ...facts().car.front, padNewMm: 14 } };
    const events = [
      event('2026-04-01', 8),
      event('2026-06-20', 2),
      event('2026-07-20', 2),
      event('2026-08-20', 4),
    ];
    const [due, ...rest] = dueOfCar(facts({ car, wear, events }));
    expect(rest).toEqual([]);
    expect(due).toMatchObject({
      key: 'wear front pad',
      what: 'Front pads near their limit',
      wheels: 'front',
    });
    expect(due!.dueOn).toBe('2026-07-20');
    expect(due!.why).toMatch(
      /^FL inner pad: read 9\.0 mm, limit 7\.0 mm \(half of new\); \d+ to \d+ sessions left, 80 % sure\.$/,
    );
    // The event was run since: it may be past its limit, and somebody has to measure.
    expect(dueOfCar(facts({ car, wear, events, today: '2026-08-01' }))).toMatchObject([
      { what: 'Front pads may be past their limit: measure', dueOn: '2026-07-20' },
    ]);
    // With nothing on the calendar nobody can say a day.
    expect(dueOfCar(facts({ car, wear, events: events.slice(0, 1) }))).toEqual([]);
    // Past its limit it is due today, forecast or not.
    wear.FL.inner = [{ sessions: 8, mm: 6.4 }];
    expect(dueOfCar(facts({ car, wear, events: [] }))).toMatchObject([
      {
        what: 'Front pads past their limit',
        dueOn: '2026-06-01',
        why: 'FL inner pad: read 6.4 mm, limit 7.0 mm (half of new).',
      },
    ]);
  });

  it('is a part by its months or sessions, whichever is first, by the shop’s own figure where it has one', () => {
    const events = [event('2026-03-01', 30), event('2026-09-01', 20), event('2026-12-01', 20)];
    const [studs] = dueOfCar(facts({ parts: [part('studs')], events }));
    expect(studs).toMatchObject({
      what: 'Wheel studs and nuts: life',
      dueOn: '2026-12-01',
      why: 'New studs. Fitted 2026-01-31; good for 24 months, 30 of 60 sessions run (common practice).',
      wheels: null,
    });
    const limits = { studsMonths: 1, studsSessions: 500 };
    const [sooner] = dueOfCar(facts({ parts: [part('studs')], events, limits }));
    expect(sooner).toMatchObject({ dueOn: '2026-02-28', why: expect.stringContaining('(the shop’s own)') });
    const [hose] = dueOfCar(facts({ parts: [part('hose', { place: 'RL' })] }));
    expect(hose).toMatchObject({ what: 'Hose RL: life', dueOn: '2031-01-31', wheels: 'rear' });
    expect(dueOfCar(facts({ parts: [part('hose', { removedOn: '2026-05-01' }), part('pads')] }))).toEqual([]);
    expect(partDue(part('float_kit'), [], {}, '2026-06-01')).toMatchObject({ dueOn: null });
  });

  it('stands together where the same wheels come off, the soonest of them first', () => {
    const lines = [
      { at: 1 },
      { at: 2, wheels: 'front' },
      { at: 3 },
      { at: 4, wheels: 'rear' },
      { at: 5, wheels: 'front' },
    ] as const;
    expect(
      byWheels<{ at: number; wheels?: 'front' | 'rear' }>(lines).map((group) =>
        group.lines.map(({ at }) => at),
      ),
    ).toEqual([[1], [2, 5], [3], [4]]);
  });

  it('counts months to the same day, or the last of a shorter month', () => {
    expect(monthsAfter('2026-01-31', 1)).toBe('2026-02-28');
    expect(monthsAfter('2024-01-31', 1)).toBe('2024-02-29');
    expect(monthsAfter('2026-11-15', 3)).toBe('2027-02-15');
    expect(monthsAfter('2026-12-31', 12)).toBe('2027-12-31');
  });
});
