import { foldFactors } from './fold';
import { evidenceOver } from './passes';
import { planOf } from './posterior';
import { atOrBelow, type Problem, standingChances } from './problem';

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

/** How a fault leaves an answer: at most at its level, and below it. */
type Effect = { answer: number; atMost: number; below: number };

/** What all regions of a problem share: its abnormal answers, and by fault what it does to them. */
export type Ground = {
  /** The unremarkable answers taken into the chances, and left off. */
  problem: Problem;
  effects: readonly (readonly Effect[])[];
};

/** @param problem its unremarkable answers taken into the chances already, and left off */
export function groundOf(problem: Problem): Ground {
  const effects = Array.from(problem.priors, (): Effect[] => []);
  problem.answers.forEach(({ level, parents }, answer) => {
    for (const { fault, cumulative } of parents) {
      const below = atOrBelow(cumulative, level - 1);
      effects[fault]!.push({ answer, atMost: atOrBelow(cumulative, level), below });
    }
  });
  return { problem, effects };
}

/** A region with what its combinations weigh together, in natural logarithms: not more than `most`, not less than `least`. */
export type Bounded = Region & {
  most: number;
  least: number;
  /** A sum whose combinations each weigh at least what they do in truth, and together `most`. */
  over: Problem;
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
  const summed = new Set(loosest(ground, settled, raised).slice(0, count));
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
  const isBounded = ({ answer }: Effect) => !summed.has(answer);
  const upper = folded(ground, settled, (effect) => (isBounded(effect) ? factorOf(effect, raised.leaks) : 1));
  const lower = folded(ground, settled, (effect) => (isBounded(effect) ? effect.atMost : 1));
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

function settledIn({ problem, effects }: Ground, { present, absent }: Region): Settled {
  const priors = problem.priors.slice();
  const isSettled = new Uint8Array(priors.length);
  const atMost = Float64Array.from(problem.answers, ({ leak, level }) => atOrBelow(leak, level));
  const below = Float64Array.from(problem.answers, ({ leak, level }) => atOrBelow(leak, level - 1));
  let log = 0;
  for (const fault of absent) log += Math.log(1 - priors[fault]!);
  for (const fault of present) {
    log += Math.log(priors[fault]!);
    for (const effect of effects[fault]!) {
      atMost[effect.answer]! *= effect.atMost;
      below[effect.answer]! *= effect.below;
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

/** Factors of the free faults taken into the chances. */
function folded(
  { problem, effects }: Ground,
  { priors, isSettled }: Settled,
  factor: (effect: Effect) => number,
) {
  const factors = new Float64Array(priors.length).fill(1);
  for (let fault = 0; fault < factors.length; fault++)
    if (isSettled[fault] === 0) for (const effect of effects[fault]!) factors[fault]! *= factor(effect);
  return foldFactors(priors, problem.above, factors);
}

/** By answer, how likely it is at its level, given that it is not past it and that no other is. */
function meansOf(ground: Ground, settled: Settled): Float64Array {
  const { above, answers } = ground.problem;
  const { priors } = folded(ground, settled, ({ atMost }) => atMost);
  return Float64Array.from(answers, ({ level, parents }, answer) => {
    const factors = new Float64Array(priors.length).fill(1);
    for (const { fault, cumulative } of parents) {
      const atMost = atOrBelow(cumulative, level);
      if (settled.isSettled[fault] === 0 && atMost > 0)
        factors[fault] = atOrBelow(cumulative, level - 1) / atMost;
    }
    return 1 - settled.below[answer]! * foldFactors(priors, above, factors).evidence;
  });
}

/** By how much a fault alone raises an answer's chance at most, over a raised leak. */
const factorOf = ({ answer, atMost, below }: Effect, leaks: Float64Array): number =>
  below + (atMost - below) / leaks[answer]!;

/** The part of such a factor that explains the answer: the rest would be there without the fault. */
function explainedBy({ answer, atMost, below }: Effect, leaks: Float64Array): number {
  const gain = atMost - below;
  return gain > 0 ? gain / (gain + leaks[answer]! * below) : 0;
}

/** Leaks as they are raised, the chances in the sum over them, and how often each answer is explained there. */
type Raised = { leaks: Float64Array; chances: Float64Array; explained: Float64Array; log: number };

function raisedFor(ground: Ground, settled: Settled, start: Float64Array): Raised {
  const least = settled.below.map((below) => 1 - below);
  const within = (leak: number, answer: number) => Math.min(1, Math.max(least[answer]!, leak));
  let best = atLeaks(ground, settled, start.map(within));
  for (let turn = 0; turn < TURNS; turn++) {
    const { leaks, explained, log } = best;
    const next = leaks.map((leak, answer) => within(leak * explained[answer]! ** STEP, answer));
    const trial = atLeaks(ground, settled, next);
    if (trial.log > log) break;
    best = trial;
    if (log - trial.log < ENOUGH) break;
  }
  return best;
}

/** The sum that bounds a region with its leaks raised so far. */
function atLeaks(ground: Ground, settled: Settled, leaks: Float64Array): Raised {
  const { priors, evidence } = folded(ground, settled, (effect) => factorOf(effect, leaks));
  const chances = standingChances(priors, ground.problem.above);
  const explained = new Float64Array(leaks.length);
  ground.effects.forEach((effects, fault) => {
    if (settled.isSettled[fault] === 1) return;
    for (const effect of effects) explained[effect.answer]! += chances[fault]! * explainedBy(effect, leaks);
  });
  return {
    leaks,
    chances,
    explained,
    log: leaks.reduce((sum, leak) => sum + Math.log(leak), Math.log(evidence)),
  };
}

/** The answers by how much they are explained more than once, most first: their bound has the most to lose. */
function loosest(
  { effects }: Ground,
  { isSettled }: Settled,
  { leaks, chances, explained }: Raised,
): number[] {
  const twice = explained.map((times) => times * times);
  effects.forEach((list, fault) => {
    if (isSettled[fault] === 1) return;
    for (const effect of list) twice[effect.answer]! -= (chances[fault]! * explainedBy(effect, leaks)) ** 2;
  });
  return [...twice.keys()].sort((left, right) => twice[right]! - twice[left]! || left - right);
}

/**
 * The free fault that is likely there and explains, with all that hangs under it, much that others explain as well: settled,
 * it leaves the least to be explained twice. By trial on drawn cars, against the most overlap alone and the least settled.
 */
function splitOf(
  { problem: { above }, effects }: Ground,
  { priors, isSettled }: Settled,
  { leaks, chances, explained }: Raised,
): number | undefined {
  const overlap = new Float64Array(priors.length);
  let best: number | undefined;
  let most = 0;
  // What hangs under a fault comes after it in the list.
  for (let fault = priors.length - 1; fault >= 0; fault--) {
    if (isSettled[fault] === 1) continue;
    const chance = chances[fault]!;
    for (const effect of effects[fault]!) {
      const share = chance * explainedBy(effect, leaks);
      overlap[fault]! += share * (explained[effect.answer]! - share);
    }
    const parent = above[fault]!;
    if (parent >= 0) overlap[parent]! += overlap[fault]!;
    if (parent >= 0 && priors[parent] !== 1) continue;
    // Of one fault alone the overlap is nothing, but for rounding.
    const worth = chance * Math.sqrt(Math.max(0, overlap[fault]!)) + UNSETTLED * chance * (1 - chance);
    if (worth > most) {
      most = worth;
      best = fault;
    }
  }
  return best;
}
