import { Worker } from 'node:worker_threads';
import { type Remote, wrap } from 'comlink';
import nodeEndpoint from 'comlink/dist/esm/node-adapter.mjs';
import type { Heavy } from '../../workers/heavy';
import { Failure } from '../failure';
import { whenSpent } from './budget';

/** A thread that computes for the server, and can be ended in the middle of it. */
export type HeavyWorker = {
  /** One piece of work, refused when it takes longer than its budget or the thread fails: then the thread is gone. */
  run: <T>(work: (heavy: Remote<Heavy>) => Promise<T>, budgetMs: number) => Promise<T>;
  ended: () => boolean;
  end: () => void;
};

/** Memory a thread may take, MB: a request made to be large ends its thread, not the server. */
const MOST_MEMORY_MB = 1024;

export function startWorker(): HeavyWorker {
  const path = process.env.BAVRIN_WORKER;
  if (!path) throw new Failure('unavailable', 'No worker is set: BAVRIN_WORKER is empty.');
  const thread = new Worker(path, { resourceLimits: { maxOldGenerationSizeMb: MOST_MEMORY_MB } });
  const heavy = wrap<Heavy>(nodeEndpoint(thread));
  let ended = false;
  let waiting = 0;
  const failed = new Promise<never>((_, reject) => {
    const fail = () => {
      ended = true;
      reject(tooMuch());
    };
    thread.once('error', fail);
    thread.once('exit', fail);
  });
  failed.catch(() => {});
  // An idle thread keeps no command from ending.
  thread.unref();
  const end = () => {
    ended = true;
    void thread.terminate();
  };
  return {
    ended: () => ended,
    end,
    async run(work, budgetMs) {
      let stopCounting = () => {};
      const late = new Promise<never>((_, reject) => {
        stopCounting = whenSpent(budgetMs, () => {
          end();
          reject(tooMuch());
        });
      });
      waiting += 1;
      thread.ref();
      try {
        return await Promise.race([work(heavy), late, failed]);
      } finally {
        stopCounting();
        waiting -= 1;
        if (waiting === 0) thread.unref();
      }
    },
  };
}

function tooMuch(): Failure {
  return new Failure('too_large', 'That takes more than one request may. Nothing was saved.');
}
