import { describe, expect, it } from 'vitest';
import { answerRow, at, emptySheet, fluidRow } from '../../tests/support/sheet';
import { tickRow, workRow } from '../../tests/support/work';
import { ENDS } from '../diagnosis/holds/ends';
import { HOLDS } from '../diagnosis/holds/holds';
import { LEFT_UNDONE, planOf } from '../planning/run/run';
import { findingOf } from '../readings/vocabulary/findings';
import { togetherSaid } from '../readings/vocabulary/several';
import { holdsOn, openHolds } from './holds';
import { evidenceTogether, pieceSlot } from './pieces';
import type { JobSheet, ProofRow } from './sheet';
import { signingIssues } from './signing';
import { corrections } from './slips';

const signed = (hold: ProofRow['hold'], minute: number, more: Partial<ProofRow> = {}): ProofRow => ({
  id: `p${minute}`,
  hold,
  how: '',
  provedBy: 'Mira',
  provedAt: at(minute),
  ...more,
});
const said = (
  finding: Parameters<typeof answerRow>[0]['finding'],
  state: string,
  minute: number,
  more = {},
) => answerRow({ finding, state, phase: 'after', minute, ...more });
const status = (sheet: JobSheet) => holdsOn(sheet)[0]!.evidence.map((piece) => piece.status);

