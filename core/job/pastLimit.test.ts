import { describe, expect, it } from 'vitest';
import { emptySheet, readingRow } from '../../tests/support/sheet';
import { planFor } from '../../tests/support/work';
import { PROCEDURE_IDS } from '../planning/library';
import { pastLimitAt } from './current';
import { pastLimitWords } from './pastLimit';

describe('a reading past its limit', () => {
  const { steps } = planFor(emptySheet(), 'bearing', { corners: ['FR'] });
  const again = steps.find((step) => step.measure?.measure === 'bearing' && step.measure.gates)!;
  const play = (playMm: number, corner: 'FL' | 'FR' = 'FR', phase: 'before' | 'after' = 'after') =>
    readingRow({ kind: 'bearing', corner, input: { playMm }, phase });

  it('is told at the step it was taken at, with the figure and the limit', () => {
    const [past] = pastLimitAt(again, [play(0.09)]);
    expect(past).toMatchObject({ id: 'bearing_play', state: 'excess', trace: { value: 0.09 } });
    expect(past!.trace!.limit).toMatchObject({ value: 0.05, from: 'practice' });
    expect(pastLimitWords([past!])).toEqual(['wheel bearing play: excess']);
  });

  it('is not one inside it, at another corner, or from before the work', () => {
    expect(pastLimitAt(again, [play(0.04)])).toEqual([]);
    expect(pastLimitAt(again, [play(0.09, 'FL')])).toEqual([]);
    expect(pastLimitAt(again, [play(0.09, 'FR', 'before')])).toEqual([]);
    expect(pastLimitAt({}, [play(0.09)])).toEqual([]);
  });

  it('goes by the newest reading of that place', () => {
    const first = play(0.09);
    expect(pastLimitAt(again, [first, { ...play(0.02), replaces: first.id }])).toEqual([]);
  });

  it('asks what now at every step of the library that measures after the work', () => {
    for (const id of PROCEDURE_IDS) {
      for (const step of planFor(emptySheet(), id).steps) {
        if (step.measure?.phase !== 'after') continue;
        expect(
          step.troubles?.some((trouble) => trouble.read),
          `${id} ${step.id}`,
        ).toBe(true);
      }
    }
  });
});
