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
import { roomFor } from './room';

/** A set of faults present together, and its share of the posterior. */
export type Explanation = { faults: readonly number[]; probability: number };

export type Explanations = Hanging & {
  /** Of every fault, the one that brings it about; −1 when it comes by itself. */
  above: Int32Array;
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
const DEFAULT_BREADTH: Breadth = { faults: 28, sets: 96, depth: 4, tail: 2e-4 };

/** Sets lighter than this share of the tail, beside the heaviest, are not even kept. */
const NEGLIGIBLE_SHARE = 1e-3;

/** However deep, at least this many sets are grown on. */
const NARROWEST = 20;

/** Sets lighter than this beside the heaviest of their size are not grown further. */
const NEGLIGIBLE = 1e-6;

/**
 * The combinations of faults that explain the answers best, by growing the heaviest sets one fault at a time, with what brought it about.
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
      faults: heldIn(sets[at]!.mask, considered),
      probability: share / keptWeight,
    })),
    considered,
    above: problem.above,
    ...hanging,
    captured: keptWeight / total,
  };
}

/** The faults of a set. */
function heldIn(mask: number, considered: readonly number[]): number[] {
  const faults: number[] = [];
  for (let index = 0; index < considered.length; index++)
    if ((mask & (1 << index)) !== 0) faults.push(considered[index]!);
  return faults;
}

/** The sets that weigh something, found by growing the heaviest by one addition more; heaviest first. */
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
      .map(layOut);
  }
  return all.sort(heavierFirst);
}

/** Every set of one addition more than these, heaviest first; `seen` gains those that were looked at. */
function grownFrom(
  frontier: readonly Base[],
  growth: Growth,
  seen: Set<number>,
  { best, floor }: { best: number; floor: number },
): { grown: Weighed[]; heaviest: number } {
  const grown: Weighed[] = [];
  let heaviest = best;
  for (const base of frontier) {
    for (const added of growth.additions) {
      // What another brings about is only there with it.
      if ((added.needs & ~base.mask) !== 0 || (added.mask & base.mask) !== 0) continue;
      const mask = base.mask | added.mask;
      const known = seen.size;
      if (seen.add(mask).size === known) continue;
      const weight = weighWith(base, added);
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
  const share = roomFor(priors.length).fill(1);
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

/** A fault that its like brings about is only summed over, with that one, where it is less likely than this. */
const SELDOM = 0.05;

/** The faults that matter most, each with all that is above it; what only might have been brought about is not one. */
function likeliest({ above, answers, groups }: Problem, ranking: Float64Array, most: number): number[] {
  const matters = new Uint8Array(above.length);
  for (const { parents } of answers) for (const { fault } of parents) matters[fault] = 1;
  for (const group of groups) {
    const members = new Set(group);
    for (const fault of group) if (members.has(above[fault]!) && ranking[fault]! < SELDOM) matters[fault] = 0;
  }
  for (let fault = 0; fault < above.length; fault++) if (above[fault]! < 0) matters[fault] = 1;
  const chosen = new Set<number>();
  // Each of those gone through is among the chosen, but for the one too many.
  for (const fault of foremost(matters, ranking, most + 1)) {
    const chain: number[] = [];
    for (let each = fault; each >= 0 && !chosen.has(each); each = above[each]!) chain.push(each);
    if (chosen.size + chain.length > most) break;
    for (const each of chain) chosen.add(each);
  }
  return [...chosen].sort((left, right) => left - right);
}

/** Of the faults that matter, so many by their rank; of two alike, the one that is listed first. */
function foremost(matters: Uint8Array, ranking: Float64Array, count: number): number[] {
  const out: number[] = [];
  for (let fault = 0; fault < ranking.length; fault++) {
    if (matters[fault] === 0) continue;
    if (out.length === count && ranking[fault]! <= ranking[out[count - 1]!]!) continue;
    let at = out.length;
    while (at > 0 && ranking[out[at - 1]!]! < ranking[fault]!) at -= 1;
    out.splice(at, 0, fault);
    if (out.length > count) out.pop();
  }
  return out;
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
