import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { database } from '../../server/db/sql';
import { addReading } from '../../server/jobs/append';
import { partsLedger } from '../../server/lives/queries';
import { fitPart } from '../../server/parts/actions';
import { addEvent } from '../../server/wear/actions';
import { freshDatabase } from '../support/database';
import { makeJob } from '../support/shop';

let drop: () => Promise<void>;
beforeAll(async () => {
  ({ drop } = await freshDatabase());
});
afterAll(() => drop());

it('tells how a part lasts from what was fitted, what was run, and what was read while it was on', async () => {
  const { job } = await makeJob();
  const renew = (fittedOn: string, oldWhy: string | null) =>
    fitPart(job.carId, {
      ...{ id: randomUUID(), kind: 'pads', place: 'front', what: 'Race pads', batch: '', fittedOn },
      ...{ jobId: null, shelfId: null, oldWhy, oldMate: null },
    });
  for (const [onDate, sessions] of [
    ['2026-02-10', 6],
    ['2026-03-10', 4],
    ['2026-04-10', 5],
  ] as const)
    await addEvent(job.carId, { id: randomUUID(), name: 'Day', onDate, sessions });
  await renew('2026-02-01', null);
  const pads = (mm: number) => ({
    ...{ caliper: {}, newMm: 12, minimumMm: 3 },
    corners: {
      FL: { inner: { leading: mm, trailing: mm + 0.2 }, outer: { leading: mm + 1, trailing: mm + 1 } },
    },
  });
  const read = async (mm: number, at: string, replaces: string | null) => {
    const id = randomUUID();
    const reading = {
      id,
      phase: 'before',
      kind: 'pads',
      corner: 'FL',
      input: pads(mm),
      replaces,
      why: replaces ? 'Again' : '',
    };
    await addReading(job.id, reading);
    return { id, at };
  };
  // A second job, so that both readings stand.
  const first = await read(11, '2026-02-02', null);
  const { job: later } = await makeJob();
  await database()`update jobs set car_id = ${job.carId} where id = ${later.id}`;
  const secondId = randomUUID();
  await addReading(later.id, {
    ...{
      id: secondId,
      phase: 'before',
      kind: 'pads',
      corner: 'FL',
      input: pads(9),
      replaces: null,
      why: '',
    },
  });
  await database()`alter table readings disable trigger user`;
  await database()`update readings set recorded_at = ${first.at} where id = ${first.id}`;
  await database()`update readings set recorded_at = '2026-03-20' where id = ${secondId}`;
  await database()`alter table readings enable trigger user`;
  await renew('2026-03-25', 'limit');

  const { records } = await partsLedger({}, new Date('2026-05-01T10:00:00Z'));
  expect(records).toHaveLength(1);
  expect(records[0]).toMatchObject({
    what: 'Race pads',
    ended: 1,
    // 2 mm in ten sessions at the pad that lost most.
    wear: { perSessionMm: expect.closeTo(0.2, 9), sessions: 10 },
    lives: [
      { sessions: 5, ended: false, removedOn: null },
      { sessions: 10, ended: true, why: 'limit', removedOn: '2026-03-25' },
    ],
  });
});
