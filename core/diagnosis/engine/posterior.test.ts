import { infer } from 'bayesjs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { asBayesNetwork } from '../../../tests/support/bayes';
import { bruteForce, cumulatives, jointOf, problems } from '../../../tests/support/networks';
import { explain } from './explanations';
import { forecast, forecastIndex, savingOf } from './information';
import { planFor } from './plan';
import { faultsAfter, faultsOf, planOf, posteriorOf } from './posterior';
import { type Answer, atOrBelow, type Problem } from './problem';
import { weightsOf } from './weights';

describe('posterior', () => {
  it('equals the plain sum over every combination, whatever brings about what', () => {
    fc.assert(
      fc.property(problems(7, 7), (problem) => {
        const fast = posteriorOf(problem);
        const slow = bruteForce(problem);
        expect(Math.abs(fast.evidence / slow.evidence - 1)).toBeLessThan(1e-10);
        fast.faults.forEach((value, fault) => {
          expect(value).toBeCloseTo(slow.faults[fault]!, 10);
        });
        fast.groups.forEach((value, group) => {
          expect(value).toBeCloseTo(slow.groups[group]!, 10);
        });
      }),
      { numRuns: 300 },
    );
  });

  it('agrees with an independent Bayesian library (bayesjs, junction tree) to 1e-6', () => {
    fc.assert(
      fc.property(problems(4, 4), (problem) => {
        const network = asBayesNetwork(problem);
        const given = Object.fromEntries(
          problem.answers.map((answer, index) => [`answer${index}`, `${answer.level}`]),
        );
        const ours = posteriorOf(problem);
        problem.priors.forEach((_, fault) => {
          const theirs = infer(network as never, { [`fault${fault}`]: 'T' }, given);
          expect(Math.abs(ours.faults[fault]! - theirs)).toBeLessThan(1e-6);
        });
      }),
      { numRuns: 25 },
    );
  });
});

describe('weights', () => {
  it('add up to the posterior odds for every group', () => {
    fc.assert(
      fc.property(problems(6, 5), (problem) => {
        const { prior, bits } = weightsOf(problem, posteriorOf(problem), planOf(problem));
        const { groups } = posteriorOf(problem);
        groups.forEach((probability, group) => {
          const sum = bits.reduce((total, row) => total + row[group]!, prior[group]!);
          expect(sum).toBeCloseTo(Math.log2(probability / (1 - probability)), 6);
        });
      }),
      { numRuns: 60 },
    );
  });
});

describe('one answer alone', () => {
  it('leaves each fault the chance that the sum over all combinations gives it', () => {
    fc.assert(
      fc.property(problems(6, 1), (problem) => {
        const exact = posteriorOf(problem).faults;
        faultsAfter(problem.answers[0]!, problem).forEach((chance, fault) => {
          expect(chance).toBeCloseTo(exact[fault]!, 9);
        });
      }),
      { numRuns: 200 },
    );
  });
});

describe('some of the answers', () => {
  it('are summed along the order found for all of them as along one of their own', () => {
    fc.assert(
      fc.property(problems(7, 5), fc.array(fc.boolean(), { minLength: 5, maxLength: 5 }), (all, chosen) => {
        const abnormal = all.answers.filter(({ level }) => level > 0);
        const places = [...abnormal.keys()].filter((place) => chosen[place]);
        const some = { ...all, answers: places.map((place) => abnormal[place]!) };
        const own = faultsOf(some);
        faultsOf(some, planFor(places, planOf(all))).forEach((chance, fault) => {
          expect(chance).toBeCloseTo(own[fault]!, 10);
        });
      }),
      { numRuns: 200 },
    );
  });
});

