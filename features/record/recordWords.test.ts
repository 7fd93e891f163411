import { describe, expect, it } from 'vitest';
import { emptySheet } from '@/tests/support/sheet';
import { METRIC } from '@/tests/support/units';
import { planFor } from '@/tests/support/work';
import { recordWords } from './recordWords';

const { steps } = planFor(emptySheet(), 'flush');
const stepOf = (id: string) => steps.find((step) => step.id === id)!;

describe('what was written down at a step', () => {
  it('is told in its own words, in the order of the screen', () => {
    const record = { ml: 260, colour: 'dark', clearAt: 220, bubbles: 'few' };
    expect(recordWords(stepOf('bleed-1'), record, '', METRIC)).toBe(
      'came out: dark, bubbles on the way: a few, out in all 260 ml, clear at 220 ml',
    );
  });

  it('begins with the answer and ends with the note', () => {
    expect(recordWords(stepOf('between-1'), { answer: 'topped_up' }, 'cap was loose', METRIC)).toBe(
      'topped up, pumped up again, cap was loose',
    );
  });

  it('says what was done up to what, by which clock, and how a trouble was passed', () => {
    expect(recordWords(stepOf('wheels'), { torque: 110 }, '', METRIC)).toBe('110 N·m');
    expect(recordWords(stepOf('leak-hold'), { answer: 'held', clock: 'another' }, '', METRIC)).toBe(
      'it held, timed by another clock',
    );
    const { steps: caliper } = planFor(emptySheet(), 'caliper_rebuild');
    const bores = caliper.find((step) => step.ask?.some(({ value }) => value === 'pitted'))!;
    expect(recordWords(bores, { answer: 'pitted', way: 'renewed' }, 'new caliper', METRIC)).toBe(
      'pitted, renewed instead, new caliper',
    );
  });

  it('is nothing where nothing was', () => {
    expect(recordWords(stepOf('lift'), {}, '', METRIC)).toBe('');
    expect(recordWords(stepOf('leak-hold'), { clockFrom: '2026-05-01T10:00:00Z' }, '', METRIC)).toBe('');
  });
});
