import { describe, expect, it } from 'vitest';
import { answerRow, at, emptySheet, fluidRow } from '../../tests/support/sheet';
import { tickAll, workRow } from '../../tests/support/work';
import { planOf } from '../planning/run/run';
import { closingIssues } from './closing';
import { findingsOf } from './current';
import { holdsOn, openHolds } from './holds';
import { judge } from './judgement';
import { stageNotes, stageToOpen } from './progress';
import { proofChecks } from './proof';
import type { JobSheet } from './sheet';
import { headOf, standing, standingAnswers } from './standing';
import { byUrgency } from './urgency';

describe('what stands', () => {
  const first = answerRow({ finding: 'pedal_hold', state: 'holds' });
  const second = answerRow({ finding: 'pedal_hold', state: 'sinks', replaces: first.id });
  const back = answerRow({ finding: 'pedal_hold', state: null, replaces: second.id });
  const after = answerRow({ finding: 'pedal_hold', state: 'holds', phase: 'after' });

  it('is the last of each chain, phase by phase', () => {
    expect(standing([first, second, after], 'before')).toEqual([second]);
    expect(standing([first, second, after], 'after')).toEqual([after]);
    expect(headOf([first, second], 'before', (row) => row.finding === 'pedal_hold')).toBe(second);
  });

  it('holds no answer that was taken back, but the chain goes on from it', () => {
    expect(standingAnswers([first, second, back], 'before')).toEqual([]);
    expect(headOf([first, second, back], 'before', () => true)).toBe(back);
  });

  it('adds what readings imply, and lets the hand beat them', () => {
    const sheet = emptySheet({ readings: [fluidRow(3.2)] });
    expect(findingsOf(sheet, 'before').findings).toEqual([{ id: 'fluid_moisture', state: 'wet' }]);
    const byHand = emptySheet({
      readings: [fluidRow(3.2)],
      answers: [answerRow({ finding: 'fluid_moisture', state: 'dry' })],
    });
    const merged = findingsOf(byHand, 'before');
    expect(merged.findings).toEqual([{ id: 'fluid_moisture', state: 'dry' }]);
    expect(merged.overruled).toHaveLength(1);
  });
});

describe('holds on a job', () => {
  const floor = answerRow({ finding: 'pedal_to_floor', state: 'yes', minute: 5 });

  it('come on by a reading, and by a check after the work', () => {
    expect(openHolds(emptySheet({ readings: [fluidRow(3.2, 'before', 3)] }))).toMatchObject([
      { id: 'fluid_wet', since: at(3) },
    ]);
    const sinks = answerRow({ finding: 'pedal_hold', state: 'sinks', phase: 'after', minute: 30 });
    expect(openHolds(emptySheet({ answers: [sinks] })).map((hold) => hold.id)).toEqual(['pedal_sinks']);
  });

  it('come on by a pedal found soft and want a signature; between rounds of a bleed the next answer ends it', () => {
    const pedal = (state: string, phase: 'before' | 'after', minute: number, replaces?: string) =>
      answerRow({ finding: 'pedal_now', state, phase, minute, replaces });
    const ids = (...answers: ReturnType<typeof pedal>[]) =>
      openHolds(emptySheet({ answers })).map((hold) => hold.id);
    const firm = pedal('firm', 'after', 40);
    expect(ids(pedal('soft', 'before', 5), firm)).toEqual(['pedal_not_firm']);
    const round = pedal('soft', 'after', 30);
    expect(ids(round)).toEqual(['pedal_not_firm']);
    expect(ids(round, pedal('firm', 'after', 40, round.id))).toEqual([]);
  });

  it('read every state of one answer', () => {
    const face = answerRow({ finding: 'rotor_surface', state: 'grooves,cracked', place: 'FL', minute: 5 });
    expect(openHolds(emptySheet({ answers: [face] }))).toMatchObject([
      { id: 'rotor_cracked', because: [{ id: 'rotor_surface', state: 'cracked', place: 'FL' }] },
    ]);
    const after = answerRow({
      finding: 'rotor_surface',
      place: 'FL',
      phase: 'after',
      state: 'streaks,rusted',
      minute: 40,
    });
    const [hold] = openHolds(emptySheet({ answers: [face, after] }));
    expect(hold!.evidence.map(({ status }) => status)).toEqual(['wrong', 'missing']);
    expect(proofChecks(emptySheet({ answers: [face, after] }))).toContainEqual(
      expect.objectContaining({ finding: 'rotor_surface', before: 'grooves,cracked', change: 'still_wrong' }),
    );
  });

  it('stand open ones first', () => {
    const leak = answerRow({ finding: 'leak', state: 'line_or_hose', minute: 6 });
    const proof = {
      id: 'p',
      hold: 'pedal_to_floor' as const,
      how: 'x y z',
      provedBy: 'Mira',
      provedAt: at(9),
      byWord: true as const,
    };
    expect(holdsOn(emptySheet({ answers: [floor, leak], proofs: [proof] })).map((hold) => hold.id)).toEqual([
      'leak',
      'pedal_to_floor',
    ]);
  });
});

