import { type Folded, foldFactors } from './fold';
import { evidenceOver } from './passes';
import type { Plan } from './plan';
import { planOf } from './posterior';
import { type Answer, atOrBelow, type Problem, standingChances } from './problem';

/** How many answers of a region are summed exactly, the others bounded: 2^8 weights. */
const SUMMED = 8;
/** Turns in which the leaks are raised, each by so much of what is wanted; past this little is left to gain. */
const TURNS = 12;
const STEP = 0.6;
const ENOUGH = 0.01;
/** Where nothing overlaps, what is least settled is split. */
const UNSETTLED = 1e-6;

/** Part of all combinations: these faults there, those not, the rest free. What stands under one that is not there is not free. */
export type Region = { present: readonly number[]; absent: readonly number[] };

/**
 * What all regions of a problem share: its abnormal answers, and what each fault does to them. A region is looked at in a
 * millisecond or two, and there are hundreds: what faults do lies in flat lists, one entry for a fault and an answer.
 */
export type Ground = {
  /** The unremarkable answers taken into the chances, and left off. */
  problem: Problem;
  /** By fault, where its entries begin; one more for the end. */
  first: Int32Array;
  /** Of each entry its answer, and how the fault leaves that: at most at its level, and below it. */
  answerAt: Int32Array;
  atMost: Float64Array;
  below: Float64Array;
  /** By answer, its faults and all that is above them, the last of the list first, and the share that each leaves below its level. */
  chains: readonly Chain[];
};

type Chain = { faults: Int32Array; shares: Float64Array };

/** @param problem its unremarkable answers taken into the chances already, and left off */
export function groundOf(problem: Problem): Ground {
  const entries = Array.from(problem.priors, (): { answer: number; atMost: number; below: number }[] => []);
  problem.answers.forEach(({ level, parents }, answer) => {
    for (const { fault, cumulative } of parents) {
      const below = atOrBelow(cumulative, level - 1);
      entries[fault]!.push({ answer, atMost: atOrBelow(cumulative, level), below });
    }
  });
  const first = new Int32Array(entries.length + 1);
  entries.forEach((list, fault) => {
    first[fault + 1] = first[fault]! + list.length;
  });
  const all = entries.flat();
  return {
    problem,
    first,
    answerAt: Int32Array.from(all, ({ answer }) => answer),
    atMost: Float64Array.from(all, ({ atMost }) => atMost),
    below: Float64Array.from(all, ({ below }) => below),
    chains: problem.answers.map((answer) => chainOf(answer, problem.above)),
  };
}

function chainOf({ level, parents }: Answer, above: Int32Array): Chain {
  const shares = new Map<number, number>();
  for (const { fault, cumulative } of parents) {
    const atMost = atOrBelow(cumulative, level);
    shares.set(fault, atMost > 0 ? atOrBelow(cumulative, level - 1) / atMost : 1);
  }
  for (const { fault } of parents)
    for (let over = above[fault]!; over >= 0; over = above[over]!) if (!shares.has(over)) shares.set(over, 1);
  const faults = [...shares.keys()].sort((one, other) => other - one);
  return {
    faults: Int32Array.from(faults),
    shares: Float64Array.from(faults, (fault) => shares.get(fault)!),
  };
}

/** A region with what its combinations weigh together, in natural logarithms: not more than `most`, not less than `least`. */
export type Bounded = Region & {
  most: number;
  least: number;
  /** A sum whose combinations each weigh at least what they do in truth, and together `most`. */
  over: Problem;
  plan: Plan;
  /** The fault to split it at; nothing where it is exact. */
  splitAt: number | undefined;
  /** Where the leaks were raised to: a part of it begins there. */
  raised: Float64Array;
};

/**
 * What a region weighs, from above and from below.
 *
 * Let A be its loosest answers, which are summed exactly, and B the others. With x_b the share that leak and present
 * faults leave below the level, of what they leave at or below it, P(b | free faults T) = prod atMost_f (1 - x_b prod
 * below_f / atMost_f).
 *
 * From above: the logarithm of the last bracket is submodular in T (it is log(1 - exp(-s)) of a sum s over T, concave),
 * so the factor by which all of T raises it is at most the product of the factors by which each fault alone does. That
 * makes B a factor of each fault, folded into its chance. A higher leak makes no answer less likely, so the bound holds
 * with any 1 - x_b or more in its place: each is raised to where the answer is explained once in the sum that bounds it,
 * which is where that sum is least (its derivative there is zero).
 *
 * From below: with the factors atMost folded into the chances, the brackets all grow with T, and faults that come about
 * independently are positively associated: the mean of their product is at least that of A times those of each of B
 * (Harris 1960, Fortuin, Kasteleyn and Ginibre 1971; from memory).
 * @param start leaks to begin raising at
 * @param count how many answers are summed exactly
 */
