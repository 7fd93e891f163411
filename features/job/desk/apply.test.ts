import { describe, expect, it } from 'vitest';
import { answerRow, at, emptySheet, fluidRow } from '../../../tests/support/sheet';
import { tickRow, workRow } from '../../../tests/support/work';
import type { Parcel } from '../../shell/outbox';
import { applyAnswer, applyParcel } from './apply';

const parcel = (kind: Parcel['kind'], body: Record<string, unknown>, more: Partial<Parcel> = {}): Parcel => ({
  id: String(body.id),
  kind,
  jobId: 'j',
  method: kind === 'job' ? 'PATCH' : 'POST',
  path: '/api/jobs/j',
  body,
  label: kind,
  ...more,
});
const NOW = at(30);

describe('a sheet with what was entered since laid over it', () => {
  const sheet = emptySheet({ answers: [answerRow({ finding: 'pedal_spongy', state: 'yes' })] });

  it('has an answer where it will stand, with the moment it was given', () => {
    const { recordedAt: _, ...body } = answerRow({ finding: 'pedal_hard', state: 'yes' });
    const laid = applyParcel(sheet, parcel('answer', body), NOW);
    expect(laid.answers).toHaveLength(2);
    expect(laid.answers[1]).toEqual({ ...body, recordedAt: NOW });
    expect(sheet.answers).toHaveLength(1);
  });

  it('has a reading, a tick of its work, a work with the plan that was shown, and a proof', () => {
    const { recordedAt: _, ...reading } = fluidRow(2.4);
    expect(applyParcel(sheet, parcel('reading', reading), NOW).readings[0]).toEqual({
      ...reading,
      recordedAt: NOW,
    });

    const work = workRow(sheet);
    const tick = { id: 't', step: 'lift', done: true, note: '', record: {} };
    const ticked = applyParcel(sheet, parcel('tick', tick, { workId: work.id }), NOW);
    expect(ticked.ticks[0]).toEqual(tickRow(work.id, 'lift', { id: 't', tickedAt: NOW }));

    const { plan, addedAt: _added, ...added } = work;
    const planned = applyParcel(sheet, parcel('work', added, { plan }), NOW);
    expect(planned.works[0]).toMatchObject({ id: work.id, plan, addedAt: NOW });

    const proof = { id: 'p', hold: 'pedal_sinks', how: 'Held', by: 'Mira' };
    expect(applyParcel(sheet, parcel('proof', proof), NOW).proofs[0]).toEqual({
      id: 'p',
      hold: 'pedal_sinks',
      how: 'Held',
      provedBy: 'Mira',
      provedAt: NOW,
    });
  });

  it('has a changed field of the job and leaves the others', () => {
    const laid = applyParcel(
      sheet,
      parcel('job', { id: 'x', changes: { history: 'Opened in May' }, was: {} }),
      NOW,
    );
    expect(laid.job).toEqual({ ...sheet.job, history: 'Opened in May' });
  });

  it('waits for the server with what only the server can work out', () => {
    expect(applyParcel(sheet, parcel('verdict', { id: 'v', decided: null }), NOW)).toBe(sheet);
  });
});

describe('what the server answers', () => {
  const sheet = emptySheet();

  it('takes the place of what was laid over, once, whatever order it comes in', () => {
    const row = answerRow({ finding: 'pedal_spongy', state: 'yes' });
    const { recordedAt: _, ...body } = row;
    const laid = applyParcel(sheet, parcel('answer', body), NOW);
    const landed = applyAnswer(laid, { kind: 'answer' }, row);
    expect(landed.answers).toEqual([row]);
    expect(applyAnswer(landed, { kind: 'answer' }, row).answers).toEqual([row]);
    // The parcel may still be there for a moment: it lies on top and doubles nothing.
    expect(applyParcel(landed, parcel('answer', body), NOW).answers).toHaveLength(1);
  });

  it.each([
    ['reading', 'readings', fluidRow(2)],
    ['tick', 'ticks', tickRow('w', 'lift')],
    ['proof', 'proofs', { id: 'p', hold: 'pedal_sinks', how: 'Held', provedBy: 'Mira', provedAt: NOW }],
    [
      'verdict',
      'verdicts',
      { id: 'v', decided: null, leading: [], engine: '1', knowledge: '1', madeAt: NOW },
    ],
    ['work', 'works', workRow(emptySheet())],
  ] as const)('a %s goes to its own list', (kind, list, row) => {
    const landed = applyAnswer(sheet, { kind }, row);
    expect(landed[list]).toEqual([row]);
    const others = (['answers', 'readings', 'ticks', 'proofs', 'verdicts', 'works'] as const).filter(
      (each) => each !== list,
    );
    for (const other of others) expect(landed[other], other).toBe(sheet[other]);
  });

  it('a work that joins a visit changes how its mates are run, before and after it has landed', () => {
    const [mate, row] = [workRow(emptySheet()), workRow(emptySheet(), 'pads', { id: 'p', visit: 'w' })];
    const runs = [
      { id: 'w', plan: { steps: [] }, alone: mate.plan, visitAt: 0 },
      { id: 'p', plan: { steps: ['joined'] }, alone: row.plan, visitAt: 1 },
    ];
    const before = { ...sheet, works: [mate] };
    const { plan: _, ...body } = row;
    const laid = applyParcel(before, { ...parcel('work', body), plan: row.plan, inVisit: runs }, NOW);
    expect(laid.works).toMatchObject(runs);
    const landed = applyAnswer(before, { kind: 'work', inVisit: runs }, row);
    expect(landed.works).toMatchObject(runs);
    expect(landed.works[1]!.visit).toBe('w');
  });

  it('a job’s own fields are the server’s', () => {
    const job = { ...sheet.job, version: 7, history: 'Theirs' };
    expect(applyAnswer(sheet, { kind: 'job' }, job).job).toBe(job);
  });
});
