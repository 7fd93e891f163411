/** That a page was loaded anew by itself: how many times in a row, and when last. */
export type Reloaded = { path: string; times: number; at: number };

const FIRST_MS = 60_000;
const LONGEST_MS = 3_600_000;

/**
 * How long a page that failed waits before it is loaded anew. The first time not at all: the server was away. One that
 * fails again right after it has a fault of its own, and nobody watches it load over and over: a minute, then twice as
 * long each time, an hour at most.
 */
export function waitBefore(last: Reloaded | undefined, path: string, now: number): number {
  if (last?.path !== path) return 0;
  const wait = Math.min(LONGEST_MS, FIRST_MS * 2 ** (last.times - 1));
  // It has been well since: this is another fault.
  if (now - last.at > 2 * wait) return 0;
  return wait;
}