export function boundedOf(
  ground: Ground,
  region: Region,
  start?: Float64Array,
  count: number = SUMMED,
): Bounded {
  const settled = settledIn(ground, region);
  const means = meansOf(ground, settled);
  const raised = raisedFor(ground, settled, start ?? means);
  const summed = new Set(loosest(ground, raised).slice(0, count));
  const { problem } = ground;
  const answers = problem.answers.filter((_, answer) => summed.has(answer));
  let others = settled.log;
  let most = 0;
  let least = 0;
  for (let answer = 0; answer < means.length; answer++) {
    if (summed.has(answer)) continue;
    others += Math.log(settled.atMost[answer]!);
    most += Math.log(raised.leaks[answer]!);
    least += Math.log(means[answer]!);
  }
  const isBounded = (entry: number) => !summed.has(ground.answerAt[entry]!);
  const gains = factorsOver(ground, raised.leaks);
  const upper = folded(
    ground,
    settled,
    gains.map((gain, entry) => (isBounded(entry) ? gain : 1)),
  );
  const lower = folded(
    ground,
    settled,
    ground.atMost.map((atMost, entry) => (isBounded(entry) ? atMost : 1)),
  );
  const over = { ...problem, priors: upper.priors, answers };
  const plan = planOf(over);
  most += others + Math.log(upper.evidence * evidenceOver(over, plan));
  least += others + Math.log(lower.evidence * evidenceOver({ ...over, priors: lower.priors }, plan));
  return {
    ...region,
    most,
    // Summed in another order, one may pass the other by rounding.
    least: Math.min(least, most),
    over,
    plan,
    splitAt: splitOf(ground, settled, raised),
    raised: raised.leaks,
  };
}

/** A region as it stands: chances 1 and 0 of what is settled, and what leak and present faults make of each answer. */
type Settled = {
  priors: Float64Array;
  isSettled: Uint8Array;
  atMost: Float64Array;
  /** Of that, the share below the level. */
  below: Float64Array;
  /** The chance of what is settled, as a logarithm. */
  log: number;
};

function settledIn(ground: Ground, { present, absent }: Region): Settled {
  const { problem, first, answerAt } = ground;
  const priors = problem.priors.slice();
  const isSettled = new Uint8Array(priors.length);
  const atMost = Float64Array.from(problem.answers, ({ leak, level }) => atOrBelow(leak, level));
  const below = Float64Array.from(problem.answers, ({ leak, level }) => atOrBelow(leak, level - 1));
  let log = 0;
  for (const fault of absent) log += Math.log(1 - priors[fault]!);
  for (const fault of present) {
    log += Math.log(priors[fault]!);
    for (let entry = first[fault]!; entry < first[fault + 1]!; entry++) {
      atMost[answerAt[entry]!]! *= ground.atMost[entry]!;
      below[answerAt[entry]!]! *= ground.below[entry]!;
    }
  }
  for (const fault of absent) priors[fault] = 0;
  for (const fault of present) priors[fault] = 1;
  for (const fault of [...absent, ...present]) isSettled[fault] = 1;
  below.forEach((value, answer) => {
    below[answer] = atMost[answer]! > 0 ? value / atMost[answer]! : 0;
  });
  return { priors, isSettled, atMost, below, log };
}

/** Factors of the free faults taken into the chances. @param factors by entry */
function folded({ problem, first }: Ground, { priors, isSettled }: Settled, factors: Float64Array): Folded {
  const whole = new Float64Array(priors.length).fill(1);
  for (let fault = 0; fault < whole.length; fault++) {
    if (isSettled[fault] === 1) continue;
    let product = 1;
    for (let entry = first[fault]!; entry < first[fault + 1]!; entry++) product *= factors[entry]!;
    whole[fault] = product;
  }
  return foldFactors(priors, problem.above, whole);
}

/** By answer, how likely it is at its level, given that it is not past it and that no other is. */
function meansOf(ground: Ground, settled: Settled): Float64Array {
  const { above } = ground.problem;
  const { priors } = folded(ground, settled, ground.atMost);
  // What stands under a fault has been gone through before it, and leaves it at 1 again for the next answer.
  const under = new Float64Array(priors.length).fill(1);
  return Float64Array.from(ground.chains, ({ faults, shares }, answer) => {
    let left = 1;
    for (let at = 0; at < faults.length; at++) {
      const fault = faults[at]!;
      const chance = priors[fault]!;
      const share = settled.isSettled[fault] === 1 ? 1 : shares[at]!;
      const stays = 1 - chance + chance * share * under[fault]!;
      under[fault] = 1;
      if (above[fault]! < 0) left *= stays;
      else under[above[fault]!]! *= stays;
    }
    return 1 - settled.below[answer]! * left;
  });
}

