import { z } from 'zod';
import { dayIn, momentIn } from '../../core/base/day';
import { parseWith } from '../../core/base/issues/zod';
import type { ReadBy } from '../../core/exchange/readings/by';
import { COLUMN_IDS } from '../../core/exchange/readings/columns';
import type { LineIssue, TakenReading } from '../../core/exchange/readings/read';
import { readingLabel } from '../../core/readings/measureOf';
import { CALCS_VERSION } from '../../core/readings/version';
import { getCar, listCars } from '../cars/queries';
import { oneAtATime } from '../db/oneAtATime';
import { database, type Sql } from '../db/sql';
import { accept, refused } from '../failure';
import { withTable } from '../heavy/table';
import { idFromContent } from '../ids';
import { getShop, type ShopRow } from '../shop/queries';

/** A table as it is sent: its text, and what its columns hold. */
const tableSchema = z.strictObject({
  csv: z.string().min(1, 'a table is needed'),
  mapping: z
    .array(z.enum(COLUMN_IDS).nullable())
    .min(1, 'at least one column')
    .max(200, 'at most 200 columns'),
  only: z.uuid().nullable(),
  units: z.strictObject({ mm: z.enum(['mm', 'in']), '°C': z.enum(['°C', '°F']) }),
  /** Leaves lines that are refused out, instead of refusing all. */
  leaveOut: z.boolean(),
});

/** What a table comes to, before or after it is taken in. */
export type TableSays = {
  readings: number;
  days: number;
  cars: number;
  /** Readings that are on file already, of an earlier taking in. */
  known: number;
  refusedLines: number;
  /** The first of what is wrong. */
  issues: LineIssue[];
};

/** Many years of readings in one table are a few megabytes. */
export const LARGEST_TABLE = 24 * 1024 * 1024;

/** Taking in many years of readings may take this long. */
const TAKE_MS = 5 * 60_000;

/** What a table would come to; nothing is written. */
export async function checkTable(input: unknown, now = new Date()): Promise<TableSays> {
  const table = accept(parseWith(tableSchema, input));
  const shop = await getShop();
  return withTable(table.csv, await readBy(table, shop, now), async ({ says }) => ({ ...says, known: 0 }));
}

/**
 * Takes a table of readings in: a closed job for each car and day, all or nothing. The same readings are not taken twice, by whoever
 * sends them. Ended by its signal, it leaves no trace.
 * @param progress told how many readings are written, of how many
 */
export async function takeTable(
  input: unknown,
  progress: (done: number, of: number) => void,
  signal: AbortSignal,
  now = new Date(),
): Promise<TableSays> {
  const table = accept(parseWith(tableSchema, input));
  const shop = await getShop();
  return withTable(table.csv, await readBy(table, shop, now), async ({ says, batches }) => {
    if (says.refusedLines > 0 && !table.leaveOut) throw refused(says.issues);
    return database('work', TAKE_MS).begin(async (tx) => {
      await oneAtATime(tx, 'table');
      let done = 0;
      let known = 0;
      for await (const batch of batches) {
        signal.throwIfAborted();
        known += batch.length - (await writeBatch(tx, batch, shop));
        done += batch.length;
        progress(done, says.readings);
      }
      signal.throwIfAborted();
      return { ...says, known };
    });
  });
}

async function readBy(
  { mapping, only, units }: z.infer<typeof tableSchema>,
  shop: ShopRow,
  now: Date,
): Promise<ReadBy> {
  const lines = await listCars();
  const cars = await Promise.all(lines.map(async ({ id }) => ({ id, spec: await getCar(id) })));
  return {
    ...{ mapping, cars, units, limits: shop.limits, dateOrder: shop.dateOrder },
    ...(only ? { only } : {}),
    today: dayIn(shop.timeZone, now),
  };
}

/** Who closed a job that came in by a table. */
const BY = 'imported';

/** @returns how many were not on file yet */
async function writeBatch(tx: Sql, batch: readonly TakenReading[], shop: ShopRow): Promise<number> {
  const days = [...new Set(batch.map(({ day }) => day))];
  // Midday on the shop's wall: no clock is put on that.
  const at = new Map(days.map((day) => [day, momentIn(shop.timeZone, day, '12:00').toISOString()]));
  const rows = batch.map(({ carId, day, kind, corner, figures, input, result }) => ({
    id: idFromContent(`${carId} ${day} ${kind} ${corner} ${JSON.stringify(Object.entries(figures).sort())}`),
    ...{ jobId: idFromContent(`readings of ${carId} on ${day}`), carId, at: at.get(day)! },
    ...{ kind, corner, input, result },
  }));
  // As one value: thousands of rows of parameters of their own take longer to send than to write.
  await tx`
    insert into jobs (id, car_id, complaint, opened_at, closed_at, closed_by, outcome)
    select distinct "jobId", "carId", 'Readings taken in from a table', at, at, ${BY}, 'no_change'
    from jsonb_to_recordset(${tx.json(rows as never)}) as r ("jobId" uuid, "carId" uuid, at timestamptz)
    on conflict (id) do nothing`;
  const written = await tx`
    insert into readings (id, job_id, phase, kind, corner, input, result, calcs, recorded_at)
    select id, "jobId", 'before', kind, corner, input, result, ${CALCS_VERSION}, at
    from jsonb_to_recordset(${tx.json(rows as never)})
      as r (id uuid, "jobId" uuid, kind text, corner text, input jsonb, result jsonb, at timestamptz)
    on conflict do nothing returning 1`;
  if (written.length < rows.length) await refuseOthers(tx, rows, batch);
  return written.length;
}

/** What an earlier table said of the same day and corner otherwise is not written over. */
async function refuseOthers(
  tx: Sql,
  rows: readonly { id: string }[],
  batch: readonly TakenReading[],
): Promise<void> {
  const found = await tx`select id from readings where id = any(${rows.map(({ id }) => id)})`;
  const there = new Set(found.map(({ id }) => id as string));
  const others = batch.filter((_, at) => !there.has(rows[at]!.id));
  if (others.length === 0) return;
  throw refused(
    others.slice(0, 20).map(({ day, corner, kind }) => ({
      ...{ code: 'refused', path: `${day} ${corner}`.trim(), value: readingLabel(kind) },
      accepted: 'what the table taken in before said; correct it in its job',
    })),
  );
}
