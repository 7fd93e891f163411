import { kept } from '../kept';
import type { Explanations } from './explanations';
import { foldNormal } from './fold';
import { evidenceOf, planOf } from './posterior';
import { type Answer, atOrBelow, type Problem } from './problem';

/** Answers of the bound's exact part open at once; the sum over them stays a few milliseconds. */
const BOUND_WIDTH = 10;

/** After so many that do not fit, hardly any other will. */
const MOST_REFUSED = 4;

/**
 * How much may lie in combinations that were not looked at, when there were too many to sum: at most this share.
 *
 * Proof. Split the abnormal answers into A, few enough to sum exactly, and the rest B. A combination S not looked at
 * weighs P(S) P(A|S) P(B|S), and no combination makes B likelier than every fault at once does (noisy-MAX is monotone):
 * P(B|S) <= M. So all of them together weigh at most M (P(A) - what those looked at have of P(A)), with P(A) exact.
 */
export function leftOut(problem: Problem, explanations: Explanations, width = BOUND_WIDTH): number {
  const reduced = withoutNormal(problem);
  const summed = new Set(summableAnswers(reduced, width));
  const { found, ofSummed } = foundWeights(reduced, summed, explanations);
  const whole = evidenceOf({ ...reduced, answers: [...summed] });
  const most = reduced.answers.reduce(
    (product, answer) => (summed.has(answer) ? product : product * likeliest(answer)),
    1,
  );
  // Summed in another order than the whole, what was found may exceed it by rounding.
  const missed = most * Math.max(0, whole - ofSummed);
  return found > 0 ? missed / (missed + found) : 1;
}

/** Answers taken one after another while the sum over them stays narrow; those that few faults speak for come first. */
function summableAnswers(problem: Problem, width: number): Answer[] {
  const taken: Answer[] = [];
  let refused = 0;
  const order = [...problem.answers].sort((left, right) => left.parents.length - right.parents.length);
  for (const answer of order) {
    if (planOf({ ...problem, answers: [...taken, answer] }).width <= width) taken.push(answer);
    else if (++refused === MOST_REFUSED) break;
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

/** What the combinations looked at weigh together, every other fault absent: with all abnormal answers, and with some. */
function foundWeights(
  problem: Problem,
  some: ReadonlySet<Answer>,
  { list }: Explanations,
): { found: number; ofSummed: number } {
  const { priors, above, answers } = problem;
  const speaking = speakingFaults(problem);
  const effects = effectsOf(problem);
  const alone = {
    below: Float64Array.from(answers, ({ leak, level }) => atOrBelow(leak, level - 1)),
    atMost: Float64Array.from(answers, ({ leak, level }) => atOrBelow(leak, level)),
  };
  let found = 0;
  let ofSummed = 0;
  for (const { faults } of list) {
    // A fault that speaks about no abnormal answer is in or out as it likes: both are summed by leaving it out.
    if (faults.some((fault) => !speaking.has(fault))) continue;
    const present = new Set(faults);
    let weight = 1;
    for (const fault of speaking) {
      if (above[fault]! >= 0 && !present.has(above[fault]!)) continue;
      weight *= present.has(fault) ? priors[fault]! : 1 - priors[fault]!;
    }
    const below = alone.below.slice();
    const atMost = alone.atMost.slice();
    for (const fault of faults)
      for (const effect of effects.get(fault) ?? []) {
        below[effect.answer]! *= effect.below;
        atMost[effect.answer]! *= effect.atMost;
      }
    let others = 1;
    answers.forEach((answer, index) => {
      const chance = atMost[index]! - below[index]!;
      if (some.has(answer)) weight *= chance;
      else others *= chance;
    });
    ofSummed += weight;
    found += weight * others;
  }
  return { found, ofSummed };
}

type Effect = { answer: number; below: number; atMost: number };

/** By fault, how it leaves each answer that it bears on. */
function effectsOf({ answers }: Problem): ReadonlyMap<number, readonly Effect[]> {
  const effects = new Map<number, Effect[]>();
  answers.forEach(({ level, parents }, answer) => {
    for (const { fault, cumulative } of parents)
      kept(effects, fault, (): Effect[] => []).push({
        answer,
        below: atOrBelow(cumulative, level - 1),
        atMost: atOrBelow(cumulative, level),
      });
  });
  return effects;
}
