import { levenbergMarquardt } from 'ml-levenberg-marquardt';
import { describe, expect, it } from 'vitest';
import { seeded } from '../../../tests/support/drawn';
import { parseWith } from '../../base/issues/zod';
import { normal } from '../../base/statistics/normal';
import { linePressureMPa } from '../../car/hydraulics/linePressure';
import { hoseShare, travelBudget } from './travel';
import { travelSchema } from './travelSchema';
import { travelSolve } from './travelSolve';

const master = { boreMm: 22.225 };
const pedal = { ratio: 5.5 };
const budget = (more: object) => travelBudget({ master, pedal, pressureMPa: 7, ...more });
const solve = (points: { forceN: number; travelMm: number }[]) => {
  const outcome = travelSolve({ master, pedal, points });
  if (!outcome.ok) throw new Error(JSON.stringify(outcome.issues));
  return outcome.value;
};
/** The travel of a pedal with this much gas, flex and offset. */
const travelOf = (forceN: number, gasMl: number, elastic: number, offset: number) => {
  const pressureMPa = linePressureMPa(forceN, pedal.ratio, master.boreMm);
  return offset + travelBudget({ master, pedal, pressureMPa, gasMl, elasticMmPerMPa: elastic }).totalMm;
};

describe('the travel budget', () => {
  it('gives the millimetres of every suspect of the worked car', () => {
    const mm = (more: object) => budget(more).totalMm;
    expect(mm({ gaps: [{ sideAreaMm2: 2513.274, innerMm: 0.25, outerMm: 0.25 }] })).toBeCloseTo(17.82, 2);
    expect(mm({ gasMl: 1 })).toBeCloseTo(13.98, 1);
    expect(budget({ gasMl: 1, pressureMPa: 1 }).totalMm / budget({}).mmPerMl).toBeCloseTo(0.908, 3);
    expect(mm({ fluidMl: 120 }) / budget({}).mmPerMl).toBeCloseTo(0.56, 3);
    expect(mm({ masterMovementMm: 3 })).toBeCloseTo(16.5, 9);
  });

  it('lists what was given, in order, and adds it up to the floor', () => {
    const all = budget({
      pedal: { ratio: 5.5, freePlayMm: 4 },
      gaps: [{ sideAreaMm2: 2000, innerMm: 0.1, outerMm: 0.1 }],
      hoses: [{ lengthM: 1.6, mlPerMAt1000psi: 2.165 }],
      fluidMl: 120,
      gasMl: 0.5,
      masterMovementMm: 0.5,
      toFloorMm: 120,
    });
    expect(all.items.map(({ id }) => id)).toEqual([
      'gaps',
      'hoses',
      'fluid',
      'gas',
      'master_movement',
      'free_play',
    ]);
    expect(all.totalMm).toBeCloseTo(
      all.items.reduce((sum, { mm }) => sum + mm, 0),
      9,
    );
    expect(all.reserveMm).toBeCloseTo(120 - all.totalMm, 9);
    expect(all.meetsFloor).toBe(false);
    expect(budget({ masterMovementMm: 20, toFloorMm: 60 }).meetsFloor).toBe(true);
  });

  // 49 CFR 571.106, expansion of a 1/8 in hose, cm³ a foot at 1000, 1500 and 2900 psi (from memory).
  it.each([
    [1000, 0.66],
    [1500, 0.79],
    [2900, 1.21],
  ])('swells a regular hose at %i psi as the standard’s table has it', (psi, mlPerFoot) => {
    const mpa = psi * 0.00689475729;
    expect(0.66 * hoseShare(mpa)).toBeCloseTo(mlPerFoot, 6);
  });

  it('swells a hose in proportion up to 1000 psi, and along the last stretch past the table', () => {
    expect(hoseShare(0)).toBe(0);
    expect(hoseShare(3.447378645)).toBeCloseTo(0.5, 6);
    const slope = (hoseShare(22) - hoseShare(21)) / 1;
    expect(hoseShare(25) - hoseShare(24)).toBeCloseTo(slope, 9);
  });

  it('refuses what no pedal has', () => {
    const outcome = parseWith(travelSchema, { master, pedal, pressureMPa: 70, gasMl: -1 });
    expect(outcome.ok ? [] : outcome.issues.map(({ path }) => path)).toEqual(['pressureMPa', 'gasMl']);
  });
});

