import { FINDINGS, type Finding, type FindingId } from '../../readings/vocabulary/findings';
import type { CauseId } from '../causes';
import { knowledgeOf, linksTo } from '../knowledge/all';
import type { CauseVerdict } from '../verdict';

export type Confusable = {
  cause: CauseId;
  /** The check that tells the two apart best for its minutes, and what of it speaks most for each. */
  check?: { finding: FindingId; minutes: number; ifThis: Telling; ifOther: Telling };
};

/** What a check would show, and whether that settles which of two causes it is, or only leans. */
export type Telling = { state: string; settles: boolean };

/** What is so many times likelier with one of two causes settles which it is, if it is to be expected at all. */
const SETTLES = 5;
const EXPECTED = 0.25;

/** A check that says less a minute tells nothing apart, bits. */
const LEAST_RATE = 0.002;

/** So many are worth naming. */
const NAMED = 2;

/**
 * The causes most easily taken for this one: alike in what they bring about, and not already out of the question, each
 * with the open check that separates the two best a minute.
 * Likeness is the overlap of what the two produce: Σ min / Σ max of the link strengths.
 */
export function confusableWith(
  cause: CauseId,
  causes: readonly Pick<CauseVerdict, 'id' | 'probability'>[],
  open: (finding: FindingId) => boolean,
): Confusable[] {
  return causes
    .filter((other) => other.id !== cause && other.probability > 0)
    .map((other) => ({ other: other.id, weight: likeness(cause, other.id) * Math.sqrt(other.probability) }))
    .filter(({ weight }) => weight > 0)
    .sort((left, right) => right.weight - left.weight || (left.other < right.other ? -1 : 1))
    .slice(0, NAMED)
    .map(({ other }) => {
      const check = separating(cause, other, open);
      return { cause: other, ...(check ? { check } : {}) };
    });
}

function likeness(left: CauseId, right: CauseId): number {
  const strengths = (cause: CauseId) =>
    new Map(
      knowledgeOf(cause).links.map(({ finding, state, strength }) => [`${finding} ${state}`, strength]),
    );
  const one = strengths(left);
  const other = strengths(right);
  let least = 0;
  let most = 0;
  for (const key of new Set([...one.keys(), ...other.keys()])) {
    least += Math.min(one.get(key) ?? 0, other.get(key) ?? 0);
    most += Math.max(one.get(key) ?? 0, other.get(key) ?? 0);
  }
  return most === 0 ? 0 : least / most;
}

/**
 * The open check with the most information about which of two causes it is, a minute (Jensen–Shannon divergence); of those
 * with an answer that settles it, where there are any: a glance that hardly leans is quick, and tells nothing apart.
 */
function separating(
  cause: CauseId,
  other: CauseId,
  open: (finding: FindingId) => boolean,
): Confusable['check'] {
  const [best] = (FINDINGS as readonly Finding[])
    .filter(({ id, stage, minutes }) => stage === 'check' && minutes !== undefined && open(id))
    .map((finding) => {
      const one = statesGiven(cause, finding);
      const two = statesGiven(other, finding);
      const minutes = finding.minutes!;
      const ifThis = telling(finding, one, two);
      const ifOther = telling(finding, two, one);
      return {
        check: { finding: finding.id, minutes, ifThis, ifOther },
        rate: divergence(one, two) / minutes,
        settles: Number(ifThis.settles || ifOther.settles),
      };
    })
    .filter(({ rate }) => rate > LEAST_RATE)
    .sort((left, right) => right.settles - left.settles || right.rate - left.rate);
  return best?.check;
}

/** The state that speaks most for one cause against another. */
function telling({ states }: Finding, of: readonly number[], against: readonly number[]): Telling {
  const at = of.reduce(
    (top, value, index) => (value - against[index]! > of[top]! - against[top]! ? index : top),
    0,
  );
  return { state: states[at]!, settles: of[at]! >= Math.max(EXPECTED, SETTLES * against[at]!) };
}

/** P(state) of a finding with one cause present and the rest of the world as usual. */
function statesGiven(cause: CauseId, finding: Finding): number[] {
  const links = linksTo(finding.id).get(cause) ?? [];
  const abnormal = finding.states.slice(1).map((state) => {
    const strength = links.find((link) => link.state === state)?.strength ?? 0;
    const leak = finding.leak?.[state] ?? 0;
    return 1 - (1 - strength) * (1 - leak);
  });
  const sum = abnormal.reduce((total, each) => total + each, 0);
  const scale = sum > 1 ? 1 / sum : 1;
  return [Math.max(0, 1 - sum), ...abnormal.map((each) => each * scale)];
}

function divergence(one: readonly number[], two: readonly number[]): number {
  return one.reduce((sum, left, index) => {
    const right = two[index]!;
    const middle = (left + right) / 2;
    const part = (value: number) => (value > 0 ? (value / 2) * Math.log2(value / middle) : 0);
    return sum + part(left) + part(right);
  }, 0);
}
