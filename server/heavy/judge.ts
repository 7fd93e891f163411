import { createHash } from 'node:crypto';
import { availableParallelism } from 'node:os';
import type { Behind } from '../../core/diagnosis/behind';
import type { Verdict } from '../../core/diagnosis/verdict';
import type { JobCard } from '../../core/job/card';
import type { Judgement } from '../../core/job/judgement';
import type { JobSheet } from '../../core/job/sheet';
import { type HeavyWorker, startWorker } from './worker';

/** A judgement takes milliseconds, a board of them some hundred; past this something is wrong with it. */
const BUDGET_MS = 10_000;
/** The first verdicts of a fresh thread, with other threads starting beside it. */
const WARM_UP_MS = 60_000;

/** One processor stays for answering. */
const THREADS = Math.max(1, Math.min(3, availableParallelism() - 1));
const threads: HeavyWorker[] = [];
let turn = 0;

function nextThread(): HeavyWorker {
  turn = (turn + 1) % THREADS;
  const thread = threads[turn];
  if (thread && !thread.ended()) return thread;
  const started = startWorker();
  threads[turn] = started;
  // A thread that fails at this is gone, and the next to ask gets another.
  started.run((heavy) => heavy.warmUp(), WARM_UP_MS).catch(() => {});
  return started;
}

/** Starts the threads, so that the first to ask does not wait for them. */
export function warmUp(): void {
  for (let thread = 0; thread < THREADS; thread++) nextThread();
}

/** Judges a job away from the main thread; the same sheet is judged once. */
export const judgeAside = remembered<Judgement>((sheet) =>
  nextThread().run((heavy) => heavy.judge(sheet), BUDGET_MS),
);

/** The verdict with the weight of every answer on every cause, as it is written down. */
export const verdictAside = remembered<Verdict>((sheet) =>
  nextThread().run((heavy) => heavy.verdictOf(sheet) as Promise<Verdict>, BUDGET_MS),
);

/** What stands behind the cause in front. */
export const behindFirstAside = remembered<Behind>((sheet) =>
  nextThread().run((heavy) => heavy.behindFirst(sheet) as Promise<Behind>, BUDGET_MS),
);

/** A job at a glance, likewise. */
export const cardAside = remembered<JobCard>((sheet) =>
  nextThread().run((heavy) => heavy.cardOf(sheet) as Promise<JobCard>, BUDGET_MS),
);

/** Sheets whose answers are kept, the least lately asked for going first: the open jobs of a large shop. */
const MOST_KEPT = 200;

/**
 * Keeps what was made of a sheet under all that stands in it: whoever asks for the same at the same time waits for one
 * answer, and nothing has to be told when a sheet changes.
 */
function remembered<T>(make: (sheet: JobSheet) => Promise<T>): (sheet: JobSheet) => Promise<T> {
  const kept = new Map<string, Promise<T>>();
  return (sheet) => {
    const key = createHash('sha256').update(JSON.stringify(sheet)).digest('base64');
    const known = kept.get(key);
    kept.delete(key);
    const answer = known ?? make(sheet);
    kept.set(key, answer);
    if (kept.size > MOST_KEPT) kept.delete(kept.keys().next().value!);
    // A failure is not an answer to keep.
    if (!known) answer.catch(() => kept.delete(key));
    return answer;
  };
}
