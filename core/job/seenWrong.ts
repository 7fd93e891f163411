import type { GivenFinding } from '../readings/given';
import { slotOf } from '../readings/merged';
import type { FindingWhere } from '../readings/vocabulary/entry';
import { findingOf } from '../readings/vocabulary/findings';
import { isAbnormal } from '../readings/vocabulary/several';
import type { AnswerRow } from './sheet';
import { givenIn } from './standing';

/** Felt, or hot, only where it was driven: nothing that is seen on a standing car. */
const DRIVEN: ReadonlySet<FindingWhere | undefined> = new Set(['road', 'pit_lane'] as const);

/** What was found wrong by eye or by hand on the standing car, and was not found right again since. */
export function seenWrong({ answers }: { answers: readonly AnswerRow[] }): GivenFinding[] {
  // What a step only implied nobody has looked at.
  const looked = answers.filter((row) => !row.implied);
  const after = givenIn(looked, 'after');
  const since = new Set(after.map(slotOf));
  const last = [...givenIn(looked, 'before').filter((given) => !since.has(slotOf(given))), ...after];
  return last.filter(({ id, state }) => {
    const { stage, where } = findingOf(id);
    return stage === 'check' && !DRIVEN.has(where) && isAbnormal(id, state);
  });
}
