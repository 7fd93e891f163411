import { describe, expect, it } from 'vitest';
import { answerRow, at, emptySheet, fluidRow } from '../../tests/support/sheet';
import { tickAll, tickRow, workRow } from '../../tests/support/work';
import { doneTogether } from '../planning/run/spans';
import { beforeFigures } from './beforeFigures';
import { cornersOfCause } from './cornersFor';
import { judge } from './judgement';
import { proofChecks } from './proof';
import type { JobSheet } from './sheet';
import { whatDidIt } from './whatDidIt';

const base = emptySheet();
const first = workRow(base, 'slides', { id: 'first' });
const second = workRow(base, 'pads', { id: 'second' });
const stiff = answerRow({ finding: 'slide_pins', state: 'stiff', place: 'FR' });

/** Two works, the first finished at minute 30, the second at minute 50. */
function job(after: JobSheet['answers']): JobSheet {
  return {
    ...base,
    answers: [stiff, ...after],
    works: [first, second],
    ticks: [...tickAll(first, 30), ...tickAll(second, 50)],
  };
}
const later = (state: string, minute: number, replaces?: string) =>
  answerRow({ finding: 'slide_pins', state, place: 'FR', phase: 'after', minute, replaces });
const worksOf = (sheet: JobSheet) =>
  whatDidIt(sheet, proofChecks(sheet)).find((each) => each.check.finding === 'slide_pins')?.works;

describe('what did it', () => {
  it('is the one work after which it was first right', () => {
    expect(worksOf(job([later('free', 35)]))).toEqual(['first']);
    const wrong = later('stiff', 35);
    expect(worksOf(job([wrong, later('free', 55, wrong.id)]))).toEqual(['second']);
  });

  it('cannot be told apart when nobody measured between them', () => {
    expect(worksOf(job([later('free', 55)]))).toEqual(['first', 'second']);
  });

  it('is neither alone when the two were under way at the same time', () => {
    const sheet = job([later('free', 35)]);
    // The second was begun before the first was over.
    const early = tickRow('second', 'lift', { tickedAt: at(25) });
    const mixed = { ...sheet, ticks: [early, ...sheet.ticks] };
    expect(worksOf(mixed)).toEqual(['first', 'second']);
    expect(judge(mixed).together.sort()).toEqual(['first', 'second']);
    expect(doneTogether(sheet.works, sheet.ticks).size).toBe(0);
    // One that is still open overlaps whatever is begun after it.
    const open = {
      ...sheet,
      ticks: [tickRow('first', 'lift', { tickedAt: at(10) }), ...tickAll(second, 50)],
    };
    expect(doneTogether(open.works, open.ticks).size).toBe(2);
  });

  it('is nothing while it is still wrong, or while no work is finished', () => {
    expect(worksOf(job([later('stiff', 55)]))).toBeUndefined();
    expect(worksOf({ ...job([later('free', 55)]), ticks: [] })).toBeUndefined();
  });

  it('goes by readings as by answers', () => {
    const flush = workRow(base, 'flush', { id: 'flush' });
    const sheet: JobSheet = {
      ...base,
      readings: [fluidRow(3.4), fluidRow(0.1, 'after', 40)],
      works: [flush],
      ticks: tickAll(flush, 30),
    };
    expect(whatDidIt(sheet, proofChecks(sheet))).toContainEqual({
      check: { finding: 'fluid_moisture', place: undefined },
      works: ['flush'],
    });
  });
});

type Speaking = NonNullable<Parameters<typeof beforeFigures>[3]>;

describe('the figure before', () => {
  const cause: Speaking = { speaksFor: [{ finding: 'fluid_look', state: 'dark' }] };

  it('is the reading the job is measured by, then what speaks for the cause', () => {
    const sheet = emptySheet({
      readings: [fluidRow(3.4)],
      answers: [
        answerRow({ finding: 'fluid_look', state: 'dark' }),
        answerRow({ finding: 'leak', state: 'none' }),
        answerRow({ finding: 'pedal_spongy', state: 'yes' }),
      ],
    });
    expect(beforeFigures(sheet, ['fluid'], [], cause).map((each) => each.slot)).toEqual([
      { reading: 'fluid', corner: '' },
      { finding: 'fluid_look', place: '' },
    ]);
    expect(beforeFigures(sheet, ['rotor'], ['FL'], undefined)).toEqual([]);
  });

  it('is what was found, before a reading that found nothing of it', () => {
    const rotor = { ...fluidRow(3.4), id: 'rotor', kind: 'rotor', corner: 'FR' as const };
    const sheet = emptySheet({
      readings: [rotor],
      answers: [answerRow({ finding: 'bearing_play', state: 'excess', place: 'FR' })],
    });
    const loose: Speaking = { speaksFor: [{ finding: 'bearing_play', state: 'excess' }] };
    const slots = (cause: Speaking | undefined) =>
      beforeFigures(sheet, ['bearing', 'rotor'], ['FR'], cause).map((each) => each.slot);
    expect(slots(loose)).toEqual([
      { finding: 'bearing_play', place: 'FR' },
      { reading: 'rotor', corner: 'FR' },
    ]);
    // For no cause in hand the one that was read is all there is to go by.
    expect(slots(undefined)).toEqual([{ reading: 'rotor', corner: 'FR' }]);
  });

  it('is looked for where the trouble was found', () => {
    const sheet = emptySheet({
      answers: [
        answerRow({ finding: 'slide_pins', state: 'stiff', place: 'FR' }),
        answerRow({ finding: 'slide_pins', state: 'free', place: 'FL' }),
        answerRow({ finding: 'pad_wear_sides', state: 'differ', place: 'rear', minute: 2 }),
      ],
    });
    expect(cornersOfCause(sheet, undefined)).toEqual(['FR', 'RL', 'RR']);
    const several = answerRow({ finding: 'rotor_surface', state: 'grooves,cracked', place: 'FL' });
    expect(cornersOfCause(emptySheet({ answers: [several] }), undefined)).toEqual(['FL']);
    expect(cornersOfCause(sheet, { id: 'wheel_bearing_play', corner: 'RL' })).toEqual(['RL']);
  });
});
