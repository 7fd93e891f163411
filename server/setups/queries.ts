import type { TrackSetup } from '../../core/planning/knockback/setups';
import type { RowOf } from '../db/rows';
import { database, type Sql } from '../db/sql';

export type CarSetup = TrackSetup & { id: string; recordedAt: string; version: number };

/** The columns of a set-up. */
export const SETUP_COLUMNS = [
  'id',
  'carId',
  'track',
  'kind',
  'frontN',
  'rearN',
  'tap',
  'note',
  'recordedAt',
  'version',
] as const;

type SetupRow = Pick<RowOf<'track_setups'>, (typeof SETUP_COLUMNS)[number]>;

export function setupFromRow(row: SetupRow): CarSetup {
  return {
    id: row.id,
    track: row.track,
    kind: row.kind,
    frontN: row.frontN,
    rearN: row.rearN,
    tap: row.tap,
    note: row.note,
    recordedAt: row.recordedAt.toISOString(),
    version: row.version,
  };
}

/** How each car goes to each track: the newest of each, by track. */
export async function setupsOf(
  cars: readonly string[],
  sql: Sql = database('own'),
): Promise<Map<string, CarSetup[]>> {
  const rows = await sql<RowOf<'track_setups'>[]>`
    select distinct on (car_id, lower(track)) * from track_setups
    where car_id = any(${[...cars]}) and dropped_at is null
    order by car_id, lower(track), seq desc`;
  const setups = new Map<string, CarSetup[]>();
  for (const row of rows) setups.set(row.carId, [...(setups.get(row.carId) ?? []), setupFromRow(row)]);
  return setups;
}
