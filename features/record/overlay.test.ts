import { describe, expect, it } from 'vitest';
import { answerRow, at, emptySheet, fluidRow } from '@/tests/support/sheet';
import { tickRow, workRow } from '@/tests/support/work';
import type { Landing, QueuedWrite, WriteKind } from '../queue/write';
import { withLanding, withWrite } from './overlay';

const NOW = at(30);

/** An entry as it waits; what it says is the test's. */
const write = (kind: WriteKind, body: object, more: object = {}) =>
  ({ id: 'x', kind, jobId: 'j', body, label: kind, order: 1, enteredAt: NOW, ...more }) as QueuedWrite;
const landing = (kind: WriteKind, row: object, more: object = {}) =>
  ({ kind, row, write: write(kind, row, more) }) as Landing;

describe('a sheet with what was entered since laid over it', () => {
  const sheet = emptySheet({ answers: [answerRow({ finding: 'pedal_spongy', state: 'yes' })] });

  it('has an answer where it will stand, with the moment it was given', () => {
    const { recordedAt: _, ...body } = answerRow({ finding: 'pedal_hard', state: 'yes' });
    const laid = withWrite(sheet, write('answer', body));
    expect(laid.answers).toHaveLength(2);
    expect(laid.answers[1]).toEqual({ ...body, recordedAt: NOW });
    expect(sheet.answers).toHaveLength(1);
  });

  it('has a reading, a tick of its work, a work with the plan that was shown, and a proof', () => {
    const { recordedAt: _, ...reading } = fluidRow(2.4);
    expect(withWrite(sheet, write('reading', reading)).readings[0]).toEqual({
      ...reading,
      recordedAt: NOW,
    });

    const work = workRow(sheet);
    const tick = { id: 't', step: 'lift', done: true, note: '', record: {} };
    const ticked = withWrite(sheet, write('tick', tick, { workId: work.id }));
    expect(ticked.ticks[0]).toEqual(tickRow(work.id, 'lift', { id: 't', tickedAt: NOW }));

    const { plan, addedAt: _added, ...added } = work;
    const planned = withWrite(sheet, write('work', added, { plan }));
    expect(planned.works[0]).toMatchObject({ id: work.id, plan, addedAt: NOW });

    const proof = { id: 'p', hold: 'pedal_sinks', how: 'Held', by: 'Mira' };
    expect(withWrite(sheet, write('proof', proof)).proofs[0]).toEqual({
      id: 'p',
      hold: 'pedal_sinks',
      how: 'Held',
      provedBy: 'Mira',
      provedAt: NOW,
    });
  });

  it('has a changed field of the job and leaves the others', () => {
    const laid = withWrite(sheet, write('job', { changes: { history: 'Opened in May' }, was: {} }));
    expect(laid.job).toEqual({ ...sheet.job, history: 'Opened in May' });
  });

  it('waits for the server with what only the server can work out', () => {
    expect(withWrite(sheet, write('verdict', { id: 'v', decided: null }))).toBe(sheet);
  });
});

describe('what the server answers', () => {
  const sheet = emptySheet();

  it('takes the place of what was laid over, once, whatever order it comes in', () => {
    const row = answerRow({ finding: 'pedal_spongy', state: 'yes' });
    const { recordedAt: _, ...body } = row;
    const laid = withWrite(sheet, write('answer', body));
    const landed = withLanding(laid, landing('answer', row));
    expect(landed.answers).toEqual([row]);
    expect(withLanding(landed, landing('answer', row)).answers).toEqual([row]);
    // The write may still be there for a moment: it lies on top and doubles nothing.
    expect(withWrite(landed, write('answer', body)).answers).toHaveLength(1);
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
    const landed = withLanding(sheet, landing(kind, row));
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
    const laid = withWrite(before, write('work', body, { plan: row.plan, inVisit: runs }));
    expect(laid.works).toMatchObject(runs);
    const landed = withLanding(before, landing('work', row, { inVisit: runs }));
    expect(landed.works).toMatchObject(runs);
    expect(landed.works[1]!.visit).toBe('w');
  });

  it('a job’s own fields are the server’s', () => {
    const job = { ...sheet.job, version: 7, history: 'Theirs' };
    expect(withLanding(sheet, landing('job', job)).job).toBe(job);
  });
});
