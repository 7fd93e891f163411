import { type FindingId, findingOf } from './findings';

/** Between the states of one answer as it is written down; no state's id has one. */
const BETWEEN = ',';

/** The states that one answer names: one, or several where the vocabulary lets several hold at one place. */
export function statesIn(said: string): string[] {
  return said.split(BETWEEN);
}

/**
 * Several states as the one answer that is written down: in the vocabulary's order, each once. The unremarkable state
 * holds alone, so beside others it goes; where only one can hold, the first said stands.
 */
export function togetherSaid(finding: FindingId, said: readonly string[]): string {
  const { several, states } = findingOf(finding);
  if (!several) return said[0]!;
  const abnormal = states.slice(1).filter((state) => said.includes(state));
  return abnormal.length > 0 ? abnormal.join(BETWEEN) : states[0]!;
}

/**
 * What an answer becomes when a state is pressed: that state goes when it was there; else it joins the others that can
 * hold beside it, or takes their place. Null: nothing is left of the answer.
 * @param said the answer that stands, '' for none
 */
export function afterPress(finding: FindingId, said: string, state: string): string | null {
  const had = said === '' ? [] : statesIn(said);
  const left = had.filter((each) => each !== state);
  if (left.length < had.length) return left.length > 0 ? togetherSaid(finding, left) : null;
  return takesMore(finding, state) ? togetherSaid(finding, [...had, state]) : state;
}

/** Whether more can hold beside this state, so that whoever pressed it may not be done. */
export function takesMore(finding: FindingId, state: string): boolean {
  const { several, states } = findingOf(finding);
  return several !== undefined && state !== states[0] && states.length > 2;
}

/** Whether an answer says that something is not as it should be. */
export function isAbnormal(finding: FindingId, said: string): boolean {
  const { states } = findingOf(finding);
  return statesIn(said).some((state) => states.indexOf(state) > 0);
}
