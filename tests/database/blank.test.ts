import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { blankSheet } from '../../features/job/kept/blankSheet';
import { listCars } from '../../server/cars/queries';
import { blankOf } from '../../server/jobs/blank';
import { openJob } from '../../server/jobs/open';
import { freshDemo } from '../support/database';

let drop: () => Promise<void>;
beforeAll(async () => {
  ({ drop } = await freshDemo());
}, 120_000);
afterAll(() => drop());

describe('a job that begins on a device without a network', () => {
  it('is the one the server makes of it, on every car', async () => {
    for (const car of await listCars()) {
      const body = {
        id: randomUUID(),
        carId: car.id,
        complaint: 'Soft, far from any network',
        neededAt: null,
      };
      const write = {
        id: body.id,
        jobId: body.id,
        kind: 'opening',
        label: 'Opening',
        body,
        order: 1,
      } as const;
      const blank = await blankOf(car.id);
      const now = new Date();
      const { job, ...opened } = await openJob(body, now);
      const { job: begun, ...sheet } = blankSheet({ ...write, enteredAt: now.toISOString() }, blank);
      expect(sheet, car.name).toEqual(opened);
      expect({ ...begun, number: job.number }, car.name).toEqual(job);
    }
  });
});
