import { type Folded, foldNormal } from './fold';
import { type Branch, type Plan, planSum, type Step } from './plan';
import { type Answer, atOrBelow, type Problem, rootsOf } from './problem';
import {
  applyFault,
  applyFaultBack,
  closeBit,
  closeBitBack,
  dot,
  mixInto,
  openBit,
  openBitBack,
  scaled,
} from './sets';

export type Posterior = {
  /** P(answers), all faults summed over. */
  evidence: number;
  /** P(fault | answers), by fault index. */
  faults: Float64Array;
  /** P(any fault of the group | answers), by group index. */
  groups: Float64Array;
};

/**
 * The posterior, exact over all combinations of faults.
 *
 * Unremarkable answers factor by fault and are folded into its odds once. For the abnormal ones the weight of each set
 * of answers explained so far is carried through the faults one after another; forward and backward passes together
 * give every marginal. An answer only takes part from the first fault that can explain it to the last (variable
 * elimination), so the cost is 2^width, not 2^answers. What a fault brings about is mixed in while that fault is: it
 * needs no room of its own.
 * Method: Heckerman's quick-score idea in its set form; noisy-OR after Pearl (1988), noisy-MAX after Díez (1993).
 */
export function posteriorOf(problem: Problem, plan: Plan = planOf(problem)): Posterior {
  const { sum, faults, none } = passes(problem, plan);
  return { evidence: sum.evidence, faults, groups: anyOfGroups(problem, sum, faults, none) };
}

/**
 * The same, but a group's chance put together from its faults' (`independentGroups`): near enough for telling how much
 * an answer moved it, at a fraction of the cost.
 */
export function roughPosteriorOf(problem: Problem): Posterior {
  const { sum, faults } = passes(problem, planOf(problem));
  return { evidence: sum.evidence, faults, groups: independentGroups(problem, faults) };
}

/** P(any of each group) as if what is at one place excluded each other and the places were independent. */
export function independentGroups({ groups, places }: Problem, faults: Float64Array): Float64Array {
  return Float64Array.from(groups, (members) => independentAny(members, places, faults));
}

export function independentAny(members: readonly number[], places: Uint8Array, faults: Float64Array): number {
  at.fill(0);
  for (const fault of members) at[places[fault]!]! += faults[fault]!;
  let none = 1;
  for (let place = 0; place < PLACES; place++) none *= Math.max(0, 1 - at[place]!);
  return 1 - none;
}

const PLACES = 5;
const at = new Float64Array(PLACES);

/** The order in which the faults are gone through: groups of faults at the top of their chains. */
export function planOf({ answers, groups, above }: Problem): Plan {
  return planSum(
    answers.filter((answer) => answer.level > 0),
    topsOf(groups, above),
    above,
  );
}

/** Of each group the faults at the top of their chains, worked out once for the many sums over the same groups. */
function topsOf(groups: Problem['groups'], above: Int32Array): readonly (readonly number[])[] {
  const before = tops.get(groups);
  if (before) return before;
  const own = groups.map((members) => members.filter((fault) => above[fault]! < 0));
  tops.set(groups, own);
  return own;
}

const tops = new WeakMap<Problem['groups'], readonly (readonly number[])[]>();

/** What one sum is over, with its forward pass. */
type Sum = {
  plan: Plan;
  folded: Folded;
  openings: readonly Opening[];
  forward: Forward;
  evidence: number;
};

function passes(
  problem: Problem,
  plan: Plan,
): { sum: Sum; faults: Float64Array; none: ReadonlyMap<number, number> } {
  const folded = foldNormal(problem, problem.answers);
  const abnormal = problem.answers.filter((answer) => answer.level > 0);
  const openings = abnormal.map(openingOf);
  const forward = passForward(plan, folded.priors, openings);
  // An abnormal answer that no fault can bring about rests on its leak alone.
  const orphan = abnormal.reduce(
    (product, answer, index) => (answer.parents.length === 0 ? product * openings[index]!.reaches : product),
    1,
  );
  const sum = { plan, folded, openings, forward, evidence: forward.total * folded.evidence * orphan };
  const told = new Float64Array(problem.priors.length).fill(Number.NaN);
  const none = passBackward(sum, told);
  // Whatever does nothing to an abnormal answer keeps the chance it has given what is above it.
  for (let fault = 0; fault < told.length; fault++) {
    if (!Number.isNaN(told[fault]!)) continue;
    const over = problem.above[fault]!;
    told[fault] = folded.priors[fault]! * (over < 0 ? 1 : told[over]!);
  }
  return { sum, faults: told, none };
}

