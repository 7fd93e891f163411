import type { Explanations } from './explanations';
import { planSum, type Touch } from './plan';
import { type Answer, atOrBelow, type Problem } from './problem';

/** Sets of explained answers carried at most; the lightest are dropped, and their weight is counted. */
const MOST_SETS = 1024;

/**
 * How much may lie in combinations that were not looked at, when there were too many to sum: at most this share.
 *
 * What was found is weighed exactly: those faults present, every other that could speak about an abnormal answer absent.
 * The whole is bounded from above by carrying sets of explained answers through the faults as the exact sum does, but only
 * the heaviest: a dropped set can become no heavier than it is, so its weight is added to the bound.
 */
export function leftOut(problem: Problem, explanations: Explanations, mostSets = MOST_SETS): number {
  const reduced = withoutNormal(problem);
  const found = foundWeight(reduced, explanations);
  const whole = evidenceAtMost(reduced, mostSets);
  return whole <= 0 ? 1 : Math.min(1, Math.max(0, 1 - found / whole));
}

/** The unremarkable answers taken into the odds of each fault; both sides of the share lose the same factor. */
function withoutNormal(problem: Problem): Problem {
  const priors = problem.priors.slice();
  for (const { level, parents } of problem.answers) {
    if (level > 0) continue;
    for (const { fault, cumulative } of parents) {
      const present = priors[fault]! * cumulative[0]!;
      priors[fault] = present / (present + 1 - priors[fault]!);
    }
  }
  return { ...problem, priors, answers: problem.answers.filter((answer) => answer.level > 0) };
}

function foundWeight({ priors, answers }: Problem, { list }: Explanations): number {
  const speaking = [...new Set(answers.flatMap((answer) => answer.parents.map((parent) => parent.fault)))];
  let sum = 0;
  for (const { faults } of list) {
    const present = new Set(faults);
    let weight = 1;
    for (const fault of speaking) weight *= present.has(fault) ? priors[fault]! : 1 - priors[fault]!;
    // A fault that speaks about no abnormal answer is in or out as it likes: both are summed by leaving it out.
    if (faults.some((fault) => !speaking.includes(fault))) continue;
    for (const answer of answers) {
      let below = atOrBelow(answer.leak, answer.level - 1);
      let atMost = atOrBelow(answer.leak, answer.level);
      for (const { fault, cumulative } of answer.parents) {
        if (!present.has(fault)) continue;
        below *= atOrBelow(cumulative, answer.level - 1);
        atMost *= atOrBelow(cumulative, answer.level);
      }
      weight *= atMost - below;
    }
    sum += weight;
  }
  return sum;
}

/** P(abnormal answers), or more. */
function evidenceAtMost(problem: Problem, mostSets: number): number {
  const { wide, priors, answers } = problem;
  if (wide === undefined) return carried(problem, answers, mostSets);
  const parentOf = (answer: Answer) => answer.parents.find((parent) => parent.fault === wide);
  const narrow = answers.map((answer) => ({
    ...answer,
    parents: answer.parents.filter((parent) => parent.fault !== wide),
  }));
  const present = narrow.map((answer, index) => {
    const parent = parentOf(answers[index]!);
    return parent
      ? { ...answer, leak: answer.leak.map((value, level) => value * parent.cumulative[level]!) }
      : answer;
  });
  return (
    (1 - priors[wide]!) * carried(problem, narrow, mostSets) +
    priors[wide]! * carried(problem, present, mostSets)
  );
}

function carried({ priors, groups }: Problem, answers: readonly Answer[], mostSets: number): number {
  let sets = new Map<number, number>([[0, 1]]);
  let dropped = 0;
  let open = 0;
  for (const step of planSum(answers, groups).steps) {
    for (const answer of step.opens) {
      sets = opened(sets, answers[answer]!, open);
      open += 1;
    }
    for (const { fault, touches } of step.faults) {
      let present = sets;
      for (const touch of touches) present = touched(present, touch);
      const mixed = new Map<number, number>();
      for (const [set, weight] of sets) mixed.set(set, weight * (1 - priors[fault]!));
      for (const [set, weight] of present) mixed.set(set, (mixed.get(set) ?? 0) + weight * priors[fault]!);
      sets = mixed;
      if (sets.size > mostSets) {
        const heaviest = [...sets].sort((left, right) => right[1] - left[1]);
        for (const [, weight] of heaviest.slice(mostSets)) dropped += weight;
        sets = new Map(heaviest.slice(0, mostSets));
      }
    }
    for (const bit of step.closes) {
      sets = closed(sets, bit);
      open -= 1;
    }
  }
  const orphan = answers
    .filter((answer) => answer.parents.length === 0)
    .reduce((product, { leak, level }) => product * (atOrBelow(leak, level) - atOrBelow(leak, level - 1)), 1);
  let total = dropped;
  for (const weight of sets.values()) total += weight;
  return total * orphan;
}

type Sets = ReadonlyMap<number, number>;

/** An answer opens as the next bit: its leak leaves it below its level, or reaches it. */
function opened(sets: Sets, { leak, level }: Answer, bit: number): Map<number, number> {
  const below = atOrBelow(leak, level - 1);
  const reaches = atOrBelow(leak, level) - below;
  const out = new Map<number, number>();
  for (const [set, weight] of sets) {
    if (below > 0) out.set(set, weight * below);
    if (reaches > 0) out.set(set | (1 << bit), weight * reaches);
  }
  return out;
}

/** What a fault, when present, does to one open answer. */
function touched(sets: Sets, { bit, below, reaches, atMost }: Touch): Map<number, number> {
  const out = new Map<number, number>();
  const add = (set: number, weight: number) => weight > 0 && out.set(set, (out.get(set) ?? 0) + weight);
  for (const [set, weight] of sets) {
    if (set & (1 << bit)) {
      add(set, weight * atMost);
    } else {
      add(set, weight * below);
      add(set | (1 << bit), weight * reaches);
    }
  }
  return out;
}

/** An answer closes: nothing later can explain it, so that only sets that do stay; the bits above move down. */
function closed(sets: Sets, bit: number): Map<number, number> {
  const low = (1 << bit) - 1;
  const out = new Map<number, number>();
  for (const [set, weight] of sets)
    if (set & (1 << bit)) out.set(((set >>> (bit + 1)) << bit) | (set & low), weight);
  return out;
}
