import { parseWith } from '../../core/base/issues/zod';
import { newPhotoSchema } from '../../core/car/photoSchema';
import { isJpeg, type PhotoRow } from '../../core/car/photos';
import { getCar } from '../cars/queries';
import { database, type Sql } from '../db/sql';
import { changeDropped } from '../dropped';
import { accept, refused } from '../failure';
import { fieldsOf } from '../http/versioned';
import { knownId, newId } from '../ids';
import { once } from '../once';
import { ABOUT_PHOTO, type AboutPhoto, photoFromRow } from './queries';

/** Puts a photograph with a car, under an id its author made; what is no JPEG is refused by what is in it. */
export async function addPhoto(carId: string, input: unknown, now = new Date()): Promise<PhotoRow> {
  const { id, ...body } = fieldsOf(input);
  const photo = accept(parseWith(newPhotoSchema, body));
  const photoId = newId(id);
  const car = knownId('car', carId);
  const bytes = Buffer.from(photo.jpeg, 'base64');
  if (!isJpeg(bytes))
    throw refused([
      { code: 'refused', path: 'jpeg', value: `${bytes.length} bytes of something else`, accepted: 'a JPEG' },
    ]);
  return database('work').begin((tx) =>
    once(
      tx,
      { id: photoId, kind: 'photo', target: car, content: photo },
      () => readPhoto(tx, photoId),
      async () => {
        await getCar(car, tx);
        const { jobId, place, note, caption } = photo;
        if (
          jobId !== null &&
          (await tx`select 1 from jobs where id = ${jobId} and car_id = ${car}`).length === 0
        )
          throw refused([{ code: 'unknown_id', path: 'jobId', value: jobId, accepted: 'a job of this car' }]);
        await tx`
          insert into photos ${tx({ id: photoId, carId: car, jobId, place, note, caption, jpeg: bytes, takenAt: now })}`;
        return readPhoto(tx, photoId);
      },
    ),
  );
}

/** Drops a photograph, or puts it back. */
export async function changePhoto(id: string, input: unknown, now = new Date()): Promise<PhotoRow> {
  const photos = {
    table: 'photos' as const,
    name: 'photograph',
    fromRow: photoFromRow,
    columns: ABOUT_PHOTO,
  };
  return database('work').begin(async (tx) => photoFromRow(await changeDropped(tx, photos, id, input, now)));
}

async function readPhoto(tx: Sql, id: string): Promise<PhotoRow> {
  const [row] = await tx<AboutPhoto[]>`select ${tx(ABOUT_PHOTO)} from photos where id = ${id}`;
  return photoFromRow(row!);
}
