import { foldNormal } from './fold';
import {
  type Base,
  type Candidate,
  emptySet,
  type Growth,
  growthOf,
  type Hanging,
  layOut,
  type Weighed,
  weighWith,
} from './growth';
import type { Problem } from './problem';

/** A set of faults present together, and its share of the posterior. */
export type Explanation = { faults: readonly number[]; probability: number };

export type Explanations = Hanging & {
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

/** However deep, at least this many sets are grown on. */
const NARROWEST = 20;

/** Sets lighter than this beside the heaviest of their size are not grown further. */
const NEGLIGIBLE = 1e-6;

/**
 * The combinations of faults that explain the answers best, by growing the heaviest sets one fault at a time.
 * Faults that matter little are summed over approximately, as independent leaks at their own chance, so a set means
 * "these, and of the rest whatever is likely".
 * @param ranking by what to choose the faults to consider: P(fault | answers), or a first idea of it
 */
export function explain(
  problem: Problem,
  ranking: Float64Array,
  breadth: Breadth = DEFAULT_BREADTH,
): Explanations {
  const considered = likeliest(problem, ranking, Math.min(30, breadth.faults));
  // An unremarkable answer only takes its share from each fault present: it is taken into that fault's chance once.
  const { priors } = foldNormal(problem, problem.answers);
  const hanging = hangingOn(problem.above, priors, considered);
  const sets = heaviestSets(growthOf({ ...problem, priors }, considered, hanging), breadth);
  const shares = sets.map(({ weight }) => Math.exp(weight - sets[0]!.weight));
  const total = shares.reduce((sum, share) => sum + share, 0);
  const kept = heaviest(shares, breadth.sets * 2, total * (1 - breadth.tail));
  const keptWeight = kept.reduce((sum, share) => sum + share, 0);
  return {
    list: kept.map((share, at) => ({
      faults: considered.filter((_, index) => (sets[at]!.mask & (1 << index)) !== 0),
      probability: share / keptWeight,
    })),
    considered,
    ...hanging,
    captured: keptWeight / total,
  };
}

/** The sets that weigh something, found by growing the heaviest of each size by one fault more; heaviest first. */
function heaviestSets(growth: Growth, breadth: Breadth): Candidate[] {
  const empty = emptySet(growth);
  const all: Candidate[] = [empty];
  const seen = new Set<number>([0]);
  const floor = Math.log(breadth.tail * NEGLIGIBLE_SHARE);
  let frontier: Base[] = [empty];
  let best = empty.weight;
  for (let depth = 0; depth < breadth.depth && frontier.length > 0; depth++) {
    const { grown, heaviest } = grownFrom(frontier, growth, seen, { best, floor });
    best = heaviest;
    for (const each of grown) all.push(each);
    const least = grown.length > 0 ? grown[0]!.weight + Math.log(NEGLIGIBLE) : 0;
    frontier = grown
      .slice(0, Math.max(NARROWEST, breadth.sets >> depth))
      .filter((each) => each.weight > least)
      .map((each) => layOut(growth, each));
  }
  return all.sort(heavierFirst);
}

/** Every set of one fault more than these, heaviest first; `seen` gains those that were looked at. */
function grownFrom(
  frontier: readonly Base[],
  growth: Growth,
  seen: Set<number>,
  { best, floor }: { best: number; floor: number },
): { grown: Weighed[]; heaviest: number } {
  const grown: Weighed[] = [];
  let heaviest = best;
  for (const base of frontier) {
    for (let added = 0; added < growth.odds.length; added++) {
      const mask = base.mask | (1 << added);
      // What another brings about is only there with it.
      if (seen.has(mask) || (growth.needs[added]! & ~base.mask) !== 0) continue;
      seen.add(mask);
      const weight = weighWith(growth, base, added);
      // Most sets weigh nothing beside the best: they are not worth sorting.
      if (!(weight > heaviest + floor)) continue;
      if (weight > heaviest) heaviest = weight;
      grown.push({ mask, base, added, weight });
    }
  }
  return { grown: grown.sort(heavierFirst), heaviest };
}

function heavierFirst(left: Candidate, right: Candidate): number {
  return right.weight - left.weight || left.mask - right.mask;
}

/** The considered fault that each hangs on (itself when it is one), and the chance that it comes with that one. */
function hangingOn(above: Int32Array, priors: Float64Array, considered: readonly number[]): Hanging {
  const chosen = new Set(considered);
  const hangsOn = new Int32Array(priors.length).fill(-1);
  const share = new Float64Array(priors.length).fill(1);
  for (let fault = 0; fault < priors.length; fault++) {
    const over = above[fault]!;
    if (chosen.has(fault)) hangsOn[fault] = fault;
    else if (over >= 0 && hangsOn[over]! >= 0) {
      hangsOn[fault] = hangsOn[over]!;
      share[fault] = share[over]! * priors[fault]!;
    }
  }
  return { hangsOn, share };
}

/** The faults that matter most, each with all that is above it; what only might have been brought about is not one. */
function likeliest({ above, answers }: Problem, ranking: Float64Array, most: number): number[] {
  const speaking = new Set<number>();
  for (const { parents } of answers) for (const { fault } of parents) speaking.add(fault);
  const matters = (fault: number) => above[fault]! < 0 || speaking.has(fault);
  const order = [...ranking.keys()]
    .filter(matters)
    .sort((left, right) => ranking[right]! - ranking[left]! || left - right);
  const chosen = new Set<number>();
  for (const fault of order) {
    const chain: number[] = [];
    for (let each = fault; each >= 0 && !chosen.has(each); each = above[each]!) chain.push(each);
    if (chosen.size + chain.length > most) break;
    for (const each of chain) chosen.add(each);
  }
  return [...chosen].sort((left, right) => left - right);
}

/** The first of a list, until they weigh enough or are too many. */
function heaviest(shares: readonly number[], most: number, enough: number): readonly number[] {
  let weight = 0;
  let count = 0;
  while (count < shares.length && count < most && weight < enough) {
    weight += shares[count]!;
    count += 1;
  }
  return shares.slice(0, count);
}
