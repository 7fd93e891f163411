import { foldNormal } from './fold';
import { atOrBelow, type Problem, standingChances } from './problem';

/** A set of faults present together, and its share of the posterior. */
export type Explanation = { faults: readonly number[]; probability: number };

export type Explanations = {
  /** Heaviest first. Faults outside `considered` are summed over, not absent. */
  list: Explanation[];
  /** Faults the sets are drawn from. */
  considered: readonly number[];
  /** Of every other fault: the considered one it hangs on, −1 for none, and its chance given that one. */
  hangsOn: Int32Array;
  share: Float64Array;
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

/**
 * A set under growth: bit i on means `considered[i]` is present. Weights are kept as natural logarithms: with two hundred
 * abnormal answers they lie below what a double can hold.
 */
type Candidate = { mask: number; weight: number };
/** A set that is grown on: how each answer stands with it. */
type Base = Candidate & { odds: number; below: Float64Array; atMost: Float64Array };
/** A set weighed but not laid out yet: most are never grown on. */
type Weighed = Candidate & { base: Base; added: number };

/** However deep, at least this many sets are grown on. */
const NARROWEST = 20;

/** A product of weights is turned into a logarithm before it grows past this. */
const LARGEST = 1e200;

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
  const hanging = hangingOn(problem, considered);
  const grow = growerFor(problem, considered, hanging);

  const empty = grow.empty();
  const all: Candidate[] = [empty];
  const seen = new Set<number>([0]);
  let frontier: Base[] = [empty];
  let heaviestYet = empty.weight;
  const floor = Math.log(breadth.tail * NEGLIGIBLE_SHARE);
  for (let depth = 0; depth < breadth.depth && frontier.length > 0; depth++) {
    const next: Weighed[] = [];
    let best = heaviestYet;
    for (const base of frontier) {
      for (let index = 0; index < considered.length; index++) {
        const mask = base.mask | (1 << index);
        // What another brings about is only there with it.
        if (seen.has(mask) || (grow.needs[index]! & ~base.mask) !== 0) continue;
        seen.add(mask);
        const weight = grow.weigh(base, index);
        // Most sets weigh nothing beside the best: they are not worth sorting.
        if (!(weight > best + floor)) continue;
        if (weight > best) best = weight;
        next.push({ mask, base, added: index, weight });
      }
    }
    heaviestYet = best;
    next.sort((left, right) => right.weight - left.weight || left.mask - right.mask);
    for (const candidate of next) all.push(candidate);
    const least = next.length > 0 ? next[0]!.weight + Math.log(NEGLIGIBLE) : 0;
    frontier = next
      .slice(0, Math.max(NARROWEST, breadth.sets >> depth))
      .filter((candidate) => candidate.weight > least)
      .map((candidate) => grow.layOut(candidate));
  }

  all.sort((left, right) => right.weight - left.weight || left.mask - right.mask);
  const shares = all.map(({ weight }) => Math.exp(weight - all[0]!.weight));
  const total = shares.reduce((sum, share) => sum + share, 0);
  const kept = heaviest(shares, breadth.sets * 2, total * (1 - breadth.tail));
  const keptWeight = kept.reduce((sum, share) => sum + share, 0);
  return {
    list: kept.map((share, at) => ({
      faults: considered.filter((_, index) => (all[at]!.mask & (1 << index)) !== 0),
      probability: share / keptWeight,
    })),
    considered,
    ...hanging,
    captured: keptWeight / total,
  };
}

