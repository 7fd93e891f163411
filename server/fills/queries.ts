import type { Driven } from '../../core/planning/due/distance';
import type { FillRow } from '../../core/planning/fill/fill';
import type { RowOf } from '../db/rows';
import { database, type Sql } from '../db/sql';
import { celsius, kilometres } from '../units';

export type CarFill = FillRow & { version: number };

/** The columns of a fill. */
export const FILL_COLUMNS = [
  'id',
  'carId',
  'jobId',
  'filledOn',
  'product',
  'batch',
  'fluidClass',
  'dryK',
  'wetK',
  'colour',
  'odometerM',
  'lotId',
  'lotOpenedOn',
  'recordedAt',
  'version',
] as const;

type FilledRow = Pick<RowOf<'fills'>, (typeof FILL_COLUMNS)[number]>;

export function fillFromRow(row: FilledRow): CarFill {
  return {
    id: row.id,
    jobId: row.jobId,
    filledOn: row.filledOn,
    product: row.product,
    batch: row.batch,
    fluidClass: row.fluidClass,
    dryC: celsius(row.dryK),
    wetC: celsius(row.wetK),
    colour: row.colour,
    odometerKm: kilometres(row.odometerM),
    lotId: row.lotId,
    lotOpenedOn: row.lotOpenedOn,
    recordedAt: row.recordedAt.toISOString(),
    version: row.version,
  };
}

/** What a car was filled with, newest first. */
export async function carFills(carId: string, sql: Sql = database('own')): Promise<CarFill[]> {
  const rows = await sql<RowOf<'fills'>[]>`
    select * from fills where car_id = ${carId} and dropped_at is null
    order by filled_on desc, seq desc limit 60`;
  return rows.map(fillFromRow);
}

/** How far each car was driven on its fill, where its odometer was read at the fill and since. */
export async function drivenSinceFill(sql: Sql = database('own')): Promise<Map<string, Driven>> {
  const rows = await sql<{ carId: string; atFill: number; last: number; onDay: string }[]>`
    select f.car_id, f.odometer_m as at_fill, seen.odometer_m as last, seen.on_day
    from (
      select distinct on (car_id) car_id, odometer_m, filled_on from fills
      where dropped_at is null order by car_id, filled_on desc, seq desc
    ) f
    join lateral (
      select odometer_m, on_day from odometers
      where car_id = f.car_id and on_day >= f.filled_on order by on_day desc, odometer_m desc limit 1
    ) seen on true
    where f.odometer_m is not null`;
  return new Map(
    rows.map((row) => [
      row.carId,
      { fromKm: kilometres(row.atFill)!, lastKm: kilometres(row.last)!, lastOn: row.onDay },
    ]),
  );
}
