import { atOrBelow, type Problem } from './problem';

/** A set of faults present together, and its share of the posterior. */
export type Explanation = { faults: readonly number[]; probability: number };

export type Explanations = {
  /** Heaviest first. Faults outside `considered` are summed over, not absent. */
  list: Explanation[];
  /** Faults the sets are drawn from. */
  considered: readonly number[];
  /** Sum of all weights found, as a share of the evidence: 1 when nothing was left out. */
  captured: number;
};

export type Breadth = { faults: number; sets: number; depth: number };

/** Wide enough that common cases are captured nearly whole, narrow enough to stay within a frame. */
export const DEFAULT_BREADTH: Breadth = { faults: 28, sets: 160, depth: 4 };

type Candidate = { faults: number[]; weight: number; below: Float64Array; atMost: Float64Array };

/**
 * The combinations of faults that explain the answers best, by growing the heaviest sets one fault at a time.
 * Faults that matter little (by `marginals`) are summed over approximately as independent leaks, so a set means
 * "these, and of the rest whatever is likely".
 * @param marginals P(fault | answers), exact, from `posteriorOf`
 */
export function explain(problem: Problem, marginals: Float64Array, breadth: Breadth = DEFAULT_BREADTH): Explanations {
  const considered = [...marginals.keys()]
    .sort((left, right) => marginals[right]! - marginals[left]! || left - right)
    .slice(0, breadth.faults)
    .sort((left, right) => left - right);
  const grow = growerFor(problem, marginals, considered);

  const empty = grow.empty();
  const found = new Map<string, Candidate>([['', empty]]);
  let frontier: Candidate[] = [empty];
  for (let depth = 0; depth < breadth.depth; depth++) {
    const next: Candidate[] = [];
    for (const base of frontier) {
      for (const fault of considered) {
        if (base.faults.includes(fault)) continue;
        const faults = [...base.faults, fault].sort((left, right) => left - right);
        const key = faults.join();
        if (found.has(key)) continue;
        const candidate = grow.add(base, fault, faults);
        found.set(key, candidate);
        next.push(candidate);
      }
    }
    frontier = next.sort((left, right) => right.weight - left.weight).slice(0, breadth.sets >> depth);
    if (frontier.length === 0) break;
  }

  const all = [...found.values()].sort((left, right) => right.weight - left.weight);
  const total = all.reduce((sum, candidate) => sum + candidate.weight, 0);
  const kept = all.slice(0, breadth.sets * 2).filter((candidate) => candidate.weight > 0);
  const keptWeight = kept.reduce((sum, candidate) => sum + candidate.weight, 0);
  return {
    list: kept.map(({ faults, weight }) => ({ faults, probability: weight / keptWeight })),
    considered,
    captured: total === 0 ? 0 : keptWeight / total,
  };
}

function growerFor(problem: Problem, marginals: Float64Array, considered: readonly number[]) {
  const { answers } = problem;
  const chosen = new Set(considered);
  const effects = considered.map((fault) =>
    answers.flatMap((answer, index) => {
      const parent = answer.parents.find((candidate) => candidate.fault === fault);
      return parent ? [{ index, below: atOrBelow(parent.cumulative, answer.level - 1), atMost: atOrBelow(parent.cumulative, answer.level) }] : [];
    }),
  );
  const slot = new Map(considered.map((fault, index) => [fault, index]));

  const weigh = (odds: number, below: Float64Array, atMost: Float64Array) => {
    let weight = odds;
    for (let index = 0; index < answers.length; index++) weight *= atMost[index]! - below[index]!;
    return weight;
  };

  return {
    empty(): Candidate {
      const below = new Float64Array(answers.length);
      const atMost = new Float64Array(answers.length);
      answers.forEach((answer, index) => {
        below[index] = atOrBelow(answer.leak, answer.level - 1);
        atMost[index] = atOrBelow(answer.leak, answer.level);
        for (const { fault, cumulative } of answer.parents) {
          if (chosen.has(fault)) continue;
          const share = marginals[fault]!;
          below[index]! *= 1 - share * (1 - atOrBelow(cumulative, answer.level - 1));
          atMost[index]! *= 1 - share * (1 - atOrBelow(cumulative, answer.level));
        }
      });
      return { faults: [], weight: weigh(1, below, atMost), below, atMost };
    },
    add(base: Candidate, fault: number, faults: number[]): Candidate {
      const below = base.below.slice();
      const atMost = base.atMost.slice();
      for (const effect of effects[slot.get(fault)!]!) {
        below[effect.index]! *= effect.below;
        atMost[effect.index]! *= effect.atMost;
      }
      const odds = faults.reduce((product, each) => product * (problem.priors[each]! / (1 - problem.priors[each]!)), 1);
      return { faults, weight: weigh(odds, below, atMost), below, atMost };
    },
  };
}