/** The considered fault that each hangs on (itself when it is one), and the chance that it comes with that one. */
function hangingOn(problem: Problem, considered: readonly number[]): Pick<Explanations, 'hangsOn' | 'share'> {
  const { priors } = foldNormal(problem, problem.answers);
  const chosen = new Set(considered);
  const hangsOn = new Int32Array(priors.length).fill(-1);
  const share = new Float64Array(priors.length).fill(1);
  for (let fault = 0; fault < priors.length; fault++) {
    const over = problem.above[fault]!;
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

/** What a fault does to an abnormal answer. */
type Effect = { index: number; below: number; atMost: number };

function scale(to: { below: number; atMost: number }, by: { below: number; atMost: number }): void {
  to.below *= by.below;
  to.atMost *= by.atMost;
}

function addEffect(effects: Effect[], index: number, by: { below: number; atMost: number }): void {
  const before = effects.find((effect) => effect.index === index);
  if (before) scale(before, by);
  else effects.push({ index, ...by });
}

function growerFor(
  problem: Problem,
  considered: readonly number[],
  hanging: Pick<Explanations, 'hangsOn' | 'share'>,
) {
  const { above } = problem;
  // An unremarkable answer only takes its share from each fault present: it is taken into that fault's chance once.
  const { priors } = foldNormal(problem, problem.answers);
  const standing = standingChances(priors, above);
  const answers = problem.answers.filter((answer) => answer.level > 0);
  // What it can bring about is absent until it is added itself.
  const odds = considered.map((fault) =>
    Math.log(
      considered.reduce(
        (product, each) => (above[each] === fault ? product * (1 - priors[each]!) : product),
        priors[fault]! / (1 - priors[fault]!),
      ),
    ),
  );
  const needs = considered.map((fault) => {
    const at = considered.indexOf(above[fault]!);
    return at < 0 ? 0 : 1 << at;
  });
  const effects = considered.map((): Effect[] => []);
  const place = new Map(considered.map((fault, index) => [fault, index]));
  const rest = answers.map(() => ({ below: 1, atMost: 1 }));
  answers.forEach((answer, index) => {
    for (const { fault, cumulative } of answer.parents) {
      const below = atOrBelow(cumulative, answer.level - 1);
      const atMost = atOrBelow(cumulative, answer.level);
      const on = hanging.hangsOn[fault]!;
      const part = on < 0 ? standing[fault]! : hanging.share[fault]!;
      const softened = { below: 1 - part * (1 - below), atMost: 1 - part * (1 - atMost) };
      if (on < 0) scale(rest[index]!, softened);
      else addEffect(effects[place.get(on)!]!, index, softened);
    }
  });
  const weighWhole = (base: Base, added: number): number => {
    let weight = base.odds + odds[added]!;
    const touched = new Map(effects[added]!.map((effect) => [effect.index, effect]));
    for (let index = 0; index < answers.length; index++) {
      const effect = touched.get(index);
      weight += Math.log(
        base.atMost[index]! * (effect?.atMost ?? 1) - base.below[index]! * (effect?.below ?? 1),
      );
    }
    return weight;
  };
  return {
    needs,
    empty(): Base {
      const below = new Float64Array(answers.length);
      const atMost = new Float64Array(answers.length);
      answers.forEach((answer, index) => {
        below[index] = atOrBelow(answer.leak, answer.level - 1) * rest[index]!.below;
        atMost[index] = atOrBelow(answer.leak, answer.level) * rest[index]!.atMost;
      });
      let weight = 0;
      for (let index = 0; index < answers.length; index++) weight += Math.log(atMost[index]! - below[index]!);
      return { mask: 0, odds: 0, weight, below, atMost };
    },
    /** The weight of a set with one fault more: only the answers that fault bears on change. */
    weigh(base: Base, added: number): number {
      if (base.weight === Number.NEGATIVE_INFINITY) return weighWhole(base, added);
      const { atMost, below } = base;
      let weight = base.weight + odds[added]!;
      let factor = 1;
      for (const effect of effects[added]!) {
        const { index } = effect;
        factor *=
          (atMost[index]! * effect.atMost - below[index]! * effect.below) / (atMost[index]! - below[index]!);
        // One logarithm for many factors, as long as their product can be held.
        if (factor > LARGEST) {
          weight += Math.log(factor);
          factor = 1;
        }
      }
      return weight + Math.log(factor);
    },
    layOut({ base, added, mask, weight }: Weighed): Base {
      const below = base.below.slice();
      const atMost = base.atMost.slice();
      for (const effect of effects[added]!) {
        below[effect.index]! *= effect.below;
        atMost[effect.index]! *= effect.atMost;
      }
      return { mask, weight, odds: base.odds + odds[added]!, below, atMost };
    },
  };
}
