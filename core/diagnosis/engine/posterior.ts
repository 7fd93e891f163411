import { kept } from '../kept';
import { anyOfSets } from './anyOf';
import { foldUpTo } from './fold';
import { sumOver } from './passes';
import { type Plan, planSum } from './plan';
import { type Answer, type Problem, standingChances } from './problem';

export type Posterior = {
  /** P(answers), all faults summed over. */
  evidence: number;
  /** P(fault | answers), by fault index. */
  faults: Float64Array;
  /** P(any fault of the group | answers), by group index. */
  groups: Float64Array;
  /** P(any fault of the union | answers), by union index. */
  unions: Float64Array;
};

/**
 * Weights looked at in one pass up to which a sum is worth waiting for: some 18 abnormal answers open at once. That is a
 * second or two with what P(any corner) takes, and a hundred megabytes while it lasts; each answer more doubles both.
 */
export const MOST_COST = 1e8;
/** Past this what is less likely than `SELDOM` is told as the sum of its faults: half of the time is theirs. */
const DEAR = 1e7;
export const SELDOM = 1e-4;

/**
 * The posterior, exact over all combinations of faults.
 *
 * Unremarkable answers factor by fault and are folded into its odds once. For the abnormal ones the weight of each set
 * of answers explained so far is carried through the faults one after another; forward and backward passes together
 * give every marginal. An answer only takes part from the first fault that can explain it to the last (variable
 * elimination), so the cost is 2^width, not 2^answers. What a fault brings about is mixed in while that fault is: it
 * needs no room of its own.
 * Method: Heckerman's quick-score idea in its set form; noisy-OR after Pearl (1988), noisy-MAX after Díez (1993).
 * @param unseen sets less likely than this are told as the sum of their faults, and are off by less than themselves
 */
export function posteriorOf(
  problem: Problem,
  plan: Plan = planOf(problem),
  unseen: number | undefined = plan.cost > DEAR ? SELDOM : undefined,
): Posterior {
  const sum = sumOver(problem, plan);
  const anyOf = anyOfSets(problem, sum, unseen);
  return {
    evidence: sum.evidence,
    faults: sum.faults,
    groups: Float64Array.from(problem.groups, (members, group) => anyOf(members, group)),
    unions: Float64Array.from(problem.unions ?? [], (members) => anyOf(members)),
  };
}

/** P(each fault | answers) alone. */
export function faultsOf(problem: Problem, plan = planOf(problem)): Float64Array {
  return sumOver(problem, plan).faults;
}

/**
 * P(each fault | one answer): that it was at or below a level factors by fault, as an unremarkable one does, and at the
 * level is what is at or below it less what is below.
 */
export function faultsAfter(answer: Answer, problem: Problem): Float64Array {
  const at = foldUpTo(problem, answer, answer.level);
  const faults = standingChances(at.priors, problem.above);
  if (answer.level === 0) return faults;
  const below = foldUpTo(problem, answer, answer.level - 1);
  const under = standingChances(below.priors, problem.above);
  const reached = at.evidence - below.evidence;
  for (let fault = 0; fault < faults.length; fault++)
    faults[fault] = (at.evidence * faults[fault]! - below.evidence * under[fault]!) / reached;
  return faults;
}

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
  return kept(tops, groups, () => groups.map((members) => members.filter((fault) => above[fault]! < 0)));
}

const tops = new WeakMap<Problem['groups'], readonly (readonly number[])[]>();
