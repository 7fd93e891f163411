import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { addFill } from '../../server/fills/actions';
import { changeJob } from '../../server/jobs/open';
import { fitPart } from '../../server/parts/actions';
import { addEvent, changeEvent } from '../../server/wear/actions';
import { freshDatabase } from '../support/database';
import { failureOf, makeJob } from '../support/shop';

let drop: () => Promise<void>;
beforeAll(async () => {
  ({ drop } = await freshDatabase());
});
afterAll(() => drop());

const event = (carId: string, onDate: string, odometerKm: number | null, name = 'Day') =>
  addEvent(carId, { id: randomUUID(), name, onDate, sessions: 4, odometerKm });

describe('a distance that runs backwards', () => {
  it('is refused at an event, a fill and a job, with what the odometer showed and when', async () => {
    const { job } = await makeJob();
    await event(job.carId, '2026-03-01', 12_000);
    await event(job.carId, '2026-05-01', 13_500);
    const between = await failureOf(event(job.carId, '2026-04-01', 11_900));
    expect(between.detail.issues).toEqual([
      {
        ...{ code: 'out_of_range', path: 'odometerKm', value: '11900' },
        accepted: 'not under 12000 km, read on 2026-03-01; not over 13500 km, read on 2026-05-01',
      },
    ]);
    await event(job.carId, '2026-04-01', 12_700);
    const fill = { filledOn: '2026-06-01', product: 'Fluid', batch: '', fluidClass: 'DOT4', colour: '' };
    const rest = { dryC: null, wetC: null, lotId: null, lotOpenedOn: null, id: randomUUID() };
    const short = await failureOf(addFill(job.carId, { ...fill, ...rest, odometerKm: 13_000 }));
    expect(short.detail.issues![0]!.accepted).toBe('not under 13500 km, read on 2026-05-01');
    const late = await failureOf(changeJob(job.id, { version: job.version, odometerKm: 200 }));
    expect(late.detail.issues![0]!.path).toBe('odometerKm');
    // What a job said of itself before is no bound to what it says now.
    const first = await changeJob(job.id, { version: job.version, odometerKm: 19_000 });
    await expect(changeJob(job.id, { version: first.version, odometerKm: 14_000 })).resolves.toMatchObject({
      odometerKm: 14_000,
    });
  });
});

describe('a part that is fitted twice', () => {
  it('is refused while it is worn there: the same serial, or the same name on the same day', async () => {
    const { job } = await makeJob();
    const put = (what: string, batch: string, fittedOn: string) =>
      fitPart(job.carId, {
        ...{ id: randomUUID(), kind: 'pads', place: 'front', what, batch, fittedOn, price: 90 },
        ...{ jobId: null, shelfId: null, oldWhy: null, oldMate: null },
      });
    await put('Sprint pads', 'S-1', '2026-02-01');
    const again = await failureOf(put('Sprint pads', 'S-1', '2026-03-01'));
    expect(again.detail.issues).toMatchObject([
      {
        path: 'what',
        value: 'Sprint pads S-1',
        accepted: expect.stringContaining('worn there since 2026-02-01'),
      },
    ]);
    await put('Sprint pads', '', '2026-04-01');
    expect((await failureOf(put('Sprint pads', '', '2026-04-01'))).detail.issues![0]!.path).toBe('what');
    // Another set of the same name on another day is how pads are renewed.
    await expect(put('Sprint pads', '', '2026-05-01')).resolves.toMatchObject({
      fittedOn: '2026-05-01',
      price: 90,
    });
  });
});

describe('days on track that overlap', () => {
  it('are refused, by what is on file that day; one that was dropped is in nobody’s way', async () => {
    const { job } = await makeJob();
    const { id, version, ...day } = await event(job.carId, '2026-03-01', null, 'Club race');
    const twice = await failureOf(event(job.carId, '2026-03-01', null));
    expect(twice.detail.issues![0]).toMatchObject({
      path: 'onDate',
      accepted: expect.stringContaining('Club race is on file with 4 sessions'),
    });
    await changeEvent(id, { ...day, version, dropped: true });
    await expect(event(job.carId, '2026-03-01', null)).resolves.toMatchObject({ onDate: '2026-03-01' });
  });
});
