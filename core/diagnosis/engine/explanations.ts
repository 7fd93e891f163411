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

export type Breadth = {
  faults: number;
  sets: number;
  depth: number;
  /** Share of the weight found that may be left off the end of the list. */
  tail: number;
};

/** Wide enough that common cases are captured nearly whole, narrow enough to stay within a frame. */
const DEFAULT_BREADTH: Breadth = { faults: 24, sets: 96, depth: 4, tail: 2e-4 };

/** Sets lighter than this share of the tail, beside the heaviest, are not even kept. */
const NEGLIGIBLE_SHARE = 1e-4;

/** A set under growth: bit i on means `considered[i]` is present. */
type Candidate = { mask: number; weight: number };
/** A set that is grown on: how each answer stands with it. */
type Base = Candidate & { odds: number; below: Float64Array; atMost: Float64Array };
/** A set weighed but not laid out yet: most are never grown on. */
type Weighed = Candidate & { base: Base; added: number };

/** However deep, at least this many sets are grown on. */
const NARROWEST = 20;

/** Sets lighter than this beside the heaviest of their size are not grown further. */
const NEGLIGIBLE = 1e-6;

/**
 * The combinations of faults that explain the answers best, by growing the heaviest sets one fault at a time.
 * Faults that matter little (by `marginals`) are summed over approximately as independent leaks, so a set means
 * "these, and of the rest whatever is likely".
 * @param marginals P(fault | answers), exact, from `posteriorOf`
 * @param ranking by what to choose the faults to consider, when not by the marginals
 */
export function explain(
  problem: Problem,
  marginals: Float64Array,
  breadth: Breadth = DEFAULT_BREADTH,
  ranking: Float64Array = marginals,
): Explanations {
  const considered = [...ranking.keys()]
    .sort((left, right) => ranking[right]! - ranking[left]! || left - right)
    .slice(0, Math.min(30, breadth.faults))
    .sort((left, right) => left - right);
  const grow = growerFor(problem, marginals, considered);

  const empty = grow.empty();
  const all: Candidate[] = [empty];
  const seen = new Set<number>([0]);
  let frontier: Base[] = [empty];
  let heaviestYet = empty.weight;
  const floor = breadth.tail * NEGLIGIBLE_SHARE;
  for (let depth = 0; depth < breadth.depth && frontier.length > 0; depth++) {
    const next: Weighed[] = [];
    let best = heaviestYet;
    for (const base of frontier) {
      for (let index = 0; index < considered.length; index++) {
        const mask = base.mask | (1 << index);
        if (seen.has(mask)) continue;
        seen.add(mask);
        const weight = grow.weigh(base, index);
        // Most sets weigh nothing beside the best: they are not worth sorting.
        if (weight <= best * floor) continue;
        if (weight > best) best = weight;
        next.push({ mask, base, added: index, weight });
      }
    }
    heaviestYet = best;
    next.sort((left, right) => right.weight - left.weight || left.mask - right.mask);
    for (const candidate of next) all.push(candidate);
    const least = next.length > 0 ? next[0]!.weight * NEGLIGIBLE : 0;
    frontier = next
      .slice(0, Math.max(NARROWEST, breadth.sets >> depth))
      .filter((candidate) => candidate.weight > least)
      .map((candidate) => grow.layOut(candidate));
  }

  all.sort((left, right) => right.weight - left.weight || left.mask - right.mask);
  const total = all.reduce((sum, candidate) => sum + candidate.weight, 0);
  const kept = heaviest(all, breadth.sets * 2, total * (1 - breadth.tail));
  const keptWeight = kept.reduce((sum, candidate) => sum + candidate.weight, 0);
  return {
    list: kept.map(({ mask, weight }) => ({
      faults: considered.filter((_, index) => (mask & (1 << index)) !== 0),
      probability: weight / keptWeight,
    })),
    considered,
    captured: total === 0 ? 0 : keptWeight / total,
  };
}

/** The first of a list, until they weigh enough or are too many. */
function heaviest(all: readonly Candidate[], most: number, enough: number): Candidate[] {
  let weight = 0;
  let count = 0;
  while (count < all.length && count < most && weight < enough) {
    weight += all[count]!.weight;
    count += 1;
  }
  return all.slice(0, count);
}

function growerFor(problem: Problem, marginals: Float64Array, considered: readonly number[]) {
  const { priors } = problem;
  const chosen = new Set(considered);
  // An unremarkable answer only takes its share from each fault present: it is taken into that fault's odds once.
  const answers = problem.answers.filter((answer) => answer.level > 0);
  const odds = considered.map((fault) => {
    let own = priors[fault]! / (1 - priors[fault]!);
    for (const { level, parents } of problem.answers) {
      if (level > 0) continue;
      own *= parents.find((parent) => parent.fault === fault)?.cumulative[0] ?? 1;
    }
    return own;
  });
  const effects = considered.map((fault) =>
    answers.flatMap((answer, index) => {
      const parent = answer.parents.find((candidate) => candidate.fault === fault);
      if (!parent) return [];
      const { cumulative } = parent;
      return [
        {
          index,
          below: atOrBelow(cumulative, answer.level - 1),
          atMost: atOrBelow(cumulative, answer.level),
        },
      ];
    }),
  );
  const weighWhole = (base: Base, added: number): number => {
    let weight = base.odds * odds[added]!;
    const touched = new Map(effects[added]!.map((effect) => [effect.index, effect]));
    for (let index = 0; index < answers.length; index++) {
      const effect = touched.get(index);
      weight *= base.atMost[index]! * (effect?.atMost ?? 1) - base.below[index]! * (effect?.below ?? 1);
    }
    return weight;
  };
  return {
    empty(): Base {
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
      let weight = 1;
      for (let index = 0; index < answers.length; index++) weight *= atMost[index]! - below[index]!;
      return { mask: 0, odds: 1, weight, below, atMost };
    },
    /** The weight of a set with one fault more: only the answers that fault bears on change. */
    weigh(base: Base, added: number): number {
      const { atMost, below } = base;
      let weight = base.weight * odds[added]!;
      for (const effect of effects[added]!) {
        const { index } = effect;
        const was = atMost[index]! - below[index]!;
        // Impossible without this fault: there is nothing to scale, the set is weighed from the ground up.
        if (was <= 0) return weighWhole(base, added);
        weight *= (atMost[index]! * effect.atMost - below[index]! * effect.below) / was;
      }
      return base.weight === 0 ? weighWhole(base, added) : weight;
    },
    layOut({ base, added, mask, weight }: Weighed): Base {
      const below = base.below.slice();
      const atMost = base.atMost.slice();
      for (const effect of effects[added]!) {
        below[effect.index]! *= effect.below;
        atMost[effect.index]! *= effect.atMost;
      }
      return { mask, weight, odds: base.odds * odds[added]!, below, atMost };
    },
  };
}
