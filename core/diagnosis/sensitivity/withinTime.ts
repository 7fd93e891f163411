import type { NextCheck } from '../verdict';

/** The checks that can still be finished in the time there is, in their order; all of them when nothing presses. */
export function withinTime(
  checks: readonly NextCheck[],
  minutesLeft: number | undefined,
): readonly NextCheck[] {
  return minutesLeft === undefined ? checks : checks.filter((check) => check.minutes <= minutesLeft);
}
