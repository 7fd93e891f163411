import type { PhotoRow } from '../../core/car/photos';
import type { RowOf } from '../db/rows';
import { database, type Sql } from '../db/sql';
import { notFound } from '../failure';
import { knownId } from '../ids';
import { seesCar } from '../people/actor';

/** All of a photograph but itself. */
export const ABOUT_PHOTO = [
  'id',
  'carId',
  'jobId',
  'place',
  'note',
  'caption',
  'takenAt',
  'version',
] as const;

export type AboutPhoto = Pick<RowOf<'photos'>, (typeof ABOUT_PHOTO)[number]>;

/** Photographs of a car that are looked through; older ones are on file. */
const MOST_PHOTOS = 80;

export function photoFromRow(row: AboutPhoto): PhotoRow {
  return {
    id: row.id,
    jobId: row.jobId,
    place: row.place,
    note: row.note,
    caption: row.caption,
    takenAt: row.takenAt.toISOString(),
    version: row.version,
  };
}

/** Photographs of cars, newest first, by car. */
export async function photosOf(
  carIds: readonly string[],
  sql: Sql = database('own'),
): Promise<Map<string, PhotoRow[]>> {
  const rows = await sql<AboutPhoto[]>`
    select ${sql(ABOUT_PHOTO)} from (
      select ${sql(ABOUT_PHOTO)}, row_number() over (partition by car_id order by seq desc) as nth
      from photos where car_id = any(${[...carIds]}) and dropped_at is null
    ) newest where nth <= ${MOST_PHOTOS} order by nth`;
  const photos = new Map<string, PhotoRow[]>();
  for (const row of rows) {
    const own = photos.get(row.carId) ?? [];
    photos.set(row.carId, own);
    own.push(photoFromRow(row));
  }
  return photos;
}

/** The photograph itself. */
export async function photoBytes(id: string, sql: Sql = database('own')): Promise<Uint8Array<ArrayBuffer>> {
  const [row] = await sql<
    Pick<RowOf<'photos'>, 'jpeg' | 'carId'>[]
  >`select jpeg, car_id from photos where id = ${knownId('photograph', id)}`;
  if (!row || !seesCar(row.carId)) throw notFound('photograph', id);
  return new Uint8Array(row.jpeg);
}
