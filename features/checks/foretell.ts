import { inSentence, listed } from '@/core/base/sentence';
import type { CauseId } from '@/core/diagnosis/causes';
import { causeLabel } from '@/core/diagnosis/labels';
import type { CheckOutcome, NextCheck } from '@/core/diagnosis/verdict';
import { stateInSentence } from '@/core/readings/vocabulary/words';
import { percent } from '@/ui/format';

/** So many answers are told: more nobody reads beside a car. */
const TOLD = 3;

/**
 * What each answer of a check would make of it, in sentences: "If wet: fluid boiled, almost certainly (94 %)." Where the
 * same cause stays in front whatever is found, what the check decides is told instead.
 */
export function foretell(next: NextCheck): string {
  const told = [...next.outcomes].sort((left, right) => right.chance - left.chance).slice(0, TOLD);
  const [first] = told;
  const stays = told.length > 1 && told.every(({ leader }) => leader === first!.leader) && standsOut(first!);
  if (stays && next.subject && next.subject !== first!.leader)
    return `${causeLabel(first!.leader)} either way. ${sentences(next, told, (each) => saying(next.subject!, each.subjectProbability, 'possibly'))}`;
  return sentences(next, told, (each) =>
    standsOut(each) ? saying(each.leader, each.leaderProbability, 'first of several') : undefined,
  );
}

/** What is said of a cause: which it is, how sure that would be, and the figure. */
type Saying = { cause: CauseId; sure: string; chance: string };

const saying = (cause: CauseId, chance: number, unsure: string): Saying => ({
  ...{ cause, sure: sureWords(chance, unsure), chance: percent(chance) },
});

/** A sentence for all answers of which the same would be said. */
function sentences(
  { id }: NextCheck,
  told: readonly CheckOutcome[],
  sayingOf: (outcome: CheckOutcome) => Saying | undefined,
): string {
  const groups = new Map<string, { states: string[]; says: Saying[] }>();
  for (const outcome of told) {
    const says = sayingOf(outcome);
    const key = says ? `${says.cause} ${says.sure}` : '';
    const group = groups.get(key) ?? { states: [], says: [] };
    group.states.push(stateInSentence(id, outcome.state));
    if (says) group.says.push(says);
    groups.set(key, group);
  }
  return [...groups.values()]
    .map(({ states, says: [said, ...alike] }) => {
      const found = `If ${listed(states, 'or')}`;
      if (!said) return `${found}: nothing stands out.`;
      const chances = [...new Set([said, ...alike].map(({ chance }) => chance))].join(' or ');
      return `${found}: ${inSentence(causeLabel(said.cause))}, ${said.sure} (${chances}).`;
    })
    .join(' ');
}

/** A cause less likely than this is in front of nothing. */
const LEAST_IN_FRONT = 0.05;

const standsOut = ({ leaderProbability }: CheckOutcome) => leaderProbability >= LEAST_IN_FRONT;

/** How sure a chance is, as it is said in a shop. */
function sureWords(chance: number, unsure: string): string {
  if (chance >= 0.9) return 'almost certainly';
  if (chance >= 0.7) return 'probably';
  if (chance >= 0.5) return 'more likely than not';
  return chance >= LEAST_IN_FRONT ? unsure : 'hardly';
}
