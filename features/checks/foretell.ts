import { inSentence } from '@/core/base/sentence';
import { causeLabel } from '@/core/diagnosis/labels';
import type { CheckOutcome, NextCheck } from '@/core/diagnosis/verdict';
import { stateInSentence } from '@/core/readings/vocabulary/words';
import { percent } from '@/ui/format';

/** So many answers are told: more nobody reads beside a car. */
const TOLD = 3;

/** What each answer of a check would make of it, in sentences: "If wet: fluid boiled, almost certainly (94 %)." */
export function foretell(next: NextCheck): string {
  const told = [...next.outcomes].sort((left, right) => right.chance - left.chance).slice(0, TOLD);
  const leaders = new Map<string, CheckOutcome[]>();
  for (const outcome of told) {
    const key = standsOut(outcome) ? `${outcome.leader} ${sureWords(outcome.leaderProbability)}` : '';
    leaders.set(key, [...(leaders.get(key) ?? []), outcome]);
  }
  return [...leaders.values()]
    .map((alike) => {
      const states = alike.map(({ state }) => stateInSentence(next.id, state)).join(' or ');
      const chances = [...new Set(alike.map(({ leaderProbability }) => percent(leaderProbability)))].join(
        ' or ',
      );
      const { leader, leaderProbability } = alike[0]!;
      if (!standsOut(alike[0]!)) return `If ${states}: nothing stands out.`;
      return `If ${states}: ${inSentence(causeLabel(leader))}, ${sureWords(leaderProbability)} (${chances}).`;
    })
    .join(' ');
}

/** A cause less likely than this is in front of nothing. */
const LEAST_IN_FRONT = 0.05;

const standsOut = ({ leaderProbability }: CheckOutcome) => leaderProbability >= LEAST_IN_FRONT;

/** How sure a chance is, as it is said in a shop. */
function sureWords(chance: number): string {
  if (chance >= 0.9) return 'almost certainly';
  if (chance >= 0.7) return 'probably';
  if (chance >= 0.5) return 'more likely than not';
  return 'first of several';
}
