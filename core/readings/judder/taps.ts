/** Taps closer than this are one, ms; further apart than this begin anew. */
const LEAST_GAP_MS = 35;
const MOST_GAP_MS = 2500;
/** So many taps before a beat is told. */
const LEAST_TAPS = 4;

export type Beat = {
  hz: number;
  taps: number;
  /** Scatter of the gaps over their mean: under a tenth is steady. */
  unevenness: number;
};

/**
 * The beat of somebody tapping along: taps over time, from the first to the last, so that one early finger weighs little.
 * @param times when each tap came, ms, rising
 * @returns undefined until there are enough of them
 */
export function beatOf(times: readonly number[]): Beat | undefined {
  const run = lastRun(times);
  if (run.length < LEAST_TAPS) return undefined;
  const gaps = run.slice(1).map((time, index) => time - run[index]!);
  const mean = (run.at(-1)! - run[0]!) / gaps.length;
  const variance = gaps.reduce((sum, gap) => sum + (gap - mean) ** 2, 0) / gaps.length;
  return { hz: 1000 / mean, taps: run.length, unevenness: Math.sqrt(variance) / mean };
}

/** The taps since the last pause, without bounces. */
function lastRun(times: readonly number[]): number[] {
  const run: number[] = [];
  for (const time of times) {
    const last = run.at(-1);
    if (last !== undefined && time - last > MOST_GAP_MS) run.length = 0;
    if (run.length === 0 || time - run.at(-1)! >= LEAST_GAP_MS) run.push(time);
  }
  return run;
}
