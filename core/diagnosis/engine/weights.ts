import { type Posterior, posteriorOf } from './posterior';
import type { Problem } from './problem';

/**
 * How many bits each answer moved each group, for or against; with the prior they add up to the posterior odds.
 *
 * Unremarkable answers are taken in first, one after another: they leave the faults independent, so each only moves the
 * odds of those it speaks about. The abnormal ones interact (one explained fault makes another less needed), so their
 * share depends on the order: it is the mean of taking them in forwards and backwards.
 * Answers must come in an order of their own (not that of typing), so that typing order does not matter.
 * @param after the posterior of all the answers
 * @returns `[answer][group]` in bits, and the prior log-odds by group
 */
export function weightsOf(problem: Problem, after: Posterior): { prior: Float64Array; bits: Float64Array[] } {
  const order = [...problem.answers.keys()];
  const abnormal = order.filter((index) => problem.answers[index]!.level > 0);
  const bits = order.map(() => new Float64Array(problem.groups.length));
  const add = (index: number, share: number, from: Float64Array, to: Float64Array) => {
    const row = bits[index]!;
    for (let group = 0; group < row.length; group++) row[group]! += share * (to[group]! - from[group]!);
  };

  const priors = problem.priors.slice();
  const prior = oddsOf(problem, priors);
  const base = prior.slice();
  const groupOf = groupsOf(problem);
  for (const index of order) {
    if (problem.answers[index]!.level > 0) continue;
    // It only moves the groups it speaks about.
    for (const group of takeNormal(problem, index, priors, groupOf)) {
      const now = oddsOfGroup(problem.groups[group]!, priors);
      bits[index]![group] = now - base[group]!;
      base[group] = now;
    }
  }

  const whole = logOdds(after);
  let before: Float64Array = base;
  const taken: number[] = [];
  const take = (index: number) => {
    taken.push(index);
    const answers = [...taken].sort((one, other) => one - other).map((each) => problem.answers[each]!);
    // With all of them taken in, it is the posterior there is already.
    const now =
      answers.length === abnormal.length ? whole : logOdds(posteriorOf({ ...problem, priors, answers }));
    add(index, 0.5, before, now);
    before = now;
  };
  for (const index of abnormal) take(index);
  taken.length = 0;
  before = base;
  for (const index of [...abnormal].reverse()) take(index);
  return { prior, bits };
}

/**
 * The same, told roughly, for when taking the answers in one after another would cost too much: each answer counts as it
 * would alone, and what they do together beyond that is shared out in proportion. The sum is right, the shares are not.
 */
export function roughWeightsOf(
  problem: Problem,
  after: Posterior,
): { prior: Float64Array; bits: Float64Array[] } {
  const prior = oddsOf(problem, problem.priors);
  const whole = logOdds(after);
  const groupOf = groupsOf(problem);
  const bits = problem.answers.map((answer) => {
    const now = logOdds(posteriorOf({ ...problem, answers: [answer] }));
    const moved = new Set(answer.parents.map(({ fault }) => groupOf[fault]!));
    return now.map((odds, group) => (moved.has(group) ? odds - prior[group]! : 0));
  });
  for (let group = 0; group < prior.length; group++) {
    let alone = 0;
    let size = 0;
    for (const row of bits) {
      alone += row[group]!;
      size += Math.abs(row[group]!);
    }
    const together = whole[group]! - prior[group]! - alone;
    for (const row of bits)
      row[group]! += together * (size > 0 ? Math.abs(row[group]!) / size : 1 / bits.length);
  }
  return { prior, bits };
}

/**
 * An unremarkable answer taken into the odds of every fault it speaks about: each alone would have left it unremarkable
 * with `cumulative[0]`. Faults stay independent; what touches everything is one of them here.
 * @returns the groups it moved
 */
function takeNormal(
  problem: Problem,
  index: number,
  priors: Float64Array,
  groupOf: Int32Array,
): ReadonlySet<number> {
  const moved = new Set<number>();
  for (const { fault, cumulative } of problem.answers[index]!.parents) {
    const present = priors[fault]! * cumulative[0]!;
    priors[fault] = present / (present + 1 - priors[fault]!);
    moved.add(groupOf[fault]!);
  }
  return moved;
}

/** The group of each fault. */
function groupsOf({ priors, groups }: Problem): Int32Array {
  const groupOf = new Int32Array(priors.length);
  groups.forEach((members, group) => {
    for (const fault of members) groupOf[fault] = group;
  });
  return groupOf;
}

/** Log-odds of the groups while all faults are independent. */
function oddsOf(problem: Problem, priors: Float64Array): Float64Array {
  return Float64Array.from(problem.groups, (members) => oddsOfGroup(members, priors));
}

function oddsOfGroup(members: readonly number[], priors: Float64Array): number {
  let none = 1;
  for (const fault of members) none *= 1 - priors[fault]!;
  return logOddsOf(1 - none);
}

/** Log-odds, bits, held within what a double can tell apart from certainty. */
function logOdds(posterior: Posterior): Float64Array {
  return posterior.groups.map(logOddsOf);
}

function logOddsOf(probability: number): number {
  const held = Math.min(1 - 1e-12, Math.max(1e-12, probability));
  return Math.log2(held / (1 - held));
}