/** By entry, by how much the fault alone raises the answer's chance at most, over a raised leak. */
function factorsOver({ answerAt, atMost, below }: Ground, leaks: Float64Array): Float64Array {
  const factors = new Float64Array(answerAt.length);
  for (let entry = 0; entry < factors.length; entry++)
    factors[entry] = below[entry]! + (atMost[entry]! - below[entry]!) / leaks[answerAt[entry]!]!;
  return factors;
}

/** By entry, how often the answer is explained by the fault in the sum over raised leaks; the rest would be there without it. */
function explainedBy(
  ground: Ground,
  { isSettled }: Settled,
  leaks: Float64Array,
  chances: Float64Array,
): Float64Array {
  const { first, answerAt, atMost, below } = ground;
  const explained = new Float64Array(answerAt.length);
  for (let fault = 0; fault < chances.length; fault++) {
    if (isSettled[fault] === 1) continue;
    for (let entry = first[fault]!; entry < first[fault + 1]!; entry++) {
      const gain = atMost[entry]! - below[entry]!;
      if (gain > 0)
        explained[entry] = (chances[fault]! * gain) / (gain + leaks[answerAt[entry]!]! * below[entry]!);
    }
  }
  return explained;
}

/** Leaks as they are raised, the chances in the sum over them, and how often each answer is explained there: by entry, and in all. */
type Raised = {
  leaks: Float64Array;
  chances: Float64Array;
  explained: Float64Array;
  inAll: Float64Array;
  log: number;
};

function raisedFor(ground: Ground, settled: Settled, start: Float64Array): Raised {
  const least = settled.below.map((below) => 1 - below);
  const within = (leak: number, answer: number) => Math.min(1, Math.max(least[answer]!, leak));
  let best = atLeaks(ground, settled, start.map(within));
  for (let turn = 0; turn < TURNS; turn++) {
    const { leaks, inAll, log } = best;
    const next = leaks.map((leak, answer) => within(leak * inAll[answer]! ** STEP, answer));
    const trial = atLeaks(ground, settled, next);
    if (trial.log > log) break;
    best = trial;
    if (log - trial.log < ENOUGH) break;
  }
  return best;
}

/** The sum that bounds a region with its leaks raised so far. */
function atLeaks(ground: Ground, settled: Settled, leaks: Float64Array): Raised {
  const { priors, evidence } = folded(ground, settled, factorsOver(ground, leaks));
  const chances = standingChances(priors, ground.problem.above);
  const explained = explainedBy(ground, settled, leaks, chances);
  const inAll = new Float64Array(leaks.length);
  for (let entry = 0; entry < explained.length; entry++) inAll[ground.answerAt[entry]!]! += explained[entry]!;
  const log = leaks.reduce((sum, leak) => sum + Math.log(leak), Math.log(evidence));
  return { leaks, chances, explained, inAll, log };
}

/** The answers by how much they are explained more than once, most first: their bound has the most to lose. */
function loosest({ answerAt }: Ground, { explained, inAll }: Raised): number[] {
  const twice = inAll.map((times) => times * times);
  for (let entry = 0; entry < explained.length; entry++) twice[answerAt[entry]!]! -= explained[entry]! ** 2;
  return [...twice.keys()].sort((left, right) => twice[right]! - twice[left]! || left - right);
}

/**
 * The free fault that is likely there and explains, with all that hangs under it, much that others explain as well: settled,
 * it leaves the least to be explained twice. By trial on drawn cars, against the most overlap alone and the least settled.
 */
function splitOf(
  { problem: { above }, first, answerAt }: Ground,
  { priors, isSettled }: Settled,
  { chances, explained, inAll }: Raised,
): number | undefined {
  const overlap = new Float64Array(priors.length);
  let best: number | undefined;
  let most = 0;
  // What hangs under a fault comes after it in the list.
  for (let fault = priors.length - 1; fault >= 0; fault--) {
    if (isSettled[fault] === 1) continue;
    for (let entry = first[fault]!; entry < first[fault + 1]!; entry++)
      overlap[fault]! += explained[entry]! * (inAll[answerAt[entry]!]! - explained[entry]!);
    const parent = above[fault]!;
    if (parent >= 0) overlap[parent]! += overlap[fault]!;
    if (parent >= 0 && priors[parent] !== 1) continue;
    const chance = chances[fault]!;
    // Of one fault alone the overlap is nothing, but for rounding.
    const worth = chance * Math.sqrt(Math.max(0, overlap[fault]!)) + UNSETTLED * chance * (1 - chance);
    if (worth > most) {
      most = worth;
      best = fault;
    }
  }
  return best;
}
