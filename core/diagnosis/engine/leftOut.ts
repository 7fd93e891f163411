import type { Explanations } from './explanations';
import { foldNormal } from './fold';
import { evidenceOf, planOf } from './posterior';
import { type Answer, atOrBelow, type Problem } from './problem';

/** Answers of the bound's exact part open at once; the sum over them stays a few milliseconds. */
const BOUND_WIDTH = 10;

/**
 * How much may lie in combinations that were not looked at, when there were too many to sum: at most this share.
 *
 * Proof. Split the abnormal answers into A, few enough to sum exactly, and the rest B. A combination S not looked at
 * weighs P(S) P(A|S) P(B|S), and no combination makes B likelier than every fault at once does (noisy-MAX is monotone):
 * P(B|S) <= M. So all of them together weigh at most M (P(A) - what those looked at have of P(A)), with P(A) exact.
 */
export function leftOut(problem: Problem, explanations: Explanations, width = BOUND_WIDTH): number {
  const reduced = withoutNormal(problem);
  const summed = summableAnswers(reduced, width);
  const rest = reduced.answers.filter((answer) => !summed.includes(answer));
  const found = foundWeight(reduced, reduced.answers, explanations);
  const ofSummed = foundWeight(reduced, summed, explanations);
  const whole = evidenceOf({ ...reduced, answers: summed });
  const most = rest.reduce((product, answer) => product * likeliest(answer), 1);
  // Summed in another order than the whole, what was found may exceed it by rounding.
  const missed = most * Math.max(0, whole - ofSummed);
  return found > 0 ? missed / (missed + found) : 1;
}

/** Answers taken one after another while the sum over them stays narrow. */
function summableAnswers(problem: Problem, width: number): Answer[] {
  const taken: Answer[] = [];
  const { answers } = problem;
  for (const answer of [...answers].sort((left, right) => left.parents.length - right.parents.length)) {
    if (planOf({ ...problem, answers: [...taken, answer] }).width <= width) taken.push(answer);
  }
  return taken;
}

/** The chance of an abnormal answer at its level or above with everything present that can bring it about. */
function likeliest({ leak, level, parents }: Answer): number {
  return (
    1 -
    parents.reduce(
      (below, { cumulative }) => below * atOrBelow(cumulative, level - 1),
      atOrBelow(leak, level - 1),
    )
  );
}

/** The unremarkable answers taken into the chances; both sides of the share lose the same factor. */
function withoutNormal(problem: Problem): Problem {
  const { priors } = foldNormal(problem, problem.answers);
  return { ...problem, priors, answers: problem.answers.filter((answer) => answer.level > 0) };
}

/** The faults that can bring an abnormal answer about, and all that is above them. */
function speakingFaults({ answers, above }: Problem): ReadonlySet<number> {
  const speaking = new Set<number>();
  for (const { parents } of answers)
    for (const { fault } of parents)
      for (let each = fault; each >= 0 && !speaking.has(each); each = above[each]!) speaking.add(each);
  return speaking;
}

/** What the combinations looked at weigh together with some of the abnormal answers, every other fault absent. */
function foundWeight(problem: Problem, answers: readonly Answer[], { list }: Explanations): number {
  const { priors, above } = problem;
  const speaking = speakingFaults(problem);
  let sum = 0;
  for (const { faults } of list) {
    const present = new Set(faults);
    let weight = 1;
    for (const fault of speaking) {
      if (above[fault]! >= 0 && !present.has(above[fault]!)) continue;
      weight *= present.has(fault) ? priors[fault]! : 1 - priors[fault]!;
    }
    // A fault that speaks about no abnormal answer is in or out as it likes: both are summed by leaving it out.
    if (faults.some((fault) => !speaking.has(fault))) continue;
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
