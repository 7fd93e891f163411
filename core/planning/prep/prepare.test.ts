import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { WAYS } from '../../../tests/support/work';
import { startingSet } from '../../car/startingSets';
import type { DatedReading } from '../../readings/dated';
import type { FittedPart } from '../shelf/fitted';
import type { CornerWear } from '../wear/history';
import { toBring } from './buyList';
import type { PrepFacts } from './facts';
import { prepare } from './prepare';

const event = (onDate: string, sessions: number) => ({
  id: onDate,
  name: `Day of ${onDate}`,
  onDate,
  sessions,
});
const none = (): CornerWear => ({ inner: [], outer: [], rotor: [] });
/** Worn down in a straight line from a thickness at the first reading. */
const worn = (fromMm: number, perSession: number, at = [0, 4, 8]) =>
  at.map((sessions) => ({ sessions, mm: fromMm - perSession * sessions }));

const RUN = event('2026-04-01', 8);
const NEXT = event('2026-06-20', 6);

function facts(changes: Partial<PrepFacts> = {}): PrepFacts {
  const car = {
    ...startingSet('light_track'),
    name: 'Car',
    fluidClass: 'DOT4',
    fluidFilledOn: '2026-03-01',
  } as PrepFacts['car'];
  return {
    car: {
      ...car,
      front: { ...car.front, brake: 'disc', padNewMm: 14, rotorNewMm: 25, rotorMinimumMm: 23 },
      rear: { ...car.rear, brake: 'disc', padNewMm: 12, rotorNewMm: 20, rotorMinimumMm: 18 },
    },
    ...{ event: NEXT, events: [RUN, NEXT], parts: [], limits: {}, altitudeM: 0 },
    wear: { FL: none(), FR: none(), RL: none(), RR: none() },
    readings: [],
    fluid: { school: 'each_season' },
    ...{ peakC: null, notes: [], inBay: [], today: '2026-06-01', ways: WAYS },
    ...changes,
  };
}

/** A car on which everything was read after it last ran, with plenty of everything. */
function ready(changes: Partial<PrepFacts> = {}): PrepFacts {
  const corner = (padMm: number, rotorMm: number): CornerWear => ({
    inner: worn(padMm, 0.1),
    outer: worn(padMm, 0.1),
    rotor: worn(rotorMm, 0.005),
  });
  const flat = { runoutMm: Array(12).fill(0.01), thicknessMm: Array(12).fill(24) };
  const readings: DatedReading[] = [
    { kind: 'fluid', corner: '', input: { class: 'DOT4', moisturePct: 0.6 }, on: '2026-05-20' },
    ...(['FL', 'FR', 'RL', 'RR'] as const).flatMap((each): DatedReading[] => [
      { kind: 'rotor', corner: each, input: flat, on: '2026-05-20' },
      { kind: 'bearing', corner: each, input: { playMm: 0.01 }, on: '2026-05-20' },
    ]),
  ];
  return facts({
    wear: { FL: corner(13, 24.8), FR: corner(13, 24.8), RL: corner(11.5, 19.8), RR: corner(11.5, 19.8) },
    readings,
    peakC: 140,
    ...changes,
  });
}

const of = (given: PrepFacts, id: string) => prepare(given).lines.find((line) => line.id === id)!;

