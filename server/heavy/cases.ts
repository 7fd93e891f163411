import type { Outcome } from '../../core/base/issues/issue';
import type { OpenCase } from '../../core/exchange/casefile/open';
import { accept } from '../failure';
import { startWorker } from './worker';

/** Reading and checking ten years of cases takes seconds; what takes longer was made to. */
const BUDGET_MS = 30_000;
/** Cases handed over at once. */
const BATCH = 100;

/** Checks all cases of an upload in a thread of its own, and then hands them over in parts. */
export async function withCases<T>(
  bytes: Uint8Array<ArrayBuffer>,
  use: (batches: AsyncIterable<OpenCase[]>) => Promise<T>,
): Promise<T> {
  const worker = startWorker();
  try {
    const count = accept(await worker.run<Outcome<number>>((heavy) => heavy.openCases(bytes), BUDGET_MS));
    async function* batches() {
      for (let from = 0; from < count; from += BATCH)
        yield await worker.run((heavy) => heavy.takeCases(from, from + BATCH), BUDGET_MS);
    }
    return await use(batches());
  } finally {
    worker.end();
  }
}