/** What the leak alone does to an abnormal answer: it stays below its level, or reaches it. */
type Opening = { below: number; reaches: number };

function openingOf({ leak, level }: Answer): Opening {
  const below = atOrBelow(leak, level - 1);
  return { below, reaches: atOrBelow(leak, level) - below };
}

/** The weights before each step and, by fault, before it was mixed in. */
type Forward = { total: number; beforeFault: Float64Array[]; beforeStep: Float64Array[] };

function passForward(plan: Plan, priors: Float64Array, openings: readonly Opening[]): Forward {
  const beforeFault: Float64Array[] = [];
  const beforeStep: Float64Array[] = [];
  let weights: Float64Array = Float64Array.of(1);
  for (const step of plan.steps) {
    weights = open(step, weights, openings);
    beforeStep.push(weights);
    for (const branch of step.faults) {
      beforeFault[branch.fault] = weights;
      weights = mixInto(present(branch, weights, priors, beforeFault), weights, priors[branch.fault]!);
    }
    for (const bit of step.closes) weights = closeBit(weights, bit);
  }
  return { total: weights[0]!, beforeFault, beforeStep };
}

function open(step: Step, before: Float64Array, openings: readonly Opening[]): Float64Array {
  let weights = before;
  for (const answer of step.opens) {
    const { below, reaches } = openings[answer]!;
    weights = openBit(weights, below, reaches);
  }
  return weights;
}

/** The weights with a fault present, and under it whatever it may bring about. */
function present(
  { touches, under }: Branch,
  weights: Float64Array,
  priors: Float64Array,
  before: Float64Array[],
): Float64Array {
  let out = touches.length > 0 ? applyFault(weights, touches) : weights;
  for (const branch of under) {
    before[branch.fault] = out;
    out = mixInto(present(branch, out, priors, before), out, priors[branch.fault]!);
  }
  return out;
}

/**
 * Walks back, writing P(fault | answers) of every fault in the plan.
 * @returns by group, P(none of those at the top of their chains | answers)
 */
function passBackward(
  { plan, folded: { priors }, openings, forward }: Sum,
  told: Float64Array,
): ReadonlyMap<number, number> {
  const none = new Map<number, number>();
  const tell = ({ fault }: Branch, share: number, behind: Float64Array) => {
    told[fault] = (share * dot(forward.beforeFault[fault]!, behind)) / forward.total;
  };
  /** The transpose of `present`; `share` is the chance of all that is above, and of the fault itself. */
  const presentBack = ({ touches, under }: Branch, after: Float64Array, share: number): Float64Array => {
    let weights = after;
    for (let at = under.length - 1; at >= 0; at--) {
      const branch = under[at]!;
      const prior = priors[branch.fault]!;
      const behind = presentBack(branch, weights, share * prior);
      tell(branch, share * prior, behind);
      weights = mixInto(behind, weights, prior);
    }
    return touches.length > 0 ? applyFaultBack(weights, touches) : weights;
  };
  let weights: Float64Array = Float64Array.of(1);
  for (let index = plan.steps.length - 1; index >= 0; index--) {
    const step = plan.steps[index]!;
    for (let at = step.closes.length - 1; at >= 0; at--) weights = closeBitBack(weights, step.closes[at]!);
    let absent = dot(forward.beforeStep[index]!, weights) / forward.total;
    for (const { fault } of step.faults) absent *= 1 - priors[fault]!;
    none.set(step.group, absent);
    for (let member = step.faults.length - 1; member >= 0; member--) {
      const branch = step.faults[member]!;
      const prior = priors[branch.fault]!;
      const behind = presentBack(branch, weights, prior);
      tell(branch, prior, behind);
      weights = mixInto(behind, weights, prior);
    }
    for (let at = step.opens.length - 1; at >= 0; at--) {
      const { below, reaches } = openings[step.opens[at]!]!;
      weights = openBitBack(weights, below, reaches);
    }
  }
  return none;
}

