import { describe, expect, it } from 'vitest';
import { answersFrom, SALOON } from '../../tests/support/told';
import { WORKS } from '../planning/works';
import { behind } from './behind';
import { diagnose } from './diagnose';

const SOFT = {
  car: SALOON,
  findings: answersFrom('pedal_spongy yes; pedal_pump rises; fluid_look clear; system_opened yes'),
  works: WORKS,
};

describe('what stands behind a cause', () => {
  it('is every answer that weighs, the heaviest first, each with why, and they add up to its odds', () => {
    const found = behind(SOFT, 'air_in_lines');
    const all = [...found.speaksFor, ...found.speaksAgainst];
    expect(all.every(({ why }) => why.length > 0)).toBe(true);
    expect(found.speaksFor.length).toBeGreaterThan(1);
    for (const side of [found.speaksFor, found.speaksAgainst]) {
      const weights = side.map(({ bits }) => Math.abs(bits));
      expect(weights).toEqual([...weights].sort((one, other) => other - one));
    }
    const odds = Math.log2(found.probability / (1 - found.probability));
    const sum = all.reduce((total, { bits }) => total + bits, found.priorBits);
    // What weighs next to nothing has no line of its own.
    expect(Math.abs(sum - odds)).toBeLessThan(0.3);
  });

  it('is the verdict’s own word, with what is done about it and how long that takes', () => {
    const { causes } = diagnose(SOFT);
    const [first] = causes;
    const found = behind(SOFT, first!.id);
    expect(found).toMatchObject({ id: first!.id, probability: first!.probability });
    expect(found.decision.minutes).toBe(WORKS[first!.id].minutes);
    expect(behind({ ...SOFT, works: undefined }, first!.id).decision).not.toHaveProperty('minutes');
  });

  it('names only checks that are still open', () => {
    const answered = new Set(SOFT.findings.map(({ id }) => id));
    const { confusable, telling } = behind(SOFT, 'air_in_lines');
    expect(telling.length).toBeGreaterThan(0);
    for (const { finding } of [...telling, ...confusable.flatMap(({ check }) => check ?? [])])
      expect(answered.has(finding), finding).toBe(false);
  });
});
