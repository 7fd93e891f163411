import type { Row } from 'postgres';
import type { PhotoRow } from '../../core/car/photos';
import { database, type Sql } from '../db/sql';
import { notFound } from '../failure';
import { knownId } from '../ids';
import { seesCar } from '../people/actor';

/** All of a photograph but itself. */
export const ABOUT_PHOTO = ['id', 'car_id', 'job_id', 'place', 'note', 'caption', 'taken_at', 'version'];

/** Photographs of a car that are looked through; older ones are on file. */
const MOST_PHOTOS = 80;

export function photoFromRow(row: Row): PhotoRow {
  return {
    id: row.id,
    jobId: row.job_id,
    place: row.place,
    note: row.note,
    caption: row.caption,
    takenAt: row.taken_at.toISOString(),
    version: row.version,
  };
}

/** Photographs of cars, newest first, by car. */
export async function photosOf(
  carIds: readonly string[],
  sql: Sql = database('own'),
): Promise<Map<string, PhotoRow[]>> {
  const rows = await sql`
    select ${sql(ABOUT_PHOTO)} from (
      select ${sql(ABOUT_PHOTO)}, row_number() over (partition by car_id order by seq desc) as nth
      from photos where car_id = any(${[...carIds]}) and dropped_at is null
    ) newest where nth <= ${MOST_PHOTOS} order by nth`;
  const photos = new Map<string, PhotoRow[]>();
  for (const row of rows) {
    const own = photos.get(row.car_id) ?? [];
    photos.set(row.car_id, own);
    own.push(photoFromRow(row));
  }
  return photos;
}

/** The photograph itself. */
export async function photoBytes(id: string, sql: Sql = database('own')): Promise<Uint8Array<ArrayBuffer>> {
  const [row] = await sql`select jpeg, car_id from photos where id = ${knownId('photograph', id)}`;
  if (!row || !seesCar(row.car_id)) throw notFound('photograph', id);
  return new Uint8Array(row.jpeg);
}