describe('explanations and forecasts', () => {
  it('hold a cause that explains nothing by itself, with what it brings about', () => {
    // What is seen is all of fault 2, which comes by itself, and of fault 1, which fault 0 brings about.
    const seen = { level: 1, leak: Float64Array.of(1 - 1e-7, 1) };
    const shows = Float64Array.of(0.05, 1);
    const problem: Problem = {
      priors: Float64Array.of(1e-3, 0.75, 1e-3),
      above: Int32Array.of(-1, 0, -1),
      places: new Uint8Array(3),
      groups: [[0], [1, 2]],
      answers: [0, 1].map(() => ({
        ...seen,
        parents: [1, 2].map((fault) => ({ fault, cumulative: shows })),
      })),
    };
    const { faults } = posteriorOf(problem);
    const { list } = explain(problem, faults);
    const held = list.reduce((sum, set) => sum + (set.faults.includes(0) ? set.probability : 0), 0);
    expect(faults[0]).toBeGreaterThan(0.4);
    expect(held).toBeCloseTo(faults[0]!, 3);
  });

  it('with every fault considered, hold the whole posterior and foretell the exact information', () => {
    fc.assert(
      fc.property(problems(5, 4), cumulatives, cumulatives, (problem, leak, strength) => {
        const { faults } = posteriorOf(problem);
        const all = explain(problem, faults, { faults: 5, sets: 64, depth: 5, tail: 0 });
        expect(all.captured).toBeCloseTo(1, 12);
        const question = {
          leak,
          parents: [
            { fault: 0, cumulative: strength },
            { fault: 3, cumulative: strength },
          ],
        };
        const told = forecast(question, forecastIndex(all, faults, [[3], [0]]));
        const exact = exactForecast(problem, question);
        // What only might be brought about is not told apart in the sets: its own share of the information is left out.
        const chained = problem.above.some((over) => over >= 0);
        if (chained) expect(told.bits).toBeLessThanOrEqual(exact.bits + 1e-9);
        else expect(told.bits).toBeCloseTo(exact.bits, 9);
        told.levels.forEach((chance, level) => {
          expect(chance).toBeCloseTo(exact.levels[level]!, 9);
          expect(told.after[level]![1]!).toBeCloseTo(exact.after[level]!, 8);
        });
        // What hangs on a fault, by the variance that asking the exact posterior takes off its chance.
        const matters = [0, 3].map((fault) => ({ faults: [fault], minutes: 10 + fault }));
        const saves = savingOf(question, forecastIndex(all, faults, [], matters));
        const exactSaves = matters.reduce((sum, { faults: [fault], minutes }) => {
          const asked = exact.chances.map((each) => each[fault!]!);
          const squares = asked.reduce(
            (total, chance, level) => total + exact.levels[level]! * chance ** 2,
            0,
          );
          return sum + minutes * (squares - faults[fault!]! ** 2);
        }, 0);
        if (chained) expect(saves).toBeLessThanOrEqual(exactSaves + 1e-9);
        else expect(saves).toBeCloseTo(exactSaves, 9);
      }),
      { numRuns: 60 },
    );
  });
});

/** The same by asking the exact posterior for each possible answer in turn. */
function exactForecast(problem: Problem, question: { leak: Float64Array; parents: Answer['parents'] }) {
  const before = posteriorOf(problem).evidence;
  const asked = [0, 1, 2].map((level) =>
    posteriorOf({ ...problem, answers: [...problem.answers, { ...question, level }] }),
  );
  const levels = asked.map((posterior) => posterior.evidence / before);
  const entropy = (chances: readonly number[]) =>
    chances.reduce((sum, chance) => (chance > 0 ? sum - chance * Math.log2(chance) : sum), 0);
  let conditional = 0;
  for (let mask = 0; mask < 1 << problem.priors.length; mask++) {
    const present = Array.from(problem.priors, (_, fault) => (mask & (1 << fault)) !== 0);
    const upTo = (level: number) =>
      question.parents.reduce(
        (product, { fault, cumulative }) =>
          present[fault] ? product * atOrBelow(cumulative, level) : product,
        atOrBelow(question.leak, level),
      );
    conditional +=
      (jointOf(problem, present) / before) * entropy([upTo(0), upTo(1) - upTo(0), upTo(2) - upTo(1)]);
  }
  return {
    bits: entropy(levels) - conditional,
    levels,
    after: asked.map((posterior) => posterior.faults[0]!),
    chances: asked.map((posterior) => posterior.faults),
  };
}
