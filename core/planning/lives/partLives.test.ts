import { describe, expect, it } from 'vitest';
import type { FittedPart, WhyOff } from '../shelf/fitted';
import { badPairs, type CarLives, type LivesAsked, partRecords, partRecordsOf } from './partLives';

const TODAY = '2026-11-01';
const part = (
  kind: FittedPart['kind'],
  what: string,
  [fittedOn, removedOn]: [string, string | null],
  oldWhy: WhyOff | null = null,
  place: FittedPart['place'] = 'front',
): FittedPart => ({
  ...{ id: `${what} ${place} ${fittedOn}`, kind, what, place, fittedOn, removedOn, oldWhy },
  ...{ batch: '', jobId: null, oldMate: null },
});
/** Ten sessions on the first of each month of the year. */
const EVENTS = Array.from({ length: 10 }, (_, month) => {
  const onDate = `2026-${String(month + 1).padStart(2, '0')}-15`;
  return { id: onDate, name: onDate, onDate, sessions: 10 };
});
const car = (name: string, parts: FittedPart[], wear: CarLives['wear'] = new Map()): CarLives => ({
  ...{ carId: name, carName: name, parts, events: EVENTS, wear },
});

describe('how parts last', () => {
  it('counts a life by what came after it: its end, still good, or still on', () => {
    const hard = [
      part('pads', 'Hard pads', ['2026-01-01', '2026-04-01']),
      part('pads', 'Hard pads', ['2026-04-01', '2026-08-01'], 'limit'),
      part('pads', 'hard pads ', ['2026-08-01', null], 'planned'),
    ];
    const [record] = partRecords([car('A', hard)], TODAY);
    expect(record).toMatchObject({ kind: 'pads', what: 'Hard pads', ended: 1 });
    expect(record!.lives.map(({ sessions, why, ended }) => [sessions, why, ended])).toEqual([
      [30, null, false],
      [40, 'planned', false],
      [30, 'limit', true],
    ]);
    // One of three ended at 30: no half of them has, so nobody knows the median.
    expect(record!.sessions.steps).toMatchObject([
      { at: 30, share: expect.closeTo(2 / 3, 12), atRisk: 3, ended: 1 },
    ]);
    expect(record!.sessions.median).toBeNull();
  });

  it('takes the same part of all cars together, each place by itself, and wear by the sessions it was measured in', () => {
    const rotor = (place: 'FL' | 'FR') =>
      part('rotor', 'Plain rotor', ['2026-01-01', '2026-06-01'], null, place);
    const wear = new Map([['Plain rotor FL 2026-01-01', { mm: 0.3, sessions: 30 }]]);
    const [record] = partRecords(
      [
        car('A', [rotor('FL'), rotor('FR')], wear),
        car('B', [rotor('FL')], new Map([['Plain rotor FL 2026-01-01', { mm: 0.5, sessions: 10 }]])),
      ],
      TODAY,
    );
    expect(record!.lives).toHaveLength(3);
    expect(record!.wear).toEqual({ perSessionMm: 0.8 / 40, sessions: 40 });
    expect(record!.sessions.median).toMatchObject({ at: 50 });
  });

  it('tells what a session costs of lives that ended and whose price is known', () => {
    const [record] = partRecords(
      [
        car('A', [
          { ...part('pads', 'Hard pads', ['2026-01-01', '2026-04-01']), price: 200 },
          { ...part('pads', 'Hard pads', ['2026-04-01', '2026-08-01'], 'limit'), price: 240 },
          { ...part('pads', 'Hard pads', ['2026-08-01', null], 'limit'), price: 900 },
        ]),
      ],
      TODAY,
    );
    expect(record!.cost).toEqual({ perSession: 440 / 70, lives: 2 });
  });

  it('knows the kind of circuit that most of a life was on, and wear by distance where the odometer was read', () => {
    const on = (events: CarLives['events'], wear = new Map()): CarLives => ({
      ...car('A', [part('pads', 'Hard pads', ['2026-01-15', null])], wear),
      events,
    });
    const odd = EVENTS.map((event, at) => ({
      ...event,
      circuit: at % 4 === 0 ? ('twisty' as const) : ('fast' as const),
      odometerKm: 10_000 + at * 250,
    }));
    const wear = new Map([['Hard pads front 2026-01-15', { mm: 0.4, sessions: 40 }]]);
    const [life] = partRecords([on(odd, wear)], TODAY)[0]!.lives;
    expect(life).toMatchObject({ circuit: 'fast' });
    // Ten sessions a meeting of 250 km: 0.01 mm a session is 0.4 mm a thousand kilometres.
    expect(life!.per1000KmMm).toBeCloseTo(0.4, 9);
    const half = EVENTS.map((event, at) => ({ ...event, circuit: at % 2 ? ('fast' as const) : null }));
    expect(partRecords([on(half)], TODAY)[0]!.lives[0]!.circuit).toBeUndefined();
  });

  it('is told of one car, or of one kind of circuit, alone', () => {
    const fast = EVENTS.map((event) => ({ ...event, circuit: 'fast' as const }));
    const pads = (name: string, events: CarLives['events']): CarLives => ({
      ...car(name, [part('pads', 'Hard pads', ['2026-01-15', null])]),
      events,
    });
    const cars = [pads('A', fast), pads('B', EVENTS)];
    const names = (asked: LivesAsked) =>
      partRecordsOf(cars, TODAY, asked).flatMap(({ lives }) => lives.map(({ carName }) => carName));
    expect(names({}).sort()).toEqual(['A', 'B']);
    expect(names({ car: 'B' })).toEqual(['B']);
    expect(names({ circuit: 'fast' })).toEqual(['A']);
    expect(names({ car: 'B', circuit: 'fast' })).toEqual([]);
  });

  it('names a pad and a rotor that do not get on, with the evidence, and no others', () => {
    const bad = (year: string, why: WhyOff) => [
      part('pads', 'Hard pads', [`${year}-01-01`, null]),
      part('rotor', 'Soft rotor', [`${year}-01-01`, `${year}-05-01`], null, 'FL'),
      part('rotor', 'Good rotor', [`${year}-05-01`, null], why, 'FL'),
    ];
    const cars = [car('A', bad('2026', 'cracked')), car('B', bad('2026', 'distorted'))];
    expect(badPairs(cars, TODAY)).toEqual([
      { pads: 'Hard pads', rotor: 'Soft rotor', together: 2, bad: 2, how: ['cracked', 'distorted'] },
    ]);
    expect(badPairs(cars.slice(1), TODAY)).toEqual([]);
    expect(badPairs([car('A', bad('2026', 'limit')), car('B', bad('2026', 'limit'))], TODAY)).toEqual([]);
    // On the other axle, or one after the other, they never met.
    const rear = bad('2026', 'cracked').map((each) =>
      each.kind === 'pads' ? { ...each, place: 'rear' as const } : each,
    );
    expect(badPairs([car('A', rear), car('B', rear)], TODAY)).toEqual([]);
  });
});
