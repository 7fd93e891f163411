import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { parseWith } from '../../base/issues/zod';
import { axleOf, CORNERS, type Corner } from '../../car/corner';
import { bleedPlan } from './plan';
import { type BleedInput, bleedInputSchema } from './schema';

const metres = fc.double({ min: 0.1, max: 15, noNaN: true });
const lines = fc.record({ FL: metres, FR: metres, RL: metres, RR: metres });
const oneOrTwo = fc.constantFrom(1 as const, 2 as const);

const inputs: fc.Arbitrary<BleedInput> = fc.record(
  {
    school: fc.constantFrom('furthest_first', 'nearest_first', 'diagonal'),
    lines,
    masterSide: fc.constantFrom('left', 'right'),
    bleeders: fc.record({ front: oneOrTwo, rear: oneOrTwo }),
    twoBleeders: fc.constantFrom('outer_inner_outer', 'outer_inner'),
    corners: fc.uniqueArray(fc.constantFrom<Corner>(...CORNERS), { minLength: 1 }),
    catchMl: fc.integer({ min: 350, max: 5000 }),
    opened: fc.boolean(),
    softAfterBleed: fc.boolean(),
    stabilityControl: fc.boolean(),
    method: fc.constantFrom('pressure', 'two_person', 'vacuum', 'gravity', 'reverse'),
    bottleMl: fc.integer({ min: 100, max: 25_000 }),
  },
  { requiredKeys: ['lines', 'bleeders', 'opened', 'stabilityControl', 'method', 'bottleMl'] },
) as fc.Arbitrary<BleedInput>;

const check = (property: (input: BleedInput) => void) =>
  fc.assert(fc.property(inputs, property), { seed: 20261125, numRuns: 300 });

describe('any bleed', () => {
  it('is one the command takes', () => {
    check((input) => {
      expect(parseWith(bleedInputSchema, input)).toMatchObject({ ok: true });
    });
  });

  it('opens every bleeder it is to open and no other', () => {
    check((input) => {
      const wanted = input.corners ?? CORNERS;
      const { order } = bleedPlan(input);
      expect(new Set(order.map((row) => row.corner))).toEqual(new Set(wanted));
      for (const corner of wanted) {
        const here = new Set(order.filter((row) => row.corner === corner).map((row) => row.bleeder));
        expect(here).toEqual(new Set(input.bleeders[axleOf(corner)] === 1 ? ['single'] : ['outer', 'inner']));
      }
    });
  });

  it('adds up, and the bottles reach', () => {
    check((input) => {
      const plan = bleedPlan(input);
      const rows = [...plan.order, ...plan.secondPass];
      expect(plan.totalMl).toBe(rows.reduce((sum, row) => sum + row.ml, plan.topUpMl));
      expect(plan.bottles * input.bottleMl).toBeGreaterThanOrEqual(plan.totalMl);
      expect((plan.bottles - 1) * input.bottleMl).toBeLessThan(plan.totalMl);
      expect(rows.every((row) => row.ml > 0)).toBe(true);
    });
  });

  it('goes from the longest line to the shortest, or the other way, as the school has it', () => {
    check((input) => {
      if (input.school === 'diagonal') return;
      const { order, linesM } = bleedPlan(input);
      const lengths = order.map((row) => linesM[row.corner]);
      const sorted = [...lengths].sort((a, b) => (input.school === 'nearest_first' ? a - b : b - a));
      expect(lengths).toEqual(sorted);
    });
  });

  it('never lets the catch bottle run over', () => {
    check((input) => {
      const plan = bleedPlan(input);
      let inIt = 0;
      for (const [index, row] of [...plan.order, ...plan.secondPass].entries()) {
        if (plan.emptyCatchBefore.includes(index)) inIt = 0;
        inIt += row.ml;
        expect(inIt).toBeLessThanOrEqual(Math.max(row.ml, input.catchMl ?? 500));
      }
    });
  });

  it('has pressure, a hold and a ceiling over it only where the method has them', () => {
    check((input) => {
      const plan = bleedPlan(input);
      expect(plan.pressureKPa !== null).toBe(input.method === 'pressure');
      expect(plan.leakHoldS !== null).toBe(input.method === 'pressure');
      expect(plan.pressureKPa ?? 0).toBeLessThanOrEqual(plan.ceilingKPa);
    });
  });

  it('goes round twice only where a modulator may hold air', () => {
    check((input) => {
      const plan = bleedPlan(input);
      expect(plan.secondPass.length > 0).toBe(plan.cycleModulator);
      if (plan.cycleModulator) expect(input.stabilityControl).toBe(true);
    });
  });
});
