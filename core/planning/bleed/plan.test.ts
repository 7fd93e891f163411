import { describe, expect, it } from 'vitest';
import { parseWith } from '../../base/issues/zod';
import { bleedPlan } from './plan';
import { type BleedInput, bleedInputSchema } from './schema';

const base: BleedInput = {
  masterSide: 'left',
  bleeders: { front: 1, rear: 1 },
  opened: false,
  stabilityControl: true,
  method: 'pressure',
  bottleMl: 500,
};
const corners = (input: Partial<BleedInput>) => [
  ...new Set(bleedPlan({ ...base, ...input }).order.map((row) => row.corner)),
];

describe('bleed plan', () => {
  it('starts at the furthest line, on either drive side', () => {
    expect(corners({})).toEqual(['RR', 'RL', 'FR', 'FL']);
    expect(corners({ masterSide: 'right' })).toEqual(['RL', 'RR', 'FL', 'FR']);
    expect(corners({ school: 'nearest_first' })).toEqual(['FL', 'FR', 'RL', 'RR']);
    expect(corners({ school: 'diagonal' })).toEqual(['RR', 'FL', 'RL', 'FR']);
  });

  it('follows measured lines, as in a mid-engined car with the master up front and a crossed rear line', () => {
    expect(corners({ lines: { FL: 1.2, FR: 0.9, RL: 3.1, RR: 3.9 }, masterSide: 'left' })).toEqual([
      'RR',
      'RL',
      'FL',
      'FR',
    ]);
  });

  it('lets the maker win over any school, and says so', () => {
    const plan = bleedPlan({ ...base, makerOrder: ['FL', 'RR', 'FR', 'RL'], school: 'furthest_first' });
    expect(plan.order.map((row) => row.corner)).toEqual(['FL', 'RR', 'FR', 'RL']);
    expect(plan.warnings.join()).toContain('maker’s order');
  });

  it('adds up to one and a half bottles for four simple corners, about a litre for two-bleeder calipers', () => {
    const simple = bleedPlan(base);
    expect(simple.totalMl).toBe(simple.order.reduce((sum, row) => sum + row.ml, simple.topUpMl));
    expect(simple.totalMl).toBeGreaterThan(650);
    expect(simple.totalMl).toBeLessThan(800);
    expect(simple.bottles).toBe(2);
    expect(simple.order[0]!.ml).toBeGreaterThan(Math.max(...simple.order.slice(1).map((row) => row.ml)));
    const double = bleedPlan({ ...base, bleeders: { front: 2, rear: 2 } });
    expect(double.totalMl).toBeGreaterThan(900);
    expect(double.totalMl).toBeLessThan(1200);
    expect(double.order.slice(0, 3).map((row) => row.bleeder)).toEqual(['outer', 'inner', 'outer']);
  });

  it('fills the reservoir up before any bleeder would run it dry, whatever it holds', () => {
    for (const method of ['two_person', 'vacuum', 'gravity'] as const)
      for (const reservoirMl of [60, 90, 150, 200, 400]) {
        const plan = bleedPlan({ ...base, method, reservoirMl });
        expect(plan.supply).toBe('reservoir');
        // Played through: the level never falls below the lower mark.
        let left = reservoirMl;
        for (const [row, { ml }] of [...plan.order, ...plan.secondPass].entries()) {
          let drawn = 0;
          for (const { afterMl } of plan.topUps.filter((stop) => stop.row === row)) {
            left -= afterMl - drawn;
            drawn = afterMl;
            expect(left, `${method} ${reservoirMl} row ${row}`).toBeGreaterThanOrEqual(0);
            left = reservoirMl;
          }
          left -= ml - drawn;
          expect(left, `${method} ${reservoirMl} row ${row}`).toBeGreaterThanOrEqual(0);
        }
      }
    const big = bleedPlan({ ...base, method: 'gravity', reservoirMl: 1500 });
    expect(big.topUps).toEqual([]);
  });

  it('needs no stop while a pot feeds it, and needs them with a dry one', () => {
    expect(bleedPlan(base)).toMatchObject({ supply: 'pot', topUps: [] });
    const dry = bleedPlan({ ...base, pot: 'dry', reservoirMl: 150 });
    expect(dry).toMatchObject({ supply: 'reservoir', pressureKPa: 103 });
    expect(dry.topUps[0]).toEqual({ row: 0, afterMl: 150 });
    expect(bleedPlan({ ...base, method: 'reverse' }).topUps).toEqual([]);
  });

  it('says when what a pot keeps would leave the last corner short', () => {
    const { totalMl } = bleedPlan(base);
    const tight = bleedPlan({ ...base, bottleMl: totalMl + 50 });
    expect(tight.warnings.join()).toContain('one bottle more');
    expect(bleedPlan({ ...base, bottleMl: totalMl + 100 }).warnings.join()).not.toContain('one bottle more');
    expect(bleedPlan({ ...base, pot: 'dry', bottleMl: totalMl + 50 }).warnings.join()).not.toContain(
      'pot keeps',
    );
  });

  it('counts half strokes from the bore: area times fifteen millimetres each', () => {
    const plan = bleedPlan({ ...base, method: 'two_person', masterBoreMm: 22.225 });
    expect(plan.strokes).toEqual(plan.order.map(({ ml }) => Math.ceil(ml / ((387.9486 * 15) / 1000))));
    expect(bleedPlan({ ...base, masterBoreMm: 22.225 }).strokes).toEqual([]);
  });

  it('has a school that follows the fluid: inner, then outer', () => {
    const plan = bleedPlan({ ...base, bleeders: { front: 2, rear: 2 }, twoBleeders: 'inner_outer' });
    expect(plan.order.slice(0, 2)).toMatchObject([
      { corner: 'RR', bleeder: 'inner' },
      { corner: 'RR', bleeder: 'outer', ml: 60 },
    ]);
    expect(plan.order).toHaveLength(8);
  });

  it('gives pressure only to the method that has it', () => {
    expect(bleedPlan(base)).toMatchObject({ pressureKPa: 103, ceilingKPa: 200, leakHoldS: 150 });
    expect(bleedPlan({ ...base, method: 'two_person' })).toMatchObject({
      pressureKPa: null,
      leakHoldS: null,
    });
  });

  it('cycles the modulator when there is one and air may have reached it', () => {
    const cycled = (input: Partial<BleedInput>) => bleedPlan({ ...base, ...input }).cycleModulator;
    expect([
      cycled({}),
      cycled({ opened: true }),
      cycled({ softAfterBleed: true }),
      cycled({ opened: true, stabilityControl: false }),
    ]).toEqual([false, true, true, false]);
  });

  it('refuses what cannot be, with field, value and range', () => {
    const issues = (input: unknown) => {
      const outcome = parseWith(bleedInputSchema, input);
      return outcome.ok ? [] : outcome.issues;
    };
    expect(issues({ ...base, pressureKPa: 250 })[0]).toMatchObject({
      path: 'pressureKPa',
      accepted: expect.stringContaining('ceilingKPa'),
    });
    expect(issues({ ...base, bottleMl: -5 })[0]).toMatchObject({
      path: 'bottleMl',
      value: '-5',
      accepted: expect.stringContaining('100 to 25000 ml'),
    });
    expect(issues({ ...base, masterSide: undefined })[0]).toMatchObject({ path: 'lines' });
    expect(issues({ ...base, makerOrder: ['FL', 'FL', 'RR', 'RL'] })[0]!.accepted).toContain('once');
    expect(issues({ ...base, bottel: 1 })[0]).toMatchObject({ path: 'bottel', code: 'unknown_key' });
  });
});
