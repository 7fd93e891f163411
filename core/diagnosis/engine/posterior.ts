import { type Plan, planSum, type Step } from './plan';
import { type Answer, atOrBelow, type Problem } from './problem';
import { applyFault, applyFaultBack, closeBit, closeBitBack, dot, mix, openBit, openBitBack } from './sets';

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
 * elimination), so the cost is 2^width, not 2^answers. A fault that touches everything is summed over outside.
 * Method: Heckerman's quick-score idea in its set form; noisy-OR after Pearl (1988), noisy-MAX after Díez (1993).
 */
export function posteriorOf(problem: Problem, { narrow, plan }: Way = wayThrough(problem)): Posterior {
  const { wide, answers } = problem;
  if (wide === undefined) return sumNarrow(problem, problem.priors, answers, plan);
  const prior = problem.priors[wide]!;
  const without = sumNarrow(problem, withPrior(problem.priors, wide, 0), narrow, plan);
  const present = sumNarrow(
    problem,
    withPrior(problem.priors, wide, 1),
    answers.map((answer, index) => withFaultInLeak(answer, narrow[index]!, wide)),
    plan,
  );
  const evidence = without.evidence * (1 - prior) + present.evidence * prior;
  const share = (present.evidence * prior) / evidence;
  return {
    evidence,
    faults: mix(without.faults, present.faults, share),
    groups: mix(without.groups, present.groups, share),
  };
}

/** The answers without what touches everything, and the order in which the faults are gone through. */
export type Way = { narrow: readonly Answer[]; plan: Plan };

/** What "wide" does belongs to the leak, so that both sums go the same way through the faults. */
export function wayThrough(problem: Problem): Way {
  const { wide, answers } = problem;
  const narrow = wide === undefined ? answers : answers.map((answer) => withoutFault(answer, wide));
  return { narrow, plan: planOf(problem, narrow) };
}

function planOf(problem: Problem, answers: readonly Answer[]): Plan {
  return planSum(
    answers.filter((answer) => answer.level > 0),
    problem.groups,
  );
}

function sumNarrow(
  problem: Problem,
  priors: Float64Array,
  answers: readonly Answer[],
  plan: Plan,
): Posterior {
  const folded = foldNormal(priors, answers);
  const abnormal = answers.filter((answer) => answer.level > 0);
  const openings = abnormal.map(openingOf);
  const forward = passForward(plan, folded.priors, openings);
  // An abnormal answer that no fault can bring about rests on its leak alone.
  const orphan = abnormal.reduce(
    (product, answer, index) => (answer.parents.length === 0 ? product * openings[index]!.reaches : product),
    1,
  );
  const faults = folded.priors.slice();
  const groups = Float64Array.from(
    problem.groups,
    (members) => 1 - members.reduce((none, fault) => none * (1 - faults[fault]!), 1),
  );
  passBackward(plan, folded.priors, openings, forward, faults, groups);
  return { evidence: forward.total * folded.evidence * orphan, faults, groups };
}

/** What the leak alone does to an abnormal answer: it stays below its level, or reaches it. */
type Opening = { below: number; reaches: number };

function openingOf({ leak, level }: Answer): Opening {
  const below = atOrBelow(leak, level - 1);
  return { below, reaches: atOrBelow(leak, level) - below };
}

/** Posterior odds after the unremarkable answers alone, and how likely those were. */
function foldNormal(
  priors: Float64Array,
  answers: readonly Answer[],
): { priors: Float64Array; evidence: number } {
  const stays = new Float64Array(priors.length).fill(1);
  let evidence = 1;
  for (const { level, leak, parents } of answers) {
    if (level > 0) continue;
    evidence *= leak[0]!;
    for (const { fault, cumulative } of parents) stays[fault]! *= cumulative[0]!;
  }
  const folded = new Float64Array(priors.length);
  for (let fault = 0; fault < priors.length; fault++) {
    const present = priors[fault]! * stays[fault]!;
    const total = present + 1 - priors[fault]!;
    folded[fault] = present / total;
    evidence *= total;
  }
  return { priors: folded, evidence };
}

type Forward = { total: number; beforeFaults: Float64Array[][]; beforeGroup: Float64Array[] };

function passForward(plan: Plan, priors: Float64Array, openings: readonly Opening[]): Forward {
  let weights: Float64Array = Float64Array.of(1);
  const beforeFaults: Float64Array[][] = [];
  const beforeGroup: Float64Array[] = [];
  for (const step of plan.steps) {
    for (const answer of step.opens) {
      const { below, reaches } = openings[answer]!;
      weights = openBit(weights, below, reaches);
    }
    beforeGroup.push(weights);
    const before: Float64Array[] = [];
    for (const { fault, touches } of step.faults) {
      before.push(weights);
      weights = mix(weights, applyFault(weights, touches), priors[fault]!);
    }
    beforeFaults.push(before);
    for (const bit of step.closes) weights = closeBit(weights, bit);
  }
  return { total: weights[0]!, beforeFaults, beforeGroup };
}

/** Walks back, writing the marginals of every fault and group in the plan. */
function passBackward(
  plan: Plan,
  priors: Float64Array,
  openings: readonly Opening[],
  forward: Forward,
  faults: Float64Array,
  groups: Float64Array,
): void {
  let weights: Float64Array = Float64Array.of(1);
  for (let index = plan.steps.length - 1; index >= 0; index--) {
    const step = plan.steps[index]!;
    for (const bit of [...step.closes].reverse()) weights = closeBitBack(weights, bit);
    groups[step.group] =
      1 - (noneOf(step, priors) * dot(forward.beforeGroup[index]!, weights)) / forward.total;
    for (let member = step.faults.length - 1; member >= 0; member--) {
      const { fault, touches } = step.faults[member]!;
      const present = applyFaultBack(weights, touches);
      faults[fault] = (priors[fault]! * dot(forward.beforeFaults[index]![member]!, present)) / forward.total;
      weights = mix(weights, present, priors[fault]!);
    }
    for (const answer of [...step.opens].reverse()) {
      const { below, reaches } = openings[answer]!;
      weights = openBitBack(weights, below, reaches);
    }
  }
}

function noneOf(step: Step, priors: Float64Array): number {
  return step.faults.reduce((none, { fault }) => none * (1 - priors[fault]!), 1);
}

function withPrior(priors: Float64Array, fault: number, prior: number): Float64Array {
  const out = priors.slice();
  out[fault] = prior;
  return out;
}

function withoutFault(answer: Answer, fault: number): Answer {
  return { ...answer, parents: answer.parents.filter((parent) => parent.fault !== fault) };
}

/** The fault is certainly there, so what it does belongs to the leak. */
function withFaultInLeak(answer: Answer, narrow: Answer, fault: number): Answer {
  const parent = answer.parents.find((candidate) => candidate.fault === fault);
  if (!parent) return narrow;
  return {
    ...narrow,
    leak: answer.leak.map((value, level) => value * parent.cumulative[level]!),
  };
}
