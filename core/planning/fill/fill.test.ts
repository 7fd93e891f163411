import { describe, expect, it } from 'vitest';
import { parseWith } from '../../base/issues/zod';
import { FLUID_CLASSES } from '../../car/fluidClasses';
import { type FluidFill, fillChanges } from './fill';
import { fillSchema } from './fillSchema';

const FILL: FluidFill = {
  filledOn: '2026-05-02',
  product: 'A product',
  batch: 'A1',
  fluidClass: 'DOT4',
  dryC: 260,
  wetC: 170,
  colour: 'Amber',
  odometerKm: 120_000,
  lotId: null,
  lotOpenedOn: null,
};

describe('a fill', () => {
  it('says what it changes: the class, what does not mix, the colour', () => {
    expect(fillChanges(undefined, FILL)).toEqual([]);
    expect(fillChanges(FILL, { fluidClass: 'DOT4', colour: 'amber ' })).toEqual([]);
    expect(fillChanges(FILL, { fluidClass: 'DOT5.1', colour: 'blue' })).toEqual([
      'class from DOT 4 to DOT 5.1',
      'colour from amber to blue',
    ]);
    const silicone = fillChanges(FILL, { fluidClass: 'DOT5', colour: '' });
    expect(silicone[0]).toBe(`class from DOT 4 to ${FLUID_CLASSES.DOT5.label}`);
    expect(silicone[1]).toMatch(/do not mix/);
  });

  it.each([
    [{ dryC: 260, wetC: null }, 'wetC'],
    [{ dryC: 170, wetC: 260 }, 'wetC'],
    [{ product: ' ' }, 'product'],
    [{ odometerKm: -1 }, 'odometerKm'],
    [{ filledOn: 'May' }, 'filledOn'],
  ])('is refused with %o, by its field', (changes, path) => {
    const outcome = parseWith(fillSchema, { ...FILL, ...changes });
    expect(outcome.ok ? [] : outcome.issues.map((issue) => issue.path)).toContain(path);
  });

  it('is taken with the product’s own pair, and without', () => {
    expect(parseWith(fillSchema, FILL).ok).toBe(true);
    expect(parseWith(fillSchema, { ...FILL, dryC: null, wetC: null, odometerKm: null }).ok).toBe(true);
  });
});