describe('what ends a hold', () => {
  it('is laid down for each of them, in states that the question has', () => {
    expect(Object.keys(ENDS).sort()).toEqual(HOLDS.map(({ id }) => id).sort());
    for (const endings of Object.values(ENDS)) {
      expect(endings.length).toBeGreaterThan(0);
      for (const { finding, states, or } of endings) {
        for (const state of states) expect(findingOf(finding).states).toContain(state);
        for (const state of or?.states ?? []) expect(findingOf(or!.finding).states).toContain(state);
      }
    }
  });

  const sinks = answerRow({ finding: 'pedal_hold', state: 'sinks', minute: 5 });

  it('is its evidence, signed for; words alone end nothing', () => {
    const held = emptySheet({ answers: [sinks] });
    expect(status(held)).toEqual(['missing']);
    expect(openHolds({ ...held, proofs: [signed('pedal_sinks', 9, { how: 'Trust me' })] })).toHaveLength(1);
    const proved = emptySheet({ answers: [sinks, said('pedal_hold', 'holds', 8)] });
    expect(status(proved)).toEqual(['good']);
    // Proved, but nobody has put a name to it.
    expect(openHolds(proved)).toHaveLength(1);
    expect(openHolds({ ...proved, proofs: [signed('pedal_sinks', 9)] })).toEqual([]);
  });

  it('is not what was said before it came on, nor what only a run implied', () => {
    const late = answerRow({ finding: 'pedal_hold', state: 'sinks', minute: 20 });
    expect(status(emptySheet({ answers: [late, said('pedal_hold', 'holds', 8)] }))).toEqual(['missing']);
    const implied = emptySheet({ answers: [sinks, said('pedal_hold', 'holds', 8, { implied: true })] });
    expect(status(implied)).toEqual(['implied']);
    expect(signingIssues(holdsOn(implied)[0]!)[0]).toMatchObject({
      path: 'evidence.pedal_hold',
      value: expect.stringContaining('not confirmed'),
      accepted: expect.stringContaining('holds'),
    });
  });

  it('stays by word on a record older than evidence', () => {
    const sheet = emptySheet({ answers: [sinks], proofs: [signed('pedal_sinks', 9, { byWord: true })] });
    expect(openHolds(sheet)).toEqual([]);
    expect(openHolds({ ...sheet, proofs: [signed('pedal_sinks', 4, { byWord: true })] })).toHaveLength(1);
  });

  it('is measured again where it was measured before', () => {
    const wet = emptySheet({ readings: [fluidRow(3.4, 'before', 3)] });
    expect(holdsOn(wet)[0]!.evidence).toMatchObject([{ finding: 'fluid_moisture', measured: true }]);
    expect(status({ ...wet, answers: [said('fluid_moisture', 'dry', 30)] })).toEqual(['missing']);
    const again = { ...wet, readings: [...wet.readings, fluidRow(0.1, 'after', 30)] };
    expect(status(again)).toEqual(['good']);
    expect(status({ ...wet, readings: [...wet.readings, fluidRow(3.1, 'after', 30)] })).toEqual(['wrong']);
    // Boiling it tells the same, and better.
    expect(status({ ...wet, answers: [said('fluid_boiling', 'ok', 30)] })).toEqual(['good']);
  });

  it('is asked where the fault was, and at both wheels of an axle where parts go on in pairs', () => {
    const places = (finding: 'bearing_play' | 'rotor_surface', state: string) =>
      holdsOn(emptySheet({ answers: [answerRow({ finding, state, place: 'FR' })] }))[0]!.evidence.map(
        ({ place }) => place,
      );
    expect(places('bearing_play', 'excess')).toEqual(['FR']);
    expect(places('rotor_surface', 'cracked')).toEqual(['FL', 'FR']);
  });

  it('said of every wheel, it is said of the car; said of the car, of every wheel', () => {
    const leak = answerRow({ finding: 'leak', state: 'line_or_hose', place: 'RL', minute: 2 });
    const rest = [said('reservoir_level', 'ok', 30), said('pedal_now', 'firm', 30)];
    const of = (...rows: ReturnType<typeof answerRow>[]) =>
      holdsOn(emptySheet({ answers: [leak, ...rest, ...rows] }))[0]!.evidence.find(
        ({ finding }) => finding === 'leak',
      )!.status;
    expect(of()).toBe('missing');
    expect(of(said('leak', 'none', 30, { place: 'FR' }))).toBe('missing');
    expect(of(said('leak', 'none', 30, { place: 'RL' }))).toBe('good');
    expect(of(said('leak', 'none', 30))).toBe('good');
  });

  it('a leak seen behind the master ends by a look behind the master, not by dry lines', () => {
    const wet = answerRow({ finding: 'behind_master', state: 'wet', minute: 2 });
    const asked = (...rows: ReturnType<typeof answerRow>[]) =>
      holdsOn(emptySheet({ answers: [wet, ...rows] }))[0]!.evidence;
    expect(asked().map(({ finding }) => finding)).toEqual(['behind_master', 'reservoir_level', 'pedal_now']);
    expect(asked(said('leak', 'none', 30))[0]!.status).toBe('missing');
    expect(asked(said('behind_master', 'dry', 30))[0]!.status).toBe('good');
    expect(asked(said('pedal_hold', 'holds', 30))[0]!.status).toBe('good');
  });

  it('nor does one found there in a search for leaks; with a wet hose beside it both are asked', () => {
    const asked = (state: string) =>
      holdsOn(emptySheet({ answers: [answerRow({ finding: 'leak', state, minute: 2 })] }))[0]!.evidence.map(
        ({ finding }) => finding,
      );
    expect(asked('master_to_booster')).toEqual(['behind_master', 'reservoir_level', 'pedal_now']);
    expect(asked('line_or_hose')).toEqual(['leak', 'reservoir_level', 'pedal_now']);
    expect(asked(togetherSaid('leak', ['line_or_hose', 'master_to_booster']))).toEqual([
      'leak',
      'behind_master',
      'reservoir_level',
      'pedal_now',
    ]);
  });

  it('goes stale when the system is touched again', () => {
    const work = workRow(emptySheet());
    const bleeder = planOf(work).steps.find((step) => step.part === 'Corner')!;
    const proved = emptySheet({
      answers: [sinks, said('pedal_hold', 'holds', 30)],
      proofs: [signed('pedal_sinks', 31)],
      works: [work],
    });
    expect(openHolds(proved)).toEqual([]);
    const opened = { ...proved, ticks: [tickRow('w', bleeder.id, { tickedAt: at(40) })] };
    expect(status(opened)).toEqual(['stale']);
    expect(openHolds(opened)).toHaveLength(1);
    // Wheels put on touch no line.
    expect(openHolds({ ...proved, ticks: [tickRow('w', 'wheels', { tickedAt: at(40) })] })).toEqual([]);
  });
});