describe('proof', () => {
  it('asks for the pedal always, for every check that was wrong, and for what was complained of', () => {
    const sheet = emptySheet({
      answers: [
        answerRow({ finding: 'pedal_pump', state: 'rises' }),
        answerRow({ finding: 'bubbles', state: 'many', place: 'RL' }),
        answerRow({ finding: 'bearing_play', state: 'excess', place: 'FR' }),
        answerRow({ finding: 'pedal_spongy', state: 'yes' }),
        answerRow({ finding: 'pedal_hold', state: 'holds' }),
      ],
    });
    expect(proofChecks(sheet).map((check) => `${check.finding}${check.place ?? ''}`)).toEqual([
      'pedal_now',
      'pedal_hold',
      'reservoir_level',
      'leak',
      'assist_start',
      'pedal_pump',
      'bearing_playFR',
      'pedal_spongy',
    ]);
  });

  it('asks a car without assist for none', () => {
    const sheet = emptySheet();
    sheet.car.assist = 'none';
    expect(proofChecks(sheet).map((check) => check.finding)).not.toContain('assist_start');
  });

  it.each([
    [undefined, undefined, 'not_yet'],
    ['sinks', 'holds', 'came_right'],
    ['sinks', 'sinks', 'still_wrong'],
    ['holds', 'sinks', 'went_wrong'],
    ['holds', 'holds', 'was_right'],
    [undefined, 'holds', 'right_now'],
    [undefined, 'sinks', 'went_wrong'],
  ] as const)('says of %s before and %s after: %s', (before, after, change) => {
    const answers = [
      ...(before ? [answerRow({ finding: 'pedal_hold', state: before })] : []),
      ...(after ? [answerRow({ finding: 'pedal_hold', state: after, phase: 'after' })] : []),
    ];
    expect(proofChecks(emptySheet({ answers })).find((check) => check.finding === 'pedal_hold')!.change).toBe(
      change,
    );
  });
});

describe('closing', () => {
  const proved = [
    answerRow({ finding: 'pedal_now', state: 'firm', phase: 'after' }),
    answerRow({ finding: 'pedal_hold', state: 'holds', phase: 'after' }),
  ];
  const paths = (sheet: JobSheet, closing: Parameters<typeof closingIssues>[1]) =>
    closingIssues(sheet, closing).map((issue) => issue.path);

  it('wants the pedal proved and a cause named, unless nothing changed', () => {
    expect(paths(emptySheet(), { outcome: 'cured', confirmed: [] })).toEqual([
      'proof.pedal_now',
      'proof.pedal_hold',
      'confirmed',
    ]);
    expect(
      paths(emptySheet({ answers: proved }), { outcome: 'better', confirmed: ['air_in_lines'] }),
    ).toEqual([]);
    expect(paths(emptySheet(), { outcome: 'no_change', confirmed: [] })).toEqual([]);
  });

  it('never passes over an open hold', () => {
    const held = emptySheet({
      answers: [...proved, answerRow({ finding: 'warning_light', state: 'brake' })],
    });
    expect(paths(held, { outcome: 'no_change', confirmed: [] })).toEqual(['holds.brake_lamp']);
  });

  it('does not take a soft pedal for a firm one', () => {
    const soft = emptySheet({
      answers: [answerRow({ finding: 'pedal_now', state: 'soft', phase: 'after' }), proved[1]!],
    });
    expect(closingIssues(soft, { outcome: 'cured', confirmed: ['air_in_lines'] })).toEqual(
      expect.arrayContaining([expect.objectContaining({ path: 'proof.pedal_now', value: 'soft' })]),
    );
  });
});