describe('a preparation', () => {
  it('of a car nobody measured asks to look, in the order in which wheels come off', () => {
    const { verdict, lines } = prepare(facts());
    expect(verdict).toBe('look');
    expect(lines.map(({ stage }) => stage)).toEqual(
      [...lines].map(({ stage }) => stage).sort((a, b) => order(a) - order(b)),
    );
    expect(lines.filter((line) => line.verdict === 'look').map(({ id }) => id)).toEqual([
      'fluid boiling',
      ...['front pad', 'front rotor', 'front rotor read', 'front bearing read'],
      ...['rear pad', 'rear rotor', 'rear rotor read', 'rear bearing read'],
    ]);
    expect(new Set(lines.map(({ id }) => id)).size).toBe(lines.length);
  });

  it('of a car that was measured and has plenty is go', () => {
    const { verdict, lines } = prepare(ready());
    expect(lines.filter((line) => !['go', 'do'].includes(line.verdict))).toEqual([]);
    expect(verdict).toBe('go');
  });

  it('holds the pads against the sessions to the end of the event', () => {
    const wear = ready().wear;
    // 14 mm new: 7 is the least. 0.2 mm a session from 10: fifteen sessions, or a few less as it wears faster.
    wear.FL.inner = worn(11.6, 0.2);
    expect(of(ready({ wear }), 'front pad').verdict).toBe('go');
    const far = { events: [RUN, { ...NEXT, sessions: 40 }], event: { ...NEXT, sessions: 40 } };
    const not = of(ready({ wear, ...far }), 'front pad');
    expect(not).toMatchObject({
      verdict: 'not',
      figure: { value: 10, limit: { value: 7, from: 'half of new' } },
      buy: { kind: 'pads', place: 'front', count: 1 },
      why: 'FL inner pad does not last: 40 sessions from its reading to the end of Day of 2026-06-20.',
    });
    expect(not.minutes).toBeGreaterThan(30);
    expect(prepare(ready({ wear, ...far })).verdict).toBe('not');
    const between = (sessions: number) =>
      of(ready({ wear, events: [RUN, { ...NEXT, sessions }], event: { ...NEXT, sessions } }), 'front pad')
        .verdict;
    const verdicts = Array.from({ length: 40 }, (_, sessions) => between(sessions + 1));
    expect(verdicts).toEqual([...verdicts].sort((a, b) => 'gbn'.indexOf(a[0]!) - 'gbn'.indexOf(b[0]!)));
    expect(new Set(verdicts)).toEqual(new Set(['go', 'buy', 'not']));
  });

  it('holds the fluid against its age on the day and the heat expected', () => {
    expect(of(ready(), 'fluid age').verdict).toBe('go');
    expect(of(ready({ event: event('2027-03-05', 6) }), 'fluid age')).toMatchObject({
      verdict: 'not',
      buy: { kind: 'fluid', unit: 'ml' },
    });
    // What this car's bleeders took last time is what the flush takes: a usual one is some 0.7 to 1 l.
    const later = event('2027-03-05', 6);
    const taken = (clearAtMl?: Record<string, number>) =>
      of(ready({ event: later, clearAtMl }), 'fluid age').buy!.count;
    expect(taken()).toBeGreaterThan(600);
    expect(taken()).toBeLessThan(1300);
    expect(taken({ 'FL outer': 400 })).toBeGreaterThan(taken());
    const hot = of(ready({ peakC: 205 }), 'fluid boiling');
    // DOT 4 as its class asks, 0.6 % water: some 218 °C at sea level.
    expect(hot).toMatchObject({ verdict: 'not', figure: { unit: 'K', limit: { value: 30 } } });
    expect(hot.figure!.value).toBeLessThan(30);
    // Two readings tell how it rises: what is fine today is not by the day.
    const water = {
      perMonth: 0.8,
      last: { on: '2026-05-20', pct: 2.6 },
      limit: { pct: 3, by: 'wet' as const },
      goneOn: null,
    };
    const readings = ready().readings.map((each) =>
      each.kind === 'fluid' ? { ...each, input: { class: 'DOT4', moisturePct: 2.6 } } : each,
    );
    expect(of(ready({ readings, peakC: null }), 'fluid boiling').verdict).toBe('go');
    expect(
      of(ready({ readings, peakC: null, fluid: { school: 'two_years', water } }), 'fluid boiling'),
    ).toMatchObject({
      verdict: 'not',
      why: expect.stringContaining('3.4 % water by the day'),
    });
  });

  it('takes a reading past its limit as not, and one from before the car last ran as to be read again', () => {
    const change = (kind: string, corner: string, to: Partial<DatedReading>) =>
      ready().readings.map((each) =>
        each.kind === kind && each.corner === corner ? { ...each, ...to } : each,
      );
    const loose = change('bearing', 'FR', { input: { playMm: 0.09 } });
    expect(of(ready({ readings: loose }), 'front bearing read')).toMatchObject({
      verdict: 'not',
      figure: { value: 0.09, limit: { value: 0.05, from: 'common practice' } },
    });
    // Thin is worn, which is a line of its own.
    const thin = change('rotor', 'FR', {
      input: { runoutMm: Array(12).fill(0.01), thicknessMm: Array(12).fill(23.1), minimumMm: 23 },
    });
    expect(of(ready({ readings: thin }), 'front rotor read').verdict).toBe('go');
    const old = change('bearing', 'RL', { on: '2026-03-01' });
    expect(of(ready({ readings: old }), 'rear bearing read')).toMatchObject({
      verdict: 'look',
      why: 'RL not read since the car last ran.',
    });
  });

  it('minds stops, notes due by the day, and parts that reach their life', () => {
    const studs: FittedPart = {
      ...{ id: 's', kind: 'studs', place: 'front', what: 'Studs', batch: '', fittedOn: '2024-06-15' },
      ...{ removedOn: null, jobId: null, oldWhy: null, oldMate: null },
    };
    const notes = [
      { what: 'Boot taped', why: 'Temporary.', dueOn: '2026-06-10', temporary: true },
      { what: 'Look at the shoes', why: '', dueOn: '2026-06-12', temporary: false },
      { what: 'Later', why: '', dueOn: '2026-07-10', temporary: true },
    ];
    const given = ready({
      parts: [studs],
      notes,
      inBay: [{ job: { id: 'j', number: 7 }, holds: [{ label: 'Fluid leak' }], wrong: [] }],
    });
    expect(
      prepare(given)
        .lines.filter((line) => line.verdict === 'not')
        .map(({ what }) => what),
    ).toEqual(['Stays here: fluid leak', 'Boot taped', 'Wheel studs and nuts front']);
  });

  it('asks about what an open job found wrong, where it is met', () => {
    const wrong = [
      { id: 'slide_pins' as const, state: 'stiff', place: 'RL' as const },
      { id: 'reservoir_level' as const, state: 'low' },
    ];
    const given = ready({ inBay: [{ job: { id: 'j', number: 7 }, holds: [], wrong }] });
    expect(prepare(given).lines.filter(({ job }) => job?.number === 7)).toMatchObject([
      { stage: 'standing', what: 'Reservoir level: low', verdict: 'look' },
      { stage: 'rear', what: 'Slide pins move by hand RL: stiff', verdict: 'look' },
    ]);
  });

  it('lists what has to be there once, against the shelf', () => {
    const lot = (
      kind: 'pads' | 'fluid',
      quantity: number,
      sizeMl: number | null,
      openedAt: string | null = null,
    ) => ({
      ...{
        id: `${kind}${quantity}${openedAt}`,
        kind,
        what: `Some ${kind}`,
        batch: '',
        quantity,
        sizeMl,
        openedAt,
      },
      ...{ fluidClass: kind === 'fluid' ? ('DOT4' as const) : null, remainingMl: openedAt ? 300 : null },
      ...{ dryC: null, wetC: null, colour: '' },
    });
    // Its age and its boiling point both ask for a flush; the pads end with it.
    const far = { ...NEXT, onDate: '2027-04-01', sessions: 300 };
    const { lines } = prepare(ready({ event: far, events: [RUN, far], peakC: 230 }));
    const flush = lines.find(({ id }) => id === 'fluid age')!.buy!.count;
    const fluid = { wanted: 'DOT4' as const, freshDays: 3, now: new Date('2026-06-01') };
    const list = toBring(
      lines,
      [lot('pads', 1, null), lot('fluid', 1, 500), lot('fluid', 1, 500, '2026-01-01')],
      fluid,
    );
    expect(list.map(({ what, count, there, enough }) => [what, count, there, enough])).toEqual([
      ['Brake fluid', flush, 500, false],
      ['Pads, axle set, front', 1, 1, true],
      ['Rotor, front', 2, 0, false],
      ['Pads, axle set, rear', 1, 1, true],
      ['Rotor, rear', 2, 0, false],
    ]);
  });

  it('never gets better with more sessions, more heat or a later day', () => {
    const rank = { go: 0, buy: 1, look: 2, not: 3 } as const;
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 30 }),
        fc.integer({ min: 100, max: 230 }),
        fc.integer({ min: 0, max: 20 }),
        fc.integer({ min: 0, max: 40 }),
        (sessions, peakC, more, hotter) => {
          const at = (run: number, heat: number) => {
            const day = { ...NEXT, sessions: run };
            return prepare(ready({ event: day, events: [RUN, day], peakC: heat })).verdict;
          };
          expect(rank[at(sessions + more, peakC + hotter)]).toBeGreaterThanOrEqual(rank[at(sessions, peakC)]);
        },
      ),
      { seed: 15, numRuns: 60 },
    );
  });
});

