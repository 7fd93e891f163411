import { describe, expect, it } from 'vitest';
import { answerRow, emptySheet } from '../../tests/support/sheet';
import { planFor, tickAll, tickRow, workRow } from '../../tests/support/work';
import type { ProcedureId } from '../planning/library';
import { dueAfter } from './dueAfter';
import { judge } from './judgement';

const sheet = emptySheet();
const done = (procedure: ProcedureId) => {
  const work = workRow(sheet, procedure, { id: procedure, plan: planFor(sheet, procedure) });
  return { work, ticks: tickAll(work) };
};
const whats = (...all: ReturnType<typeof done>[]) =>
  dueAfter({ works: all.map(({ work }) => work), ticks: all.flatMap(({ ticks }) => ticks), answers: [] }).map(
    ({ what }) => what,
  );

describe('what falls due after work', () => {
  it('is the nuts after wheels were off, once, and the faces after new friction', () => {
    expect(whats(done('slides'), done('flush'))).toEqual([expect.stringContaining('Wheel nuts')]);
    expect(whats(done('pads'))).toEqual([
      expect.stringContaining('Wheel nuts'),
      expect.stringContaining('after 300 km'),
    ]);
  });

  it('stands in what is thought of the job', () => {
    const slides = done('slides');
    expect(
      judge({ ...sheet, works: [slides.work], ticks: slides.ticks }).dueNext.map(({ what }) => what),
    ).toEqual(whats(slides));
  });

  it('is nothing after work that was not finished, or touched no wheel', () => {
    const pads = done('pads');
    expect(dueAfter({ works: [pads.work], ticks: pads.ticks.slice(0, -1), answers: [] })).toEqual([]);
    expect(whats(done('pushrod'))).toEqual([]);
  });

  it('is a new cap where the old one was seen bad and left on', () => {
    const bad = [answerRow({ finding: 'reservoir_cap', state: 'damaged' })];
    const due = (...works: ReturnType<typeof workRow>[]) => dueAfter({ works, ticks: [], answers: bad });
    expect(due()).toEqual([expect.objectContaining({ what: expect.stringContaining('New reservoir cap') })]);
    expect(due(done('reservoir_cap').work)).toEqual([]);
    const sound = [answerRow({ finding: 'reservoir_cap', state: 'sound' })];
    expect(dueAfter({ works: [], ticks: [], answers: sound })).toEqual([]);
  });

  it('is the level again where nobody knew where it went', () => {
    const { work, ticks } = done('level');
    const unknown = tickRow(work.id, 'reason', { record: { answer: 'not_known', way: 'left' } });
    expect(dueAfter({ works: [work], ticks: [...ticks, unknown], answers: [] })[0]!.what).toContain(
      'Level again',
    );
    expect(whats(done('level'))).toEqual([]);
  });
});
