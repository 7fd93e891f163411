import { describe, expect, it } from 'vitest';
import type { CheckOutcome, NextCheck } from '@/core/diagnosis/verdict';
import { foretell } from './foretell';

const outcome = (
  state: string,
  chance: number,
  leader: CheckOutcome['leader'],
  leaderProbability: number,
  subjectProbability = leaderProbability,
): CheckOutcome => ({ state, chance, leader, leaderProbability, subjectProbability });
const check = (...outcomes: CheckOutcome[]): NextCheck => ({
  ...{ id: 'fluid_moisture', bits: 1, saves: 5, minutes: 2 },
  outcomes,
});

describe('what the answers of a check would make of it', () => {
  it('is told likeliest first, as sure as it would be, alike answers together', () => {
    expect(
      foretell(
        check(
          outcome('wet', 0.3, 'fluid_boiled_wet', 0.94),
          outcome('dry', 0.5, 'pad_overheated', 0.55),
          outcome('borderline', 0.2, 'fluid_boiled_wet', 0.92),
        ),
      ),
    ).toBe(
      'If dry: pads past their working temperature, more likely than not (55 %). If wet or borderline: fluid boiled: too much water in it, almost certainly (94 % or 92 %).',
    );
  });

  it('is what it decides, where the same cause stays in front whatever is found', () => {
    expect(
      foretell({
        ...check(
          outcome('dry', 0.5, 'air_in_lines', 0.97, 0.02),
          outcome('wet', 0.3, 'air_in_lines', 0.98, 0.9),
          outcome('borderline', 0.2, 'air_in_lines', 0.97, 0.3),
        ),
        subject: 'fluid_boiled_wet',
      }),
    ).toBe(
      'Air in the lines either way. If dry: fluid boiled: too much water in it, hardly (2 %). If wet: fluid boiled: too much water in it, almost certainly (90 %). If borderline: fluid boiled: too much water in it, possibly (30 %).',
    );
  });

  it('names no cause that would be in front of nothing', () => {
    expect(
      foretell(
        check(outcome('dry', 0.9, 'pad_worn_out', 0.008), outcome('wet', 0.1, 'fluid_boiled_wet', 0.3)),
      ),
    ).toBe(
      'If dry: nothing stands out. If wet: fluid boiled: too much water in it, first of several (30 %).',
    );
  });
});
