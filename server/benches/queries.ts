import type { BenchId, BenchState } from '../../core/car/benchState';
import type { RowOf } from '../db/rows';
import { database, type Sql } from '../db/sql';
import { knownId } from '../ids';

export type KeptBench = BenchState & { id: string; carId: string; recordedAt: string; version: number };

/** The columns of a kept bench. */
export const BENCH_COLUMNS = [
  'id',
  'carId',
  'bench',
  'name',
  'typed',
  'units',
  'recordedAt',
  'version',
] as const;

type BenchRow = Pick<RowOf<'bench_states'>, (typeof BENCH_COLUMNS)[number]>;

export function benchFromRow(row: BenchRow): KeptBench {
  return {
    id: row.id,
    carId: row.carId,
    bench: row.bench,
    name: row.name,
    typed: row.typed,
    units: row.units,
    recordedAt: row.recordedAt.toISOString(),
    version: row.version,
  };
}

/** So many are shown of a bench; older ones are still there by their link. */
const MOST_SHOWN = 40;

/** What was kept of a bench with a car, newest first. */
export async function keptBenches(
  carId: string,
  bench: BenchId,
  sql: Sql = database('own'),
): Promise<KeptBench[]> {
  const rows = await sql<RowOf<'bench_states'>[]>`
    select * from bench_states where car_id = ${knownId('car', carId)} and bench = ${bench} and dropped_at is null
    order by seq desc limit ${MOST_SHOWN}`;
  return rows.map(benchFromRow);
}

/** One of them by its link, dropped or not; nothing when there is none of this car and bench. */
export async function keptBench(
  id: string,
  { carId, bench }: { carId: string; bench: BenchId },
  sql: Sql = database('own'),
): Promise<KeptBench | undefined> {
  const [row] = await sql<RowOf<'bench_states'>[]>`
    select * from bench_states
    where id = ${knownId('bench', id)} and car_id = ${knownId('car', carId)} and bench = ${bench}`;
  return row && benchFromRow(row);
}