describe('stages', () => {
  it('open where the job has come to', () => {
    const answers = [answerRow({ finding: 'pedal_spongy', state: 'yes' })];
    expect(stageToOpen(emptySheet())).toBe('complaint');
    expect(stageToOpen(emptySheet({ answers }))).toBe('checks');
    const verdicts = [
      { id: 'v', decided: 'air_in_lines', leading: [], engine: '1', knowledge: '1', madeAt: at(10) },
    ];
    expect(stageToOpen(emptySheet({ answers, verdicts }))).toBe('work');
    const work = workRow(emptySheet());
    expect(stageToOpen(emptySheet({ answers, verdicts, works: [work] }))).toBe('work');
    expect(stageToOpen(emptySheet({ answers, verdicts, works: [work], ticks: tickAll(work) }))).toBe('proof');
    expect(
      stageToOpen(
        emptySheet({ answers: [answerRow({ finding: 'pedal_now', state: 'firm', phase: 'after' })] }),
      ),
    ).toBe('proof');
  });

  it('say how far they are', () => {
    const work = workRow(emptySheet());
    const sheet = emptySheet({
      answers: [
        answerRow({ finding: 'pedal_spongy', state: 'yes' }),
        answerRow({ finding: 'usage', state: 'track' }),
        answerRow({ finding: 'pedal_hold', state: 'holds' }),
      ],
      readings: [fluidRow(1)],
      works: [work],
      ticks: tickAll(work).slice(0, 1),
    });
    expect(stageNotes(sheet)).toEqual({
      complaint: '2 answers',
      checks: '2 done',
      verdict: 'leaning',
      work: `${planOf(work).steps.length - 1} steps left`,
      proof: 'not yet',
    });
    expect(stageNotes(emptySheet())).toMatchObject({
      complaint: 'nothing yet',
      checks: 'none yet',
      verdict: 'waiting',
    });
  });
});

describe('the board', () => {
  it('puts held cars first, then the one wanted soonest, then the one waiting longest, last what is out', () => {
    const card = (name: string, holds: number, neededAt: string | null, openedAt: string, out = false) => ({
      name,
      holds,
      neededAt,
      openedAt,
      out,
    });
    const cards = [
      card('out', 0, at(30), at(1), true),
      card('waits', 0, null, at(1)),
      card('newer', 0, null, at(9)),
      card('wanted', 0, at(50), at(8)),
      card('sooner', 0, at(40), at(9)),
      card('held', 1, null, at(9)),
      card('held, wanted', 2, at(60), at(9)),
    ];
    expect(cards.sort(byUrgency).map((each) => each.name)).toEqual([
      'held, wanted',
      'held',
      'sooner',
      'wanted',
      'waits',
      'newer',
      'out',
    ]);
  });
});

describe('the judgement', () => {
  it('is the same for the same sheet, and holds everything a screen shows', () => {
    const sheet = emptySheet({
      answers: [answerRow({ finding: 'pedal_spongy', state: 'yes' })],
      readings: [fluidRow(3.4)],
    });
    const judged = judge(sheet);
    expect(judge(structuredClone(sheet))).toEqual(judged);
    expect(judged.verdict.causes[0]!.id).toBe('fluid_boiled_wet');
    expect(judged.holds.map((hold) => hold.id)).toEqual(['fluid_wet']);
    expect(judged.derived.before[0]).toMatchObject({ id: 'fluid_moisture', state: 'wet', from: 'fluid' });
    expect(judged.toClose.map((issue) => issue.path)).toEqual([
      'holds.fluid_wet',
      'proof.pedal_now',
      'proof.pedal_hold',
      'drive',
    ]);
  });
});
