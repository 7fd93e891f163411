import { describe, expect, it } from 'vitest';
import { emptySheet } from '../../../tests/support/sheet';
import { planFor, tickRow, workRow } from '../../../tests/support/work';
import { runOf } from '../run/run';
import { tickIssues } from '../run/tickIssues';
import { ROUND } from './roundStep';
import { roundsOf, stillFalling } from './rounds';

const sheet = emptySheet();
const plan = planFor(sheet, 'flush', { options: { bleed: { method: 'two_person' } } });
const work = workRow(sheet, 'flush', { id: 'flush', plan });
const at = (step: string, done: boolean, record = {}) => tickRow(work.id, step, { done, record });

describe('rounds of a bleed by foot', () => {
  it('end with the pedal measured, after the last bleeder and before the level', () => {
    const ids = plan.steps.map(({ id }) => id);
    expect(ids.indexOf(ROUND.step)).toBe(ids.findLastIndex((id) => id.startsWith('bleed-')) + 1);
    expect(ids.indexOf(ROUND.step)).toBeLessThan(ids.indexOf('level'));
    expect(
      planFor(sheet, 'flush', { options: { bleed: { method: 'pressure' } } }).steps.map(({ id }) => id),
    ).not.toContain(ROUND.step);
  });

  it('are not passed without the figure', () => {
    const tick = { step: ROUND.step, done: true, note: '', record: { answer: 'stopped' } };
    expect(tickIssues(plan.steps, tick)).toMatchObject([{ path: 'record.travel' }]);
    expect(tickIssues(plan.steps, { ...tick, record: { answer: 'stopped', travel: 41 } })).toEqual([]);
  });

  it('are told one after another, a corrected figure in the place of the wrong one', () => {
    const ticks = [
      at('bleed-1', true),
      at(ROUND.step, false, { travel: 85 }),
      at(ROUND.step, false, { travel: 58 }),
      at('bleed-1', false),
      at('bleed-1', true),
      at(ROUND.step, false, { travel: 41, answer: 'again', trouble: 'again' }),
      at('bleed-1', false),
      at('bleed-1', true),
      at(ROUND.step, true, { travel: 40.5, answer: 'stopped' }),
    ];
    const rounds = roundsOf(runOf(work, ticks));
    expect(rounds).toEqual([58, 41, 40.5]);
    expect(stillFalling(rounds.slice(0, 1))).toBeUndefined();
    expect(stillFalling(rounds.slice(0, 2))).toBe(true);
    expect(stillFalling(rounds)).toBe(false);
  });
});
