import type { Remote } from 'comlink';
import pLimit from 'p-limit';
import type { Heavy } from '../../workers/heavy';
import type { HeavyWorker } from './worker';

/**
 * Threads that take one piece of work each, in the order it was asked for. What comes before it, and a thread that starts,
 * take nothing of its time; a thread that failed is replaced by another, and what waits goes on.
 * @param warm what a fresh thread does first
 */
export function pool({
  size,
  start,
  warm,
  budgetMs,
}: {
  size: number;
  start: () => HeavyWorker;
  warm: (thread: HeavyWorker) => Promise<void>;
  budgetMs: number;
}) {
  const inTurn = pLimit(size);
  const idle: HeavyWorker[] = [];

  async function free(): Promise<HeavyWorker> {
    for (let known = idle.pop(); known; known = idle.pop()) if (!known.ended()) return known;
    const started = start();
    await warm(started);
    return started;
  }

  return {
    run<T>(work: (heavy: Remote<Heavy>) => Promise<T>): Promise<T> {
      return inTurn(async () => {
        const thread = await free();
        try {
          return await thread.run(work, budgetMs);
        } finally {
          if (!thread.ended()) idle.push(thread);
        }
      });
    },
    /** Starts all of them. One that fails at it is gone, and whoever asks gets another. */
    warmUp(): void {
      for (let each = 0; each < size; each++)
        inTurn(async () => idle.push(await free())).catch(() => undefined);
    },
  };
}
