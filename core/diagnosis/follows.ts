import type { GivenFinding } from '../readings/given';
import type { After, FindingEntry } from '../readings/vocabulary/entry';

/** Whether a question makes sense as things stand: it follows from nothing, or from something that was answered so. */
export function asksNow({ after }: Pick<FindingEntry, 'after'>, findings: readonly GivenFinding[]): boolean {
  return after === undefined || parentOf(after, findings) !== undefined;
}

/** The answer that a question follows from, when it was given. */
export function parentOf(after: After, findings: readonly GivenFinding[]): GivenFinding | undefined {
  // Asked of every question at each verdict: the states behind a finding's own name are looked through where they stand.
  return findings.find(({ id, state }) =>
    after.any.some((answer) => answer[0] === id && answer.indexOf(state, 1) > 0),
  );
}
