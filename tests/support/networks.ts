import fc from 'fast-check';
import { type Answer, atOrBelow, type Problem } from '../../core/diagnosis/engine/problem';

/**
 * A random network: `faults` faults, some of them brought about by earlier ones, the first, third and last one group;
 * answers of up to three levels, each fault a parent of about half of them.
 */
export const problems = (faults: number, answers: number) =>
  fc
    .record({
      priors: fc.array(fc.double({ min: 0.01, max: 0.6, noNaN: true }), {
        minLength: faults,
        maxLength: faults,
      }),
      above: fc.tuple(
        ...Array.from({ length: faults }, (_, fault) =>
          fault === 0 ? fc.constant(-1) : fc.oneof(fc.constant(-1), fc.nat(fault - 1)),
        ),
      ),
      answers: fc.array(
        fc.record({
          level: fc.integer({ min: 0, max: 2 }),
          leak: cumulatives,
          parents: fc.array(fc.option(cumulatives, { freq: 1 }), { minLength: faults, maxLength: faults }),
        }),
        { minLength: 1, maxLength: answers },
      ),
    })
    .map(
      ({ priors, above, answers: rows }): Problem => ({
        priors: Float64Array.from(priors),
        above: Int32Array.from(above),
        places: Uint8Array.from(above, (_, fault) => (fault < 2 ? fault + 1 : 0)),
        groups: [
          [0, 2, faults - 1],
          ...Array.from({ length: faults - 1 }, (_, index) => [index]).filter(
            ([index]) => index !== 0 && index !== 2,
          ),
        ],
        answers: rows.map(
          (row): Answer => ({
            level: row.level,
            leak: row.leak,
            parents: row.parents.flatMap((cumulative, fault) =>
              cumulative === null ? [] : [{ fault, cumulative }],
            ),
          }),
        ),
      }),
    );

export const cumulatives = fc
  .tuple(fc.double({ min: 0.1, max: 0.9, noNaN: true }), fc.double({ min: 0.1, max: 0.9, noNaN: true }))
  .map(([a, b]) => Float64Array.of(a * b, a, 1));

/** P(answers and this combination), straight from the definition. */
export function jointOf(problem: Problem, present: readonly boolean[]): number {
  let joint = 1;
  problem.priors.forEach((prior, fault) => {
    const over = problem.above[fault]!;
    const chance = over < 0 || present[over] ? prior : 0;
    joint *= present[fault] ? chance : 1 - chance;
  });
  for (const { level, leak, parents } of problem.answers) {
    const upTo = (at: number) =>
      parents.reduce(
        (product, { fault, cumulative }) => (present[fault] ? product * atOrBelow(cumulative, at) : product),
        atOrBelow(leak, at),
      );
    joint *= upTo(level) - upTo(level - 1);
  }
  return joint;
}

/** Each combination of a problem's faults, as it is there or not, by fault. */
export function combinationsOf({ priors }: Problem): boolean[][] {
  return Array.from({ length: 1 << priors.length }, (_, mask) =>
    Array.from(priors, (_chance, fault) => (mask & (1 << fault)) !== 0),
  );
}

export function bruteForce(problem: Problem) {
  const count = problem.priors.length;
  const faults = new Float64Array(count);
  const groups = new Float64Array(problem.groups.length);
  let evidence = 0;
  for (const present of combinationsOf(problem)) {
    const joint = jointOf(problem, present);
    evidence += joint;
    for (let fault = 0; fault < count; fault++) if (present[fault]) faults[fault]! += joint;
    problem.groups.forEach((members, group) => {
      if (members.some((fault) => present[fault])) groups[group]! += joint;
    });
  }
  return {
    evidence,
    faults: faults.map((value) => value / evidence),
    groups: groups.map((value) => value / evidence),
  };
}
