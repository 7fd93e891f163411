import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { foldNormal } from './fold';
import { posteriorOf } from './posterior';
import { chainsOf, type Problem, standingChances } from './problem';

const share = fc.double({ min: 0.05, max: 0.95, noNaN: true });
const FAULTS = 6;

/** Faults in chains, and answers that all came out unremarkable. */
const unremarkable = fc
  .record({
    priors: fc.array(share, { minLength: FAULTS, maxLength: FAULTS }),
    above: fc.tuple(
      ...Array.from({ length: FAULTS }, (_, fault) =>
        fault === 0 ? fc.constant(-1) : fc.oneof(fc.constant(-1), fc.nat(fault - 1)),
      ),
    ),
    answers: fc.array(
      fc.record({ leak: share, stays: fc.array(share, { minLength: FAULTS, maxLength: FAULTS }) }),
      {
        minLength: 1,
        maxLength: 4,
      },
    ),
  })
  .map(
    ({ priors, above, answers }): Problem => ({
      priors: Float64Array.from(priors),
      above: Int32Array.from(above),
      places: new Uint8Array(FAULTS),
      groups: Array.from({ length: FAULTS }, (_, fault) => [fault]),
      answers: answers.map(({ leak, stays }) => ({
        level: 0,
        leak: Float64Array.of(leak, 1),
        parents: stays.map((chance, fault) => ({ fault, cumulative: Float64Array.of(chance, 1) })),
      })),
    }),
  );

describe('unremarkable answers folded into the chances', () => {
  it('leave the chance that each fault has, and how likely they were', () => {
    fc.assert(
      fc.property(unremarkable, (problem) => {
        const { priors, evidence } = foldNormal(problem, problem.answers);
        const exact = posteriorOf(problem);
        expect(evidence).toBeCloseTo(exact.evidence, 12);
        standingChances(priors, problem.above).forEach((chance, fault) => {
          expect(chance).toBeCloseTo(exact.faults[fault]!, 12);
        });
      }),
      { numRuns: 100 },
    );
  });

  it('only ever speak against a fault and against what is above it', () => {
    fc.assert(
      fc.property(unremarkable, (problem) => {
        const before = standingChances(problem.priors, problem.above);
        standingChances(foldNormal(problem, problem.answers).priors, problem.above).forEach(
          (chance, fault) => {
            expect(chance).toBeLessThanOrEqual(before[fault]! + 1e-12);
          },
        );
      }),
      { numRuns: 100 },
    );
  });
});

describe('chains', () => {
  it('lead to the fault that comes by itself, and multiply down', () => {
    const above = Int32Array.of(-1, 0, 1, -1, 3);
    expect([...chainsOf(above).roots]).toEqual([0, 0, 0, 3, 3]);
    expect([...standingChances(Float64Array.of(0.5, 0.5, 0.5, 0.2, 1), above)]).toEqual([
      0.5, 0.25, 0.125, 0.2, 0.2,
    ]);
  });
});
