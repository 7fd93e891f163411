import { type Folded, foldNormal } from './fold';
import type { Branch, Plan, Step } from './plan';
import { type Answer, atOrBelow, type Problem } from './problem';
import { roomFor } from './room';
import {
  applyFault,
  applyFaultBack,
  closeBit,
  closeBitBack,
  dot,
  mixInto,
  openBit,
  openBitBack,
} from './sets';

/** One sum over all combinations, forward and back. */
export type Sum = {
  plan: Plan;
  folded: Folded;
  openings: readonly Opening[];
  forward: Forward;
  /** After each step, what the steps behind it make of each set. */
  behind: readonly Float64Array[];
  /** P(answers). */
  evidence: number;
  /** P(fault | answers), by fault index. */
  faults: Float64Array;
  /** By group, P(none of its faults at the top of their chains | answers); of the groups in the plan. */
  none: ReadonlyMap<number, number>;
};

/** The sum, with the marginals of every fault. */
export function sumOver(problem: Problem, plan: Plan): Sum {
  const { folded, openings, forward, evidence } = wayForward(problem, plan);
  const faults = roomFor(problem.priors.length).fill(Number.NaN);
  const { none, behind } = passBackward(plan, folded.priors, openings, forward, faults);
  // Whatever does nothing to an abnormal answer keeps the chance it has given what is above it.
  for (let fault = 0; fault < faults.length; fault++) {
    if (!Number.isNaN(faults[fault]!)) continue;
    const over = problem.above[fault]!;
    faults[fault] = folded.priors[fault]! * (over < 0 ? 1 : faults[over]!);
  }
  return { plan, folded, openings, forward, behind, evidence, faults, none };
}

/** P(answers) alone: half of the way. */
export function evidenceOver(problem: Problem, plan: Plan): number {
  return wayForward(problem, plan).evidence;
}

function wayForward(problem: Problem, plan: Plan): Pick<Sum, 'folded' | 'openings' | 'forward' | 'evidence'> {
  const folded = foldNormal(problem, problem.answers);
  const abnormal = problem.answers.filter((answer) => answer.level > 0);
  const openings = abnormal.map(openingOf);
  const forward = passForward(plan, folded.priors, openings);
  // An abnormal answer that no fault can bring about rests on its leak alone.
  const orphan = abnormal.reduce(
    (product, answer, index) => (answer.parents.length === 0 ? product * openings[index]!.reaches : product),
    1,
  );
  return { folded, openings, forward, evidence: forward.total * folded.evidence * orphan };
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
    weights = openAnswers(step, weights, openings);
    beforeStep.push(weights);
    for (const branch of step.faults) {
      beforeFault[branch.fault] = weights;
      weights = mixInto(present(branch, weights, priors, beforeFault), weights, priors[branch.fault]!);
    }
    for (const bit of step.closes) weights = closeBit(weights, bit);
  }
  return { total: weights[0]!, beforeFault, beforeStep };
}

/** The weights with the answers of a step opened. */
export function openAnswers(step: Step, before: Float64Array, openings: readonly Opening[]): Float64Array {
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

/** Walks back, writing P(fault | answers) of every fault in the plan; gives `none` of each step's group, and `behind`. */
function passBackward(
  plan: Plan,
  priors: Float64Array,
  openings: readonly Opening[],
  forward: Forward,
  faults: Float64Array,
): Pick<Sum, 'none' | 'behind'> {
  const none = new Map<number, number>();
  const behind: Float64Array[] = [];
  /** The transpose of mixing a branch in; `share` is the chance of all that is above it. */
  const mixBack = (branch: Branch, after: Float64Array, share: number): Float64Array => {
    const prior = priors[branch.fault]!;
    let present = after;
    for (let at = branch.under.length - 1; at >= 0; at--)
      present = mixBack(branch.under[at]!, present, share * prior);
    if (branch.touches.length > 0) present = applyFaultBack(present, branch.touches);
    faults[branch.fault] = (share * prior * dot(forward.beforeFault[branch.fault]!, present)) / forward.total;
    return mixInto(present, after, prior);
  };
  let weights: Float64Array = Float64Array.of(1);
  for (let index = plan.steps.length - 1; index >= 0; index--) {
    const step = plan.steps[index]!;
    behind[index] = weights;
    for (let at = step.closes.length - 1; at >= 0; at--) weights = closeBitBack(weights, step.closes[at]!);
    let absent = dot(forward.beforeStep[index]!, weights) / forward.total;
    for (const { fault } of step.faults) absent *= 1 - priors[fault]!;
    none.set(step.group, absent);
    for (let at = step.faults.length - 1; at >= 0; at--) weights = mixBack(step.faults[at]!, weights, 1);
    for (let at = step.opens.length - 1; at >= 0; at--) {
      const { below, reaches } = openings[step.opens[at]!]!;
      weights = openBitBack(weights, below, reaches);
    }
  }
  return { none, behind };
}
