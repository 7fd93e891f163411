import type { Row } from 'postgres';
import type { TrackSetup } from '../../core/planning/knockback/setups';
import { database, type Sql } from '../db/sql';

export type CarSetup = TrackSetup & { id: string; recordedAt: string; version: number };

/** The columns of a set-up. */
export const SETUP_COLUMNS = [
  'id',
  'car_id',
  'track',
  'kind',
  'front_n',
  'rear_n',
  'tap',
  'note',
  'recorded_at',
  'version',
];

export function setupFromRow(row: Row): CarSetup {
  return {
    id: row.id,
    track: row.track,
    kind: row.kind,
    frontN: row.front_n,
    rearN: row.rear_n,
    tap: row.tap,
    note: row.note,
    recordedAt: row.recorded_at.toISOString(),
    version: row.version,
  };
}

/** How each car goes to each track: the newest of each, by track. */
export async function setupsOf(
  cars: readonly string[],
  sql: Sql = database('own'),
): Promise<Map<string, CarSetup[]>> {
  const rows = await sql`
    select distinct on (car_id, lower(track)) * from track_setups
    where car_id = any(${[...cars]}) and dropped_at is null
    order by car_id, lower(track), seq desc`;
  const setups = new Map<string, CarSetup[]>();
  for (const row of rows) setups.set(row.car_id, [...(setups.get(row.car_id) ?? []), setupFromRow(row)]);
  return setups;
}
