import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { getBay } from '../../server/bay/queries';
import { finishFollowUp, saveCar } from '../../server/cars/actions';
import { carJobs, lastReadings, listCars, openFollowUps } from '../../server/cars/queries';
import { database } from '../../server/db/sql';
import { addReading } from '../../server/jobs/append';
import { openJob } from '../../server/jobs/open';
import { getSheets } from '../../server/jobs/queries';
import { freshDatabase } from '../support/database';
import { answer, failureOf, makeCar } from '../support/shop';

let drop: () => Promise<void>;
beforeAll(async () => {
  ({ drop } = await freshDatabase());
});
afterAll(() => drop());

const open = (carId: string, complaint: string, at: string, neededAt: string | null = null) =>
  openJob({ id: randomUUID(), carId, complaint, neededAt }, new Date(at));
const fluid = (jobId: string, moisturePct: number | null, replaces: string | null, at: string) =>
  addReading(
    jobId,
    {
      id: randomUUID(),
      phase: 'before',
      kind: 'fluid',
      corner: '',
      input: moisturePct === null ? null : { class: 'DOT4', moisturePct },
      replaces,
      why: '',
    },
    new Date(at),
  );

describe('a car’s page', () => {
  it('has what is in the bay before a long past, of which it shows the newest', async () => {
    const car = await makeCar('Old hand');
    const early = await open(car.id, 'Still open', '2020-01-01T08:00:00Z');
    await database()`
      insert into jobs (id, car_id, complaint, opened_at, closed_at, closed_by, outcome)
      select gen_random_uuid(), ${car.id}, 'Job ' || n, at, at + interval '1 hour', 'x', 'cured'
      from generate_series(1, 40) n, lateral (select '2021-01-01T08:00:00Z'::timestamptz + n * interval '1 day' as at) day`;
    const { list, closed } = await carJobs(car.id);
    expect(closed).toBe(40);
    expect(list).toHaveLength(20);
    expect(list.slice(0, 3).map(({ complaint }) => complaint)).toEqual(['Still open', 'Job 40', 'Job 39']);
    expect(list[0]!.id).toBe(early.job.id);
  });

  it('has its own jobs, newest first, and the last reading that stands of each kind', async () => {
    const car = await makeCar('Mine');
    const other = await makeCar('Not mine');
    const first = await open(car.id, 'First', '2026-03-01T08:00:00Z');
    const second = await open(car.id, 'Second', '2026-04-01T08:00:00Z');
    await open(other.id, 'Elsewhere', '2026-04-02T08:00:00Z');
    const jobs = await carJobs(car.id);
    expect(jobs.list.map((job) => job.complaint)).toEqual(['Second', 'First']);
    expect(jobs.closed).toBe(0);

    await fluid(first.job.id, 2.5, null, '2026-03-01T09:00:00Z');
    const wrong = await fluid(second.job.id, 9, null, '2026-04-01T09:00:00Z');
    const right = await fluid(second.job.id, 0.9, wrong.id, '2026-04-01T09:05:00Z');
    expect(await lastReadings(car.id)).toMatchObject([
      { kind: 'fluid', input: { moisturePct: 0.9 }, jobNumber: second.job.number },
    ]);
    await fluid(second.job.id, null, right.id, '2026-04-01T09:10:00Z');
    expect(await lastReadings(car.id)).toMatchObject([
      { input: { moisturePct: 2.5 }, jobNumber: first.job.number },
    ]);
  });

  it('is found in the list by name, whatever the case', async () => {
    await makeCar('aardvark');
    await makeCar('Zebra');
    const names = (await listCars()).map((car) => car.name);
    expect(names.indexOf('aardvark')).toBeLessThan(names.indexOf('Mine'));
    expect(names.at(-1)).toBe('Zebra');
  });
});

describe('what is due', () => {
  it('comes soonest first, is done once, and leaves the list', async () => {
    const car = await makeCar('Due');
    const sql = database();
    const [late, soon] = [randomUUID(), randomUUID()];
    await sql`insert into follow_ups ${sql([
      { id: late, carId: car.id, what: 'Later', dueOn: '2026-09-01' },
      { id: soon, carId: car.id, what: 'Sooner', dueOn: '2026-06-01' },
    ])}`;
    expect((await openFollowUps('2026-05-01', car.id)).map((each) => each.what)).toEqual(['Sooner', 'Later']);
    await finishFollowUp(soon, { version: 1 });
    expect((await openFollowUps('2026-05-01', car.id)).map((each) => each.what)).toEqual(['Later']);
    // Sent again after it landed, it is done; over a version nobody has seen, it is refused.
    expect(await finishFollowUp(soon, { version: 1 })).toEqual({ id: soon, version: 2 });
    expect((await failureOf(finishFollowUp(late, { version: 3 }))).code).toBe('stale');
    expect((await failureOf(finishFollowUp(randomUUID(), { version: 1 }))).code).toBe('not_found');
    expect((await failureOf(finishFollowUp(late, {}))).detail.issues![0]!.path).toBe('version');
  });

  it('counts the fluid by the shop’s school, and says when nobody knows', async () => {
    const { id, version, ...spec } = await makeCar('Old fluid');
    await saveCar(id, { ...spec, version, fluidFilledOn: '2025-05-20' });
    const { due } = await getBay('2026-05-15', true);
    const of = (name: string) =>
      due.cars.find((car) => car.carName === name)?.lines.find((line) => line.what === 'Brake fluid');
    expect(of('Old fluid')).toMatchObject({ dueOn: '2026-05-20' });
    expect(of('Due')).toMatchObject({ dueOn: null, why: expect.stringContaining('No fill on record') });
  });
});

describe('the board', () => {
  it('has every open job with its holds and what it leans to, the held one first, then the one wanted soonest', async () => {
    const car = await makeCar('Board');
    await open(car.id, 'Wanted', '2026-05-03T08:00:00Z', '2026-05-03T12:00:00Z');
    const held = await open(car.id, 'Held', '2026-05-03T09:00:00Z');
    await answer(held.job.id, { finding: 'pedal_hold', state: 'sinks' });
    const { cards } = await getBay('2026-05-15');
    expect(cards[0]).toMatchObject({
      sheet: { job: { complaint: 'Held' } },
      holds: [{ id: 'pedal_sinks' }],
      leading: { id: 'master_bypass' },
      stage: 'checks',
    });
    expect(cards[1]!.sheet.job.complaint).toBe('Wanted');
    expect(cards[1]!.leading).toBeUndefined();
  });

  it('reads several sheets in the order asked for, and leaves out what is not there', async () => {
    const car = await makeCar('Several');
    const [one, two] = [
      await open(car.id, 'One', '2026-05-04T08:00:00Z'),
      await open(car.id, 'Two', '2026-05-04T09:00:00Z'),
    ];
    const sheets = await getSheets([two.job.id, randomUUID(), one.job.id]);
    expect(sheets.map((sheet) => sheet.job.complaint)).toEqual(['Two', 'One']);
    expect(sheets[0]!.car.name).toBe('Several');
  });
});
