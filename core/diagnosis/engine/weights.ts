import { foldOne } from './fold';
import { independentAny, independentGroups } from './independent';
import { type Plan, planFor } from './plan';
import { faultsAfter, faultsOf, type Posterior } from './posterior';
import { type Answer, chainsOf, type Problem, standingChances } from './problem';
import { copyOf, roomFor } from './room';

/**
 * How many bits each answer moved each group, for or against; with the prior they add up to the posterior odds.
 *
 * Unremarkable answers are taken in first, one after another: they leave the faults independent, so each only moves the
 * odds of those it speaks about. The abnormal ones interact (one explained fault makes another less needed), so their
 * share depends on the order: it is the mean of taking them in forwards and backwards.
 * Answers must come in an order of their own (not that of typing), so that typing order does not matter.
 * @param after the posterior of all the answers
 * @param plan the order in which they were summed
 * @returns `[answer][group]` in bits, and the prior log-odds by group
 */
export function weightsOf(
  problem: Problem,
  after: Posterior,
  plan: Plan,
): { prior: Float64Array; bits: Float64Array[] } {
  const order = [...problem.answers.keys()];
  const abnormal = order.filter((index) => problem.answers[index]!.level > 0);
  const bits = order.map(() => roomFor(problem.groups.length));
  /** Half of what an answer moved: each is taken in twice. */
  const addHalf = (index: number, from: Float64Array, to: Float64Array) => {
    const row = bits[index]!;
    for (let group = 0; group < row.length; group++) row[group]! += (to[group]! - from[group]!) / 2;
  };

  const prior = oddsOf(problem, problem.priors);
  const folding = foldingOf(problem);
  const base = copyOf(prior);
  for (const index of order) {
    const answer = problem.answers[index]!;
    if (answer.level > 0) continue;
    // It only moves the groups it speaks about, and what is above and beside those.
    const row = bits[index]!;
    folding.take(answer, (group, now) => {
      row[group] = now - base[group]!;
      base[group] = now;
    });
  }
  const { priors } = folding;

  const whole = after.groups.map(logOddsOf);
  // With all of them taken in, it is the posterior there is already.
  const oddsAfter = (places: readonly number[]) =>
    places.length === abnormal.length ? whole : oddsWith({ ...problem, priors }, abnormal, places, plan);
  const takeIn = (places: readonly number[]) => {
    let before: Float64Array = base;
    places.forEach((place, at) => {
      const now = oddsAfter(places.slice(0, at + 1).sort((one, other) => one - other));
      addHalf(abnormal[place]!, before, now);
      before = now;
    });
  };
  const places = [...abnormal.keys()];
  takeIn(places);
  takeIn(places.reverse());
  // With no abnormal answer, what the groups' faults share is left over: it belongs to the prior.
  if (abnormal.length === 0)
    for (let group = 0; group < prior.length; group++) prior[group]! += whole[group]! - base[group]!;
  return { prior, bits };
}

/**
 * Log-odds of the groups with some of the abnormal answers taken in, near enough.
 * @param places of those among the abnormal ones, ascending
 */
function oddsWith(
  problem: Problem,
  abnormal: readonly number[],
  places: readonly number[],
  plan: Plan,
): Float64Array {
  const answers = places.map((place) => problem.answers[abnormal[place]!]!);
  const [first] = answers;
  const faults =
    answers.length === 1
      ? faultsAfter(first!, problem)
      : faultsOf({ ...problem, answers }, planFor(places, plan));
  return independentGroups(problem, faults).map(logOddsOf);
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
  const whole = after.groups.map(logOddsOf);
  const groupOf = groupsOf(problem);
  const bits = problem.answers.map((answer) => {
    const faults = faultsAfter(answer, problem);
    const row = roomFor(prior.length);
    for (const group of movedBy(answer, problem, groupOf))
      row[group] = logOddsOf(independentAny(problem.groups[group]!, problem.places, faults)) - prior[group]!;
    return row;
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

/** The unremarkable answers taken in one after another; says each time how the odds of the groups it moved stand. */
function foldingOf(problem: Problem) {
  const { above, groups } = problem;
  const { roots, members } = chainsOf(above);
  const groupOf = groupsOf(problem);
  /** The answer that last bore on a chain, and on a group. */
  const chainAt = new Int32Array(above.length);
  const groupAt = new Int32Array(groups.length);
  let taken = 0;
  const priors = copyOf(problem.priors);
  const standing = standingChances(priors, above);
  const stays = roomFor(priors.length).fill(1);
  return {
    priors,
    take({ parents }: Answer, move: (group: number, odds: number) => void): void {
      taken += 1;
      for (const { fault, cumulative } of parents) stays[fault]! *= cumulative[0]!;
      const moved: number[] = [];
      for (const { fault: each } of parents) {
        const root = roots[each]!;
        if (chainAt[root] === taken) continue;
        chainAt[root] = taken;
        const chain = members[root]!;
        for (let at = chain.length - 1; at >= 0; at--) foldOne(chain[at]!, priors, above, stays);
        for (const fault of chain) {
          standing[fault] = priors[fault]! * (above[fault]! < 0 ? 1 : standing[above[fault]!]!);
          stays[fault] = 1;
          const group = groupOf[fault]!;
          if (group < 0 || groupAt[group] === taken) continue;
          groupAt[group] = taken;
          moved.push(group);
        }
      }
      for (const group of moved)
        move(group, logOddsOf(independentAny(groups[group]!, problem.places, standing)));
    },
  };
}

/** The groups an answer speaks about, by its own faults and by what brings those about. */
function movedBy(answer: Answer, { above }: Problem, groupOf: Int32Array): ReadonlySet<number> {
  const moved = new Set<number>();
  for (const { fault } of answer.parents)
    for (let each = fault; each >= 0; each = above[each]!) if (groupOf[each]! >= 0) moved.add(groupOf[each]!);
  return moved;
}

/** The group of each fault, −1 for none. */
function groupsOf({ priors, groups }: Problem): Int32Array {
  const groupOf = new Int32Array(priors.length).fill(-1);
  groups.forEach((members, group) => {
    for (const fault of members) groupOf[fault] = group;
  });
  return groupOf;
}

/** Log-odds of the groups before any abnormal answer, their faults taken as independent. */
function oddsOf(problem: Problem, priors: Float64Array): Float64Array {
  return independentGroups(problem, standingChances(priors, problem.above)).map(logOddsOf);
}

/**
 * No verdict from answers is surer than this: answers themselves can be mistaken (a modelling choice). At the other end
 * only what a double can tell apart from impossible.
 */
export const SUREST = 0.999;

/** Log-odds, bits. */
function logOddsOf(probability: number): number {
  const held = Math.min(SUREST, Math.max(1e-12, probability));
  return Math.log2(held / (1 - held));
}