/** Below this, what two faults of a group could share is beyond what a chance is told to. */
const SHARED = 1e-9;
/** A group less likely than this is as likely as its faults together, to the last place that anybody is told. */
const UNSEEN = 1e-7;

/**
 * P(any fault of each group | answers), exact: one less the weight of the combinations without any of them.
 * @param none by group, P(none of its faults that come by themselves), of those that speak about anything abnormal
 */
function anyOfGroups(
  problem: Problem,
  sum: Sum,
  faults: Float64Array,
  none: ReadonlyMap<number, number>,
): Float64Array {
  const roots = rootsOf(problem.above);
  const within = withinPlan(sum.plan, faults.length);
  return Float64Array.from(problem.groups, (members, group) => {
    let live = 0;
    let total = 0;
    let brought = false;
    for (const fault of members) {
      total += faults[fault]!;
      if (faults[fault]! <= SHARED) continue;
      live += 1;
      if (problem.above[fault]! >= 0) brought = true;
    }
    if (live <= 1 || total < UNSEEN) return total;
    if (!brought) {
      const absent = none.get(group);
      if (absent !== undefined) return held(1 - absent);
      // They speak about nothing abnormal: independent of everything.
      return 1 - members.reduce((product, fault) => product * (1 - faults[fault]!), 1);
    }
    return held(1 - without(problem, sum, new Set(members), roots, within) / sum.forward.total);
  });
}

const held = (chance: number) => Math.min(1, Math.max(0, chance));

function withinPlan(plan: Plan, count: number): Uint8Array {
  const within = new Uint8Array(count);
  const mark = ({ fault, under }: Branch): void => {
    within[fault] = 1;
    for (const branch of under) mark(branch);
  };
  for (const step of plan.steps) for (const branch of step.faults) mark(branch);
  return within;
}

/**
 * The weight of all combinations in which none of these faults is there. Up to the first step that one of them has to
 * do with, the forward pass there is already holds.
 */
function without(
  { above }: Problem,
  { plan, folded: { priors }, openings, forward }: Sum,
  none: ReadonlySet<number>,
  roots: Int32Array,
  within: Uint8Array,
): number {
  // Of what is in no step: P(none of them at a fault and under it), and what of that hangs under one that is in a step.
  const spared = new Float64Array(priors.length).fill(1);
  let outside = 1;
  for (let fault = priors.length - 1; fault >= 0; fault--) {
    if (within[fault] === 1) continue;
    const prior = priors[fault]!;
    const own = none.has(fault) ? 1 - prior : 1 - prior + prior * spared[fault]!;
    if (above[fault]! >= 0) spared[above[fault]!]! *= own;
    else outside *= own;
  }
  const mixed = (branch: Branch, weights: Float64Array): Float64Array => {
    const prior = priors[branch.fault]!;
    if (none.has(branch.fault)) return scaled(weights, 1 - prior);
    const kept = spared[branch.fault]!;
    let out = branch.touches.length > 0 ? applyFault(weights, branch.touches) : scaled(weights, 1);
    for (const each of branch.under) out = mixed(each, out);
    return mixInto(kept === 1 ? out : scaled(out, kept), weights, prior);
  };
  const concerned = new Set([...none].map((fault) => roots[fault]!));
  const first = plan.steps.findIndex((step) => step.faults.some(({ fault }) => concerned.has(fault)));
  if (first < 0) return forward.total * outside;
  let weights = forward.beforeStep[first]!;
  for (let index = first; index < plan.steps.length; index++) {
    const step = plan.steps[index]!;
    if (index > first) weights = open(step, weights, openings);
    for (const branch of step.faults) weights = mixed(branch, weights);
    for (const bit of step.closes) weights = closeBit(weights, bit);
  }
  return weights[0]! * outside;
}
