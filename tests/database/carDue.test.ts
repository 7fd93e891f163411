import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import { listCars } from '../../server/cars/queries';
import { database } from '../../server/db/sql';
import { dueUpTo } from '../../server/due/queries';
import { addReading } from '../../server/jobs/append';
import { fitPart } from '../../server/parts/actions';
import { saveShop } from '../../server/shop/actions';
import { getShop } from '../../server/shop/queries';
import { addEvent } from '../../server/wear/actions';
import { freshDatabase } from '../support/database';
import { makeJob } from '../support/shop';

let drop: () => Promise<void>;
beforeAll(async () => {
  ({ drop } = await freshDatabase());
});
afterAll(() => drop());

const TODAY = '2026-06-01';

/** What is due on a car up to a day, by its words, with the day. */
async function due(carId: string, upTo = '2026-12-31'): Promise<Record<string, string | null>> {
  const all = await dueUpTo(upTo, await listCars(), await getShop(), TODAY);
  const lines = all.find((car) => car.carId === carId)?.lines ?? [];
  return Object.fromEntries(lines.map(({ what, dueOn }) => [what, dueOn]));
}

const studs = (carId: string) =>
  fitPart(carId, {
    ...{ id: randomUUID(), kind: 'studs', place: 'front', what: 'Studs, long', batch: '' },
    ...{ fittedOn: '2026-01-10', jobId: null, shelfId: null, oldWhy: null, oldMate: null },
  });

describe('what is due by wear and by parts’ lives', () => {
  it('is there as soon as what it rests on is written down, and goes with it', async () => {
    const { job } = await makeJob();
    expect(await due(job.carId)).toEqual({ 'Brake fluid': null });
    await studs(job.carId);
    expect(await due(job.carId)).toEqual({ 'Brake fluid': null });
    await addEvent(job.carId, { id: randomUUID(), name: 'Long days', onDate: '2026-07-04', sessions: 61 });
    expect(await due(job.carId)).toMatchObject({ 'Wheel studs and nuts front: life': '2026-07-04' });
    expect(await due(job.carId, '2026-07-03')).toEqual({ 'Brake fluid': null });
    const { version, isDemo: _, ...shop } = await getShop();
    await saveShop({ ...shop, limits: { studsSessions: 100, studsMonths: 6 }, version });
    expect(await due(job.carId)).toMatchObject({ 'Wheel studs and nuts front: life': '2026-07-10' });
  });

  it('takes a reading past its limit as due at once', async () => {
    const { job } = await makeJob();
    const pad = { leading: 3.1, trailing: 3 };
    await addReading(job.id, {
      ...{ id: randomUUID(), phase: 'before', kind: 'pads', corner: 'FL', replaces: null, why: '' },
      input: { caliper: {}, newMm: 12, minimumMm: 3, corners: { FL: { inner: pad, outer: pad } } },
    });
    expect(await due(job.carId)).toMatchObject({
      'Front pads past their limit': TODAY,
    });
  });

  it('is never behind what was written, however many ask meanwhile', async () => {
    const { job } = await makeJob();
    const shop = await getShop();
    const car = (await listCars()).filter(({ id }) => id === job.carId);
    const ask = () => dueUpTo('2026-12-31', car, shop, TODAY);
    for (let round = 0; round < 8; round++) {
      const around = Array.from({ length: 5 }, ask);
      await fitPart(job.carId, {
        ...{
          id: randomUUID(),
          kind: 'cap',
          place: '',
          what: `Cap ${round}`,
          batch: '',
          fittedOn: '2022-07-01',
        },
        ...{ jobId: null, shelfId: null, oldWhy: null, oldMate: null },
      });
      const asked = await Promise.all(Array.from({ length: 5 }, ask));
      for (const [own] of asked)
        expect(own!.lines.find(({ what }) => what.startsWith('Reservoir cap'))?.why).toContain(
          `Cap ${round}.`,
        );
      await Promise.all(around);
      const [after] = await ask();
      expect(after!.lines.find(({ what }) => what.startsWith('Reservoir cap'))?.why).toContain(
        `Cap ${round}.`,
      );
    }
  });

  it('of a great shop is worked out behind the answer, and is whole a little later', async () => {
    const sql = database();
    const { job } = await makeJob();
    await sql`insert into cars (id, name, kind) select gen_random_uuid(), 'Fleet ' || n, 'other' from generate_series(1, 400) n`;
    await sql`insert into car_axles (car_id, axle) select id, axle from cars, unnest(array['front', 'rear']) axle where name like 'Fleet %'`;
    await sql`
      insert into fitted_parts (id, car_id, place, kind, what, fitted_on)
      select gen_random_uuid(), id, '', 'cap', 'Cap', '2022-07-01' from cars where name like 'Fleet %'`;
    await due(job.carId);
    await vi.waitFor(async () => {
      const all = await dueUpTo('2026-12-31', await listCars(), await getShop(), TODAY);
      const caps = all.filter(
        (car) =>
          car.carName.startsWith('Fleet') && car.lines.some(({ what }) => what === 'Reservoir cap: life'),
      );
      expect(caps).toHaveLength(400);
    }, 60_000);
    // Worked out once: what nothing was written of is not worked out again.
    const [made] =
      await sql`select count(*)::int as before from car_due_made where done and made_on = ${TODAY}`;
    expect(made!.before).toBe((await listCars()).length);
  });
});
