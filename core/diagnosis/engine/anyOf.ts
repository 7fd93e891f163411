import { openAnswers, type Sum } from './passes';
import type { Branch, Plan } from './plan';
import { chainsOf, type Problem } from './problem';
import { applyFault, closeBit, dot, mixInto, scaled } from './sets';

/** Below this, what two faults of a set could share is beyond what a chance is told to. */
const SHARED = 1e-9;
/** A set less likely than this is as likely as its faults together: it is off by less than itself. */
const UNSEEN = 1e-7;

/**
 * P(any of a set of faults | answers), exact: one less the weight of the combinations without any of them.
 * @param unseen where less likely sets may be told as the sum of their faults
 * @returns a function of the set, and of the group whose faults at the top of their chains it is, if it is one
 */
export function anyOfSets(
  { above }: Problem,
  sum: Sum,
  unseen = UNSEEN,
): (members: readonly number[], group?: number) => number {
  const { faults, none, forward } = sum;
  const { roots } = chainsOf(above);
  const stepOf = stepsOf(sum.plan, faults.length);
  const withoutUnder = leftAtTop(above);
  return (all, group) => {
    // What hangs under another of them is only there with that one.
    const members = withoutUnder(all);
    let live = 0;
    let total = 0;
    let alone = true;
    for (const fault of members) {
      total += faults[fault]!;
      if (faults[fault]! <= SHARED) continue;
      live += 1;
      if (above[fault]! >= 0) alone = false;
    }
    if (live <= 1 || total < unseen) return total;
    const absent = alone && group !== undefined ? none.get(group) : undefined;
    if (absent !== undefined) return held(1 - absent);
    // What comes by itself and speaks about nothing abnormal is independent of everything.
    if (alone && members.every((fault) => stepOf[fault]! < 0))
      return 1 - members.reduce((product, fault) => product * (1 - faults[fault]!), 1);
    return held(1 - weightWithout({ above, roots, stepOf }, sum, members) / forward.total);
  };
}

/** A function of a set of faults: those that hang under no other of them. Any of them is there as often as any of all. */
export function leftAtTop(above: Int32Array): (set: readonly number[]) => readonly number[] {
  const lastIn = new Int32Array(above.length);
  let call = 0;
  const isUnderAny = (fault: number): boolean => {
    for (let over = above[fault]!; over >= 0; over = above[over]!) if (lastIn[over] === call) return true;
    return false;
  };
  return (set) => {
    call += 1;
    for (const fault of set) lastIn[fault] = call;
    return set.filter((fault) => !isUnderAny(fault));
  };
}

const held = (chance: number) => Math.min(1, Math.max(0, chance));

/** By fault, the step of the plan it is summed in; −1 where it is in none. */
function stepsOf(plan: Plan, count: number): Int32Array {
  const stepOf = new Int32Array(count).fill(-1);
  plan.steps.forEach((step, index) => {
    const mark = ({ fault, under }: Branch): void => {
      stepOf[fault] = index;
      for (const branch of under) mark(branch);
    };
    for (const branch of step.faults) mark(branch);
  });
  return stepOf;
}

/** How the faults hang together, and where the plan has them. */
type Laid = { above: Int32Array; roots: Int32Array; stepOf: Int32Array };

/**
 * The weight of all combinations in which none of these faults is there. Before the first step that one of them has to
 * do with, and behind the last, the passes there are already hold.
 */
function weightWithout(
  { above, roots, stepOf }: Laid,
  { plan, folded: { priors }, openings, forward, behind }: Sum,
  members: readonly number[],
): number {
  const none = new Set(members);
  const { spared, outside } = outsidePlan(above, priors, none, stepOf);
  const mixed = (branch: Branch, weights: Float64Array): Float64Array => {
    const prior = priors[branch.fault]!;
    if (none.has(branch.fault)) return scaled(weights, 1 - prior);
    const kept = spared.get(branch.fault) ?? 1;
    let out = branch.touches.length > 0 ? applyFault(weights, branch.touches) : scaled(weights, 1);
    for (const each of branch.under) out = mixed(each, out);
    return mixInto(kept === 1 ? out : scaled(out, kept), weights, prior);
  };
  let first = plan.steps.length;
  let last = -1;
  for (const fault of members) {
    const step = stepOf[roots[fault]!]!;
    if (step < 0) continue;
    first = Math.min(first, step);
    last = Math.max(last, step);
  }
  if (last < 0) return forward.total * outside;
  let weights = forward.beforeStep[first]!;
  for (let index = first; index <= last; index++) {
    const step = plan.steps[index]!;
    if (index > first) weights = openAnswers(step, weights, openings);
    for (const branch of step.faults) weights = mixed(branch, weights);
    for (const bit of step.closes) weights = closeBit(weights, bit);
  }
  return dot(weights, behind[last]!) * outside;
}

/**
 * Of what is in no step: P(none of these at it and under it), put together for what is by itself, and by the fault in a
 * step that it hangs under.
 */
function outsidePlan(
  above: Int32Array,
  priors: Float64Array,
  none: ReadonlySet<number>,
  stepOf: Int32Array,
): { spared: ReadonlyMap<number, number>; outside: number } {
  const concerned = new Set<number>();
  for (const fault of none)
    for (let each = fault; each >= 0 && stepOf[each]! < 0; each = above[each]!) concerned.add(each);
  const spared = new Map<number, number>();
  let outside = 1;
  // What stands under a fault comes after it in the list.
  for (const fault of [...concerned].sort((one, other) => other - one)) {
    const prior = priors[fault]!;
    const own = none.has(fault) ? 1 - prior : 1 - prior + prior * (spared.get(fault) ?? 1);
    const over = above[fault]!;
    if (over >= 0) spared.set(over, (spared.get(over) ?? 1) * own);
    else outside *= own;
  }
  return { spared, outside };
}
