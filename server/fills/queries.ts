import type { Row } from 'postgres';
import type { Driven } from '../../core/planning/due/distance';
import type { FillRow } from '../../core/planning/fill/fill';
import { database, type Sql } from '../db/sql';
import { celsius, kilometres } from '../units';

export type CarFill = FillRow & { version: number };

/** The columns of a fill. */
export const FILL_COLUMNS = [
  'id',
  'car_id',
  'job_id',
  'filled_on',
  'product',
  'batch',
  'fluid_class',
  'dry_k',
  'wet_k',
  'colour',
  'odometer_m',
  'lot_id',
  'lot_opened_on',
  'recorded_at',
  'version',
];

export function fillFromRow(row: Row): CarFill {
  return {
    id: row.id,
    jobId: row.job_id,
    filledOn: row.filled_on,
    product: row.product,
    batch: row.batch,
    fluidClass: row.fluid_class,
    dryC: celsius(row.dry_k),
    wetC: celsius(row.wet_k),
    colour: row.colour,
    odometerKm: kilometres(row.odometer_m),
    lotId: row.lot_id,
    lotOpenedOn: row.lot_opened_on,
    recordedAt: row.recorded_at.toISOString(),
    version: row.version,
  };
}

/** What a car was filled with, newest first. */
export async function carFills(carId: string, sql: Sql = database('own')): Promise<CarFill[]> {
  const rows = await sql`
    select * from fills where car_id = ${carId} and dropped_at is null
    order by filled_on desc, seq desc limit 60`;
  return rows.map(fillFromRow);
}

/** How far each car was driven on its fill, where its odometer was read at the fill and since. */
export async function drivenSinceFill(sql: Sql = database('own')): Promise<Map<string, Driven>> {
  const rows = await sql`
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
      row.car_id as string,
      { fromKm: kilometres(row.at_fill)!, lastKm: kilometres(row.last)!, lastOn: row.on_day as string },
    ]),
  );
}
