import type { ReadBy } from '../../core/exchange/readings/by';
import type { LineIssue, TakenReading } from '../../core/exchange/readings/read';
import { startWorker } from './worker';

/** Reading a hundred thousand lines takes seconds; what takes longer was made to. */
const BUDGET_MS = 60_000;
/** Readings handed over at once: as many as one statement takes with room to spare. */
const BATCH = 2000;

export type ReadAway = {
  says: { readings: number; days: number; cars: number; refusedLines: number; issues: LineIssue[] };
  batches: AsyncIterable<TakenReading[]>;
};

/** Reads a table in a thread of its own, and then hands its readings over in parts. */
export async function withTable<T>(csv: string, by: ReadBy, use: (read: ReadAway) => Promise<T>): Promise<T> {
  const worker = startWorker();
  try {
    const says = await worker.run((heavy) => heavy.openTable(csv, by), BUDGET_MS);
    async function* batches() {
      for (let from = 0; from < says.readings; from += BATCH)
        yield await worker.run((heavy) => heavy.takeReadings(from, from + BATCH), BUDGET_MS);
    }
    return await use({ says, batches: batches() });
  } finally {
    worker.end();
  }
}