describe('gas against flex', () => {
  it('finds what a curve was made of', () => {
    const points = [30, 80, 200, 450].map((forceN) => ({ forceN, travelMm: travelOf(forceN, 1.3, 4.2, 6) }));
    const found = solve(points);
    expect(found.gasMl).toBeCloseTo(1.3, 6);
    expect(found.elasticMmPerMPa).toBeCloseTo(4.2, 6);
    expect(found.offsetMm).toBeCloseTo(6, 6);
    // Gas takes its travel early: the point that tells most is a light one.
    expect(found.bestNextForceN).toBeLessThan(60);
    expect(found).toMatchObject({ tells: 'gas', gaps: [] });
  });

  it('says flex where there is hardly any gas, nothing yet where the bounds are wide, and when a curve is no pedal', () => {
    const made = (forces: readonly number[], gasMl: number, offset = 6) =>
      solve(forces.map((forceN) => ({ forceN, travelMm: travelOf(forceN, gasMl, 4.2, offset) })));
    expect(made([15, 30, 80, 200, 450], 0.05).tells).toBe('flex');
    // Three heavy presses: all of the gas is squeezed at each, and it looks like free play.
    expect(made([300, 400, 500], 0.3).tells).toBe('not_yet');
    expect(made([30, 80, 200, 450], 2, -9).gaps).toEqual([
      { path: 'points', why: expect.stringContaining('read the lightest press again') },
    ]);
  });

  it('agrees with a general fitting library on a curve with noise', () => {
    const next = seeded(7);
    const noise = () => (next() + next() + next() - 1.5) * 0.6;
    const points = [20, 40, 80, 160, 300, 500].map((forceN) => ({
      forceN,
      travelMm: travelOf(forceN, 0.8, 5, 8) + noise(),
    }));
    const ours = solve(points);
    const area = (Math.PI * 22.225 ** 2) / 4;
    const fitted = levenbergMarquardt(
      { x: points.map((each) => (each.forceN * 5.5) / area), y: points.map((each) => each.travelMm) },
      ([offset, elastic, gas]) =>
        (p: number) =>
          offset! + elastic! * p + ((gas! * 5500) / area) * (p / (0.101325 + p)),
      { initialValues: [1, 1, 1], maxIterations: 500, errorTolerance: 1e-14, damping: 1e-3 },
    );
    expect(ours.offsetMm).toBeCloseTo(fitted.parameterValues[0]!, 3);
    expect(ours.elasticMmPerMPa).toBeCloseTo(fitted.parameterValues[1]!, 3);
    expect(ours.gasMl).toBeCloseTo(fitted.parameterValues[2]!, 3);
  });

  it('never finds less than none, and fits the rest without it then', () => {
    const bent = [50, 200, 350, 500].map((forceN) => ({ forceN, travelMm: 10 + (forceN / 100) ** 1.3 }));
    const found = solve(bent);
    expect(found.gasMl).toBe(0);
    expect(found.gasLowMl).toBe(0);
    expect(found.elasticMmPerMPa).toBeGreaterThan(0);
  });

  it('has bounds that hold the truth in eight of ten draws', () => {
    const next = seeded(20261126);
    let held = 0;
    for (let draw = 0; draw < 2000; draw++) {
      const [gas, elastic, offset] = [1.2 + next(), 2 + 5 * next(), 4 + 8 * next()];
      const points = [20, 45, 90, 180, 320, 500].map((forceN) => ({
        forceN,
        travelMm: travelOf(forceN, gas, elastic, offset) + 0.5 * normal(next),
      }));
      const { gasLowMl, gasHighMl } = solve(points);
      if (gasLowMl <= gas && gas <= gasHighMl) held += 1;
    }
    expect(held / 2000).toBeGreaterThan(0.76);
    expect(held / 2000).toBeLessThan(0.84);
  }, 90_000);

  it('refuses points that cannot tell them apart', () => {
    const alike = [100, 100, 400].map((forceN) => ({ forceN, travelMm: forceN / 10 }));
    expect(travelSolve({ master, pedal, points: alike })).toMatchObject({
      ok: false,
      issues: [{ path: 'points' }],
    });
  });
});
