import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Touch } from './plan';
import { planSum } from './plan';
import type { Answer } from './problem';
import {
  applyFault,
  applyFaultBack,
  closeBit,
  closeBitBack,
  dot,
  mixInto,
  openBit,
  openBitBack,
  scaled,
} from './sets';

const share = fc.double({ min: 0.01, max: 0.99, noNaN: true });
const BITS = 4;
const weights = (bits: number) =>
  fc.array(share, { minLength: 1 << bits, maxLength: 1 << bits }).map((values) => Float64Array.from(values));
const touches = fc
  .uniqueArray(fc.nat(BITS - 1), { minLength: 1, maxLength: BITS })
  .chain((bits) =>
    fc.tuple(
      ...bits.map((bit) =>
        fc
          .tuple(share, share)
          .map(
            ([low, high]): Touch => ({ bit, below: low * high, reaches: high - low * high, atMost: high }),
          ),
      ),
    ),
  );

describe('sets of explained answers', () => {
  it('going back is the transpose of going forward, for a fault, an opening and a closing', () => {
    fc.assert(
      fc.property(
        weights(BITS),
        weights(BITS),
        weights(BITS - 1),
        weights(BITS + 1),
        touches,
        share,
        fc.nat(BITS - 1),
        (left, right, fewer, more, fault, part, bit) => {
          expect(dot(applyFault(left, fault), right)).toBeCloseTo(
            dot(left, applyFaultBack(right, fault)),
            10,
          );
          expect(dot(openBit(left, part, 1 - part), more)).toBeCloseTo(
            dot(left, openBitBack(more, part, 1 - part)),
            10,
          );
          expect(dot(closeBit(left, bit), fewer)).toBeCloseTo(dot(left, closeBitBack(fewer, bit)), 10);
        },
      ),
    );
  });

  it('a fault only ever moves weight up: what is explained stays explained', () => {
    const start = new Float64Array(4);
    start[0b01] = 1;
    const after = applyFault(start, [{ bit: 1, below: 0.3, reaches: 0.7, atMost: 1 }]);
    expect([...after]).toEqual([0, 0.3, 0, 0.7]);
    expect([...applyFault(start, [{ bit: 0, below: 0.3, reaches: 0.5, atMost: 0.8 }])]).toEqual([
      0, 0.8, 0, 0,
    ]);
  });

  it('opens as the highest bit, and closes any bit by keeping the sets that explain it', () => {
    expect([...openBit(Float64Array.of(1, 2), 0.25, 0.75)]).toEqual([0.25, 0.5, 0.75, 1.5]);
    expect([...closeBit(Float64Array.of(1, 2, 3, 4), 0)]).toEqual([2, 4]);
    expect([...closeBit(Float64Array.of(1, 2, 3, 4), 1)]).toEqual([3, 4]);
  });

  it('mixes by share, and scales', () => {
    expect([...mixInto(Float64Array.of(10, 0), Float64Array.of(0, 10), 0.25)]).toEqual([2.5, 7.5]);
    expect([...scaled(Float64Array.of(4, 2), 0.5)]).toEqual([2, 1]);
  });
});

describe('the order of the sum', () => {
  const answer = (...faults: number[]): Answer => ({
    level: 1,
    leak: Float64Array.of(0.9, 1),
    parents: faults.map((fault) => ({ fault, cumulative: Float64Array.of(0.2, 1) })),
  });
  const groups = (count: number) => Array.from({ length: count }, (_, fault) => [fault]);
  const alone = (count: number) => new Int32Array(count).fill(-1);

  it('keeps answers that have nothing to do with each other apart', () => {
    expect(planSum([answer(0), answer(1), answer(2), answer(3)], groups(4), alone(4)).width).toBe(1);
    expect(
      planSum([answer(0, 1), answer(1, 2), answer(2, 3)], groups(4), alone(4)).width,
    ).toBeLessThanOrEqual(2);
  });

  it('opens every answer before a fault that brings it about, and closes each exactly once', () => {
    fc.assert(
      fc.property(
        fc.array(fc.uniqueArray(fc.nat(6), { minLength: 1, maxLength: 4 }), { minLength: 1, maxLength: 7 }),
        (rows) => {
          const answers = rows.map((faults) => answer(...faults));
          const { steps, width } = planSum(answers, groups(7), alone(7));
          let open = 0;
          let opened = 0;
          let closed = 0;
          for (const step of steps) {
            opened += step.opens.length;
            open += step.opens.length;
            expect(open).toBeLessThanOrEqual(width);
            for (const { touches: touched } of step.faults)
              for (const touch of touched) expect(touch.bit).toBeLessThan(open);
            expect([...step.closes]).toEqual([...step.closes].sort((left, right) => right - left));
            closed += step.closes.length;
            open -= step.closes.length;
          }
          expect([opened, closed, open]).toEqual([answers.length, answers.length, 0]);
        },
      ),
    );
  });

  it('leaves out groups that explain nothing abnormal', () => {
    expect(planSum([answer(2)], groups(5), alone(5)).steps.map((step) => step.group)).toEqual([2]);
    expect(planSum([], groups(5), alone(5))).toEqual({ steps: [], width: 0, cost: 0 });
  });
});
