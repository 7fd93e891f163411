import { describe, expect, it } from 'vitest';
import { answerRow, at, emptySheet, fluidRow } from '../../../tests/support/sheet';
import { tickRow, workRow } from '../../../tests/support/work';
import { planOf } from '../../planning/run/run';
import { caseFromSheet } from './fromSheet';
import { openCase } from './open';

describe('a job as a case file', () => {
  it('holds the answers that stand, at their places, and opens again', () => {
    const first = answerRow({ finding: 'pedal_hold', state: 'holds' });
    const sheet = emptySheet({
      answers: [
        first,
        answerRow({ finding: 'pedal_hold', state: 'sinks', replaces: first.id }),
        answerRow({ finding: 'bearing_play', state: 'excess', place: 'FR' }),
        answerRow({ finding: 'pad_wear_sides', state: 'differ', place: 'rear' }),
        answerRow({ finding: 'noise_squeal', state: 'yes' }),
      ],
      readings: [fluidRow(2.1)],
    });
    const squeal = sheet.answers.at(-1)!;
    sheet.answers.push(answerRow({ finding: 'noise_squeal', state: null, replaces: squeal.id }));
    sheet.job.complaint = 'Sinks';
    const file = caseFromSheet(sheet);
    expect(file.findings).toEqual([
      { id: 'pedal_hold', state: 'sinks' },
      { id: 'bearing_play', state: 'excess', corner: 'FR' },
      { id: 'pad_wear_sides', state: 'differ', axle: 'rear' },
    ]);
    expect(file).toMatchObject({
      complaint: 'Sinks',
      car: { name: 'Saloon', booster: true },
      atHand: { helper: true, wheelsOff: false },
    });
    expect(file.whenWhere).toBeUndefined();
    expect(file.record).toBeUndefined();
    const opened = openCase(JSON.parse(JSON.stringify(file)));
    expect(opened.ok && opened.value.findings.map((finding) => finding.id)).toEqual([
      'pedal_hold',
      'bearing_play',
      'pad_wear_sides',
      'fluid_moisture',
    ]);
  });

  it('of a hold that its evidence ended, without a word, opens again and says so', () => {
    const sheet = emptySheet({
      proofs: [{ id: 'p', hold: 'fluid_wet', how: '', provedBy: 'Mira', provedAt: at(20) }],
    });
    Object.assign(sheet.job, { closedAt: at(40), outcome: 'cured', confirmed: [], closedBy: 'Mira' });
    const file = caseFromSheet(sheet);
    expect(file.record!.holds).toMatchObject([{ id: 'fluid_wet', how: 'By the checks after the work' }]);
    expect(openCase(JSON.parse(JSON.stringify(file)))).toMatchObject({ ok: true });
  });

  it('carries the record of a closed job: work with its notes, proof, holds with who and when', () => {
    const work = workRow(emptySheet(), 'flush', { title: 'Flush', before: '3.4 %' });
    const steps = planOf(work).steps;
    const sheet = emptySheet({
      answers: [answerRow({ finding: 'pedal_now', state: 'firm', phase: 'after' })],
      works: [work],
      ticks: [
        tickRow('w', steps[0]!.id),
        tickRow('w', steps[1]!.id, { note: 'two bottles' }),
        tickRow('w', steps[2]!.id),
        tickRow('w', steps[2]!.id, { done: false, tickedAt: at(29) }),
      ],
      proofs: [{ id: 'p', hold: 'fluid_wet', how: 'Re-tested', provedBy: 'Mira', provedAt: at(20) }],
    });
    Object.assign(sheet.job, {
      closedAt: at(30),
      closedBy: 'Mira',
      outcome: 'cured',
      confirmed: ['fluid_boiled_wet'],
      summary: 'Wet',
    });
    const { record } = caseFromSheet(sheet);
    expect(record).toMatchObject({
      outcome: 'cured',
      confirmed: ['fluid_boiled_wet'],
      by: 'Mira',
      summary: 'Wet',
      openedAt: at(0),
      closedAt: at(30),
      proof: [{ id: 'pedal_now', state: 'firm' }],
      holds: [{ id: 'fluid_wet', how: 'Re-tested', by: 'Mira', at: at(20) }],
    });
    expect(record!.work).toEqual([
      'Flush (before: 3.4 %)',
      `· ${steps[0]!.title}`,
      `· ${steps[1]!.title}: two bottles`,
    ]);
    expect(openCase(caseFromSheet(sheet)).ok).toBe(true);
  });
});
