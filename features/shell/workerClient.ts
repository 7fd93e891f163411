import type { Remote } from 'comlink';

/** How one call is made. */
export type CallOptions = {
  /** Gives the call up: its answer is dropped. */
  signal?: AbortSignal;
};

/**
 * A web worker, begun when it is first asked, and typed after what it exposes.
 * @param begin makes the worker; written out where it is used, since the bundler looks for `new Worker(new URL(…))`
 * @param endsWithCall a call that is given up ends the worker with it, when nobody else waits for it: for work that takes
 * long, and a worker that is quick to begin
 */
export function workerClient<T>(begin: () => Worker, { endsWithCall = false } = {}) {
  const worker = begunOnce<T>(begin);
  let underWay = 0;

  return {
    /** Has it begun before it is asked: where there is no network by then it could not be fetched. */
    ready(): void {
      worker.get();
    },

    /**
     * Asks the worker. Progress comes through a callback made with comlink's `proxy` and handed over with what is asked.
     * @throws the signal's reason when it is given up, whatever the worker throws, and where it could not be begun
     */
    async call<R>(ask: (remote: Remote<T>) => PromiseLike<R>, { signal }: CallOptions = {}): Promise<R> {
      signal?.throwIfAborted();
      const { remote, broken } = worker.get();
      underWay += 1;
      const given = givenUp(signal, () => endsWithCall && underWay === 1 && worker.end());
      try {
        return await Promise.race([remote.then(ask), given.up, broken]);
      } finally {
        underWay -= 1;
        given.done();
      }
    },
  };
}

/** A worker as it runs, and what says that it broke. */
type Running<T> = { remote: Promise<Remote<T>>; broken: Promise<never> };

/** One worker at a time: the one that runs, else another. */
function begunOnce<T>(begin: () => Worker) {
  let worker: Worker | undefined;
  let running: Running<T> | undefined;

  function end(): void {
    worker?.terminate();
    worker = undefined;
    running = undefined;
  }

  function start(): Running<T> {
    const mine = begin();
    worker = mine;
    // How to talk to it comes with it: no page needs that before.
    const remote = import('comlink').then(({ wrap }) => wrap<T>(mine));
    // One that cannot be fetched answers nobody: whoever asks next has another one begun.
    remote.catch(() => worker === mine && end());
    const broken = new Promise<never>((_, reject) => {
      mine.addEventListener('error', (event) => {
        event.preventDefault();
        if (worker === mine) end();
        reject(new Error('the worker could not be begun'));
      });
    });
    broken.catch(() => undefined);
    running = { remote, broken };
    return running;
  }

  return { get: (): Running<T> => running ?? start(), end };
}

/** Rejects with the signal's reason when a call is given up, after what that ends; `done` stops listening for it. */
function givenUp(signal: AbortSignal | undefined, ends: () => void) {
  let giveUp = () => {};
  const up = new Promise<never>((_, reject) => {
    giveUp = () => {
      ends();
      reject(signal!.reason);
    };
    signal?.addEventListener('abort', giveUp);
  });
  return { up, done: () => signal?.removeEventListener('abort', giveUp) };
}