describe('the evidence of several holds', () => {
  it('is asked once, of the car first, and stands as the stricter hold sees it', () => {
    const sheet = emptySheet({
      answers: [
        answerRow({ finding: 'reservoir_level', state: 'low', minute: 2 }),
        answerRow({ finding: 'leak', state: 'line_or_hose', place: 'RL', minute: 20 }),
        answerRow({ finding: 'rotor_surface', state: 'cracked', place: 'RR', minute: 2 }),
        // Firm after the level was low, but before the leak was found.
        said('pedal_now', 'firm', 10),
      ],
    });
    const together = evidenceTogether(holdsOn(sheet));
    const slots = together.map(pieceSlot);
    expect(new Set(slots).size).toBe(slots.length);
    expect(slots.slice(-3)).toEqual(['leak RL', 'rotor_surface RL', 'rotor_surface RR']);
    expect(together.find(({ finding }) => finding === 'pedal_now')!.status).toBe('missing');
  });
});

describe('a hold that came on after the work', () => {
  const bad = said('pedal_hold', 'sinks', 30);

  it('is not lifted by pressing the other key: it is signed for', () => {
    const good = said('pedal_hold', 'holds', 40, { replaces: bad.id });
    const sheet = emptySheet({ answers: [bad, good] });
    expect(openHolds(sheet)).toMatchObject([
      { id: 'pedal_sinks', since: at(30), evidence: [{ status: 'good' }] },
    ]);
    expect(openHolds({ ...sheet, proofs: [signed('pedal_sinks', 41)] })).toEqual([]);
  });

  it('never was where it was a slip of the finger', () => {
    const good = { ...said('pedal_hold', 'holds', 30, { replaces: bad.id }), recordedAt: at(30) };
    expect(holdsOn(emptySheet({ answers: [bad, good] }))).toEqual([]);
  });
});

describe('a work left with the car apart', () => {
  const work = workRow(emptySheet());
  const left = (record: Record<string, string>) =>
    emptySheet({
      works: [work],
      ticks: [
        tickRow('w', 'lift'),
        tickRow('w', LEFT_UNDONE, { note: 'no parts', record, tickedAt: at(30) }),
      ],
    });

  it('holds the car until it is whole', () => {
    expect(openHolds(left({ wheels: 'on', lines: 'closed', pedal: 'hard' }))).toEqual([]);
    for (const record of [
      { wheels: 'off', lines: 'closed', pedal: 'hard' },
      { wheels: 'on', lines: 'open', pedal: 'hard' },
      { wheels: 'on', lines: 'closed', pedal: 'not' },
    ])
      expect(openHolds(left(record))).toMatchObject([{ id: 'left_apart', workId: 'w' }]);
  });

  it('no longer when it is taken up again', () => {
    const sheet = left({ wheels: 'off', lines: 'open', pedal: 'not' });
    const taken = tickRow('w', LEFT_UNDONE, { done: false, tickedAt: at(50) });
    expect(openHolds({ ...sheet, ticks: [...sheet.ticks, taken] })).toEqual([]);
  });
});

describe('corrections', () => {
  const first = answerRow({ finding: 'pedal_hold', state: 'holds', minute: 5 });
  const later = (state: string | null, minute: number) =>
    answerRow({ finding: 'pedal_hold', state, replaces: first.id, minute });

  it('are what was put right later: no slip, not the same said again, no first answer after one was taken back', () => {
    const sinks = later('sinks', 30);
    expect(corrections([first, sinks])).toEqual([sinks]);
    expect(corrections([first, { ...sinks, recordedAt: first.recordedAt }])).toEqual([]);
    expect(corrections([first, later('holds', 30)])).toEqual([]);
    const back = later(null, 30);
    const again = { ...later('sinks', 40), replaces: back.id };
    expect(corrections([first, back, again])).toEqual([back]);
  });
});