function order(stage: string): number {
  return ['standing', 'front', 'rear', 'after'].indexOf(stage);
}

describe('of several that are past their limit', () => {
  it('the one that is furthest past decides', () => {
    const wear = facts().wear;
    wear.FL.inner = [{ sessions: 8, mm: 4.2 }];
    wear.FL.outer = [{ sessions: 8, mm: 3.6 }];
    wear.FR.inner = [{ sessions: 8, mm: 4 }];
    expect(of(facts({ wear }), 'front pad').figure).toMatchObject({ value: 3.6 });
  });
});

describe('the look-in of a preparation', () => {
  const seen = (corner: 'FL' | 'FR', input: DatedReading['input'], on = '2026-05-20'): DatedReading => ({
    ...{ kind: 'look-in', corner, input, on },
  });
  const line = (...looks: DatedReading[]) =>
    of(ready({ readings: [...ready().readings, ...looks] }), 'front look-in');

  it('is done each time, until both corners were looked in since the car last ran', () => {
    expect(line().verdict).toBe('do');
    expect(line(seen('FL', { hose: 'good' })).verdict).toBe('do');
    expect(line(seen('FL', { hose: 'good' }), seen('FR', { hose: 'good' })).verdict).toBe('go');
    expect(line(seen('FL', { hose: 'good' }, '2026-03-01'), seen('FR', { hose: 'good' })).verdict).toBe('do');
  });

  it('stops the car by what must not go out, and asks for the dial where play was felt', () => {
    expect(line(seen('FL', { hose: 'wet' }))).toMatchObject({ verdict: 'not', why: 'FL hose wet.' });
    expect(line(seen('FR', { play: 'felt' }))).toMatchObject({
      verdict: 'look',
      why: 'FR play by hand felt.',
    });
  });
});
