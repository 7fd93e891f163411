import { describe, expect, it } from 'vitest';
import { whenSpent } from './budget';
import { pool } from './pool';
import type { HeavyWorker } from './worker';

const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));
const BUDGET_MS = 400;

/** Threads that do what they are given one after another, and end where it takes too long, as the server's do. */
function threads(size: number, warmMs = 0) {
  let atWork = 0;
  const seen = { started: 0, most: 0 };
  const start = (): HeavyWorker => {
    seen.started += 1;
    let ended = false;
    let before: Promise<unknown> = Promise.resolve();
    return {
      ended: () => ended,
      end: () => {
        ended = true;
      },
      run(work, budgetMs) {
        atWork += 1;
        seen.most = Math.max(seen.most, atWork);
        const mine = before.then(() => work({} as never));
        before = mine.catch(() => undefined);
        let stop = () => {};
        const late = new Promise<never>((_, reject) => {
          stop = whenSpent(budgetMs, () => {
            ended = true;
            reject(new Error('spent'));
          });
        });
        return Promise.race([mine, late]).finally(() => {
          stop();
          atWork -= 1;
        });
      },
    };
  };
  const warm = (thread: HeavyWorker) => thread.run(() => pause(warmMs) as Promise<void>, 60_000);
  return { seen, ...pool({ size, start, warm, budgetMs: BUDGET_MS }) };
}

describe('the threads that judge', () => {
  it('count a piece of work from its own beginning: neither what is before it nor a thread that starts', async () => {
    const { run, seen } = threads(1, 500);
    const done = await Promise.all(
      [1, 2, 3, 4, 5, 6].map((each) =>
        run(async () => {
          await pause(100);
          return each;
        }),
      ),
    );
    expect(done).toEqual([1, 2, 3, 4, 5, 6]);
    expect(seen).toEqual({ started: 1, most: 1 });
  });

  it('work beside each other, and no more of them than there are', async () => {
    const { run, seen, warmUp } = threads(3);
    warmUp();
    await Promise.all(Array.from({ length: 12 }, () => run(() => pause(10))));
    expect(seen).toEqual({ started: 3, most: 3 });
  });

  it('end over what takes too long, and another does what waits', async () => {
    const { run, seen } = threads(1);
    const long = run(() => pause(5_000));
    const next = run(async () => 'done');
    await expect(long).rejects.toThrow('spent');
    expect(await next).toBe('done');
    expect(seen.started).toBe(2);
  });

  it('go on after work that failed', async () => {
    const { run, seen } = threads(1);
    await expect(run(() => Promise.reject(new Error('no such answer')))).rejects.toThrow('no such answer');
    expect(await run(async () => 'done')).toBe('done');
    expect(seen.started).toBe(1);
  });
});
