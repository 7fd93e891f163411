import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { getSheet } from '../../server/jobs/queries';
import { addPhoto, changePhoto } from '../../server/photos/actions';
import { photoBytes, photosOf } from '../../server/photos/queries';
import { freshDatabase } from '../support/database';
import { failureOf, makeCar, makeJob } from '../support/shop';
import { JPEG } from '../support/writes';

let drop: () => Promise<void>;
beforeAll(async () => {
  ({ drop } = await freshDatabase());
});
afterAll(() => drop());

const photo = (changes: object = {}) => ({
  id: randomUUID(),
  jobId: null,
  place: 'FR',
  note: null,
  caption: 'Inner pad',
  jpeg: JPEG,
  ...changes,
});

describe('photographs', () => {
  it('are kept byte for byte with their car, told on its sheets, and dropped and put back', async () => {
    const { job } = await makeJob();
    const first = await addPhoto(job.carId, photo({ jobId: job.id }));
    const second = await addPhoto(job.carId, photo({ note: 'lift', place: '' }));
    expect((await getSheet(job.id)).photos).toEqual([second, first]);
    expect(Buffer.from(await photoBytes(first.id)).toString('base64')).toBe(JPEG);
    const gone = await changePhoto(first.id, { version: first.version, dropped: true });
    expect((await photosOf([job.carId])).get(job.carId)!.map(({ id }) => id)).toEqual([second.id]);
    await changePhoto(first.id, { version: gone.version, dropped: false });
    expect((await photosOf([job.carId])).get(job.carId)).toHaveLength(2);
    expect((await failureOf(photoBytes(randomUUID()))).code).toBe('not_found');
  });

  it('are refused by what is in them, by their size, and with another car’s job', async () => {
    const car = await makeCar();
    const { job } = await makeJob();
    const path = async (changes: object) =>
      (await failureOf(addPhoto(car.id, photo(changes)))).detail.issues![0]!.path;
    expect(await path({ jpeg: Buffer.from('<svg onload=alert(1)>'.repeat(9)).toString('base64') })).toBe(
      'jpeg',
    );
    expect(await path({ jpeg: 'not base64!' })).toBe('jpeg');
    expect(await path({ jpeg: 'A'.repeat(900_000) })).toBe('jpeg');
    expect(await path({ jobId: job.id })).toBe('jobId');
    expect(await path({ note: 'horns' })).toBe('note');
  });
});
