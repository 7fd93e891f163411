import { createHash } from 'node:crypto';
import { availableParallelism } from 'node:os';
import type { Behind } from '../../core/diagnosis/behind';
import type { Verdict } from '../../core/diagnosis/verdict';
import type { JobCard } from '../../core/job/card';
import type { Judgement } from '../../core/job/judgement';
import type { JobSheet } from '../../core/job/sheet';
import { pool } from './pool';
import { startWorker } from './worker';

/** A judgement takes milliseconds, very many answers seconds, on a slow machine several times as long; past this something is wrong with it. */
const BUDGET_MS = 30_000;
/** The first verdicts of a fresh thread, with other threads starting beside it. */
const WARM_UP_MS = 60_000;

/** One processor stays for answering. */
const THREADS = Math.max(1, Math.min(3, availableParallelism() - 1));
const { run: aside, warmUp } = pool({
  size: THREADS,
  start: startWorker,
  warm: (thread) => thread.run((heavy) => heavy.warmUp(), WARM_UP_MS),
  budgetMs: BUDGET_MS,
});

/** Starts the threads, so that the first to ask does not wait for them. */
export { warmUp };

/** Judges a job away from the main thread; the same sheet is judged once. */
export const judgeAside = remembered<Judgement>((sheet) => aside((heavy) => heavy.judge(sheet)));

/** The verdict with the weight of every answer on every cause, as it is written down. */
export const verdictAside = remembered<Verdict>((sheet) =>
  aside((heavy) => heavy.verdictOf(sheet) as Promise<Verdict>),
);

/** What stands behind the cause in front. */
export const behindFirstAside = remembered<Behind>((sheet) =>
  aside((heavy) => heavy.behindFirst(sheet) as Promise<Behind>),
);

/** A job at a glance, likewise. */
export const cardAside = remembered<JobCard>((sheet) => aside((heavy) => heavy.cardOf(sheet)));

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
