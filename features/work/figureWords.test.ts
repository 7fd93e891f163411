import { describe, expect, it } from 'vitest';
import { judge } from '@/core/job/judgement';
import { answerRow, emptySheet, fluidRow } from '@/tests/support/sheet';
import type { Units } from '../shell/units';
import { slotLabel, slotWords } from './figureWords';

describe('the figure of a work', () => {
  const units = {
    show: (value: number) => String(value),
    full: (value: number, unit: string) => `${value} ${unit}`,
  } as unknown as Units;
  const sheet = emptySheet({
    readings: [fluidRow(3.4), fluidRow(0.1, 'after', 40)],
    answers: [answerRow({ finding: 'slide_pins', state: 'stiff', place: 'FR' })],
  });
  const told = { sheet, judgement: judge(sheet), units };

  it('is a reading before and after, by what it is called', () => {
    const slot = { reading: 'fluid', corner: '' } as const;
    expect(slotLabel(slot)).toBe('Fluid');
    expect(slotWords(told, slot, 'before')).toContain('3.4');
    expect(slotWords(told, slot, 'after')).toContain('0.1');
  });

  it('is an answer, or what a reading says in its place; nothing before anybody looked', () => {
    const pins = { finding: 'slide_pins', place: 'FR' } as const;
    expect(slotLabel(pins)).toBe('Slide pins move by hand FR');
    expect(slotWords(told, pins, 'before')).toBe('stiff');
    expect(slotWords(told, pins, 'after')).toBeUndefined();
    expect(slotWords(told, { finding: 'fluid_moisture', place: '' }, 'after')).toBe('dry');
  });
});
