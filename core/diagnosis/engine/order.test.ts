import { describe, expect, it } from 'vitest';
import { seeded } from '../../../tests/support/drawn';
import { COUPE } from '../../../tests/support/told';
import { FINDINGS, type Finding } from '../../readings/vocabulary/findings';
import { diagnose } from '../diagnose';
import { buildNetwork } from '../network/build';
import { problemOf } from '../network/problem';
import { type Load, orderOf } from './order';
import { planOf, posteriorOf } from './posterior';

/** Weights looked at in an order, counted step by step. */
function costOf(order: readonly number[], loads: readonly Load[]): number {
  return order.reduce((sum, load, at) => {
    const before = new Set(order.slice(0, at + 1).flatMap((each) => loads[each]!.answers));
    const still = new Set(order.slice(at).flatMap((each) => loads[each]!.answers));
    const open = [...before].filter((answer) => still.has(answer)).length;
    return sum + loads[load]!.size * 2 ** open;
  }, 0);
}

function drawnLoads(random: () => number, groups: number, answers: number): Load[] {
  return Array.from({ length: groups }, () => ({
    size: 2 + Math.floor(random() * 8),
    answers: [...Array(answers).keys()].filter(() => random() < 0.25),
  }));
}

const complaints = (count: number) =>
  (FINDINGS as readonly Finding[])
    .filter(({ stage }) => stage === 'complaint')
    .slice(0, count)
    .map(({ id, states, place }) => ({
      id,
      state: states.at(-1)!,
      ...(place ? { place: 'FL' as const } : {}),
    }));

describe('the order of the sum', () => {
  it('takes every group once, and comes cheaper than most orders by chance', () => {
    const random = seeded(71);
    for (let round = 0; round < 12; round++) {
      const loads = drawnLoads(random, 20, 18);
      const order = orderOf(loads, 18);
      expect([...order].sort((one, other) => one - other)).toEqual([...loads.keys()]);
      const shuffled = Array.from({ length: 9 }, () =>
        costOf(
          [...loads.keys()].sort(() => random() - 0.5),
          loads,
        ),
      ).sort((one, other) => one - other);
      expect(costOf(order, loads)).toBeLessThan(shuffled[4]!);
      expect(orderOf(loads, 18)).toEqual(order);
    }
  });

  it('does not change what comes out', () => {
    const { problem } = problemOf(buildNetwork(COUPE, complaints(13)));
    const plan = planOf(problem);
    const groups = [...problem.groups].reverse();
    const turned = posteriorOf({ ...problem, groups });
    const whole = posteriorOf(problem, plan);
    expect(turned.evidence / whole.evidence).toBeCloseTo(1, 9);
    const back = [...turned.groups].reverse();
    for (const [group, chance] of back.entries()) expect(chance).toBeCloseTo(whole.groups[group]!, 9);
  });
});

describe('a verdict on many abnormal answers', () => {
  it('is exact up to sixteen complaints at once', () => {
    expect(diagnose({ car: COUPE, findings: complaints(16) }).exact).toBe(true);
  });

  it('holds its numbers with everything abnormal: some cause is likely, and no weight is lost below a double', () => {
    const everything = (FINDINGS as readonly Finding[]).flatMap(({ id, states, place }) =>
      (place === 'corner' ? (['FL', 'FR', 'RL', 'RR'] as const) : [undefined]).map((corner) => ({
        id,
        state: states.at(-1)!,
        ...(corner ? { place: corner } : {}),
      })),
    );
    const { causes, captured, combinations } = diagnose({ findings: everything });
    expect(captured).toBeGreaterThan(0);
    expect(combinations.length).toBeGreaterThan(0);
    expect(causes[0]!.probability).toBeGreaterThan(0.5);
    for (const { probability } of causes) expect(Number.isFinite(probability)).toBe(true);
  });
});
