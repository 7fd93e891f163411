import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { getBay } from '../../server/bay/queries';
import { getCar } from '../../server/cars/queries';
import { addFill, changeFill } from '../../server/fills/actions';
import { carFills } from '../../server/fills/queries';
import { waterTrends } from '../../server/fills/water';
import { addReading } from '../../server/jobs/append';
import { changeJob, openJob } from '../../server/jobs/open';
import { getSheet } from '../../server/jobs/queries';
import { saveShop } from '../../server/shop/actions';
import { getShop } from '../../server/shop/queries';
import { addEvent } from '../../server/wear/actions';
import { freshDatabase } from '../support/database';
import { failureOf, makeCar } from '../support/shop';

let drop: () => Promise<void>;
beforeAll(async () => {
  ({ drop } = await freshDatabase());
});
afterAll(() => drop());

const FILL = {
  filledOn: '2026-01-10',
  product: 'Race fluid',
  batch: 'R1',
  fluidClass: 'DOT4',
  dryC: 312,
  wetC: 204,
  colour: 'clear',
  odometerKm: 100_000,
  lotId: null,
  lotOpenedOn: null,
};

describe('a fill', () => {
  it('gives the car its class, pair and date; an older one changes nothing, a dropped one gives them back', async () => {
    const car = await makeCar('Filled');
    const first = await addFill(car.id, { id: randomUUID(), ...FILL });
    expect(await getCar(car.id)).toMatchObject({
      fluidClass: 'DOT4',
      fluidDryC: 312,
      fluidWetC: 204,
      fluidFilledOn: '2026-01-10',
    });
    const newer = { ...FILL, filledOn: '2026-03-01', fluidClass: 'DOT5.1', dryC: null, wetC: null };
    const second = await addFill(car.id, { id: randomUUID(), ...newer });
    await addFill(car.id, { id: randomUUID(), ...FILL, filledOn: '2025-06-01' });
    expect(await getCar(car.id)).toMatchObject({
      fluidClass: 'DOT5.1',
      fluidDryC: null,
      fluidFilledOn: '2026-03-01',
    });
    expect((await carFills(car.id)).map(({ filledOn }) => filledOn)).toEqual([
      '2026-03-01',
      '2026-01-10',
      '2025-06-01',
    ]);
    const gone = await changeFill(second.id, { version: second.version, dropped: true });
    expect(await getCar(car.id)).toMatchObject({
      fluidClass: 'DOT4',
      fluidDryC: 312,
      fluidFilledOn: '2026-01-10',
    });
    expect((await failureOf(changeFill(second.id, { version: second.version, dropped: false }))).code).toBe(
      'stale',
    );
    await changeFill(second.id, { version: gone.version, dropped: false });
    expect(await getCar(car.id)).toMatchObject({ fluidClass: 'DOT5.1', fluidFilledOn: '2026-03-01' });
    expect(first.odometerKm).toBe(100_000);
  });

  it('is refused out of a lot that never stood there, and of half a pair', async () => {
    const car = await makeCar();
    const bad = async (changes: object) =>
      (await failureOf(addFill(car.id, { id: randomUUID(), ...FILL, ...changes }))).detail.issues![0]!.path;
    expect(await bad({ lotId: randomUUID() })).toBe('lotId');
    expect(await bad({ wetC: null })).toBe('wetC');
  });
});

describe('the odometer', () => {
  it('is told at a job by what it showed before, wherever that was read', async () => {
    const car = await makeCar('Driven');
    await addFill(car.id, { id: randomUUID(), ...FILL });
    const event = { name: 'Club day', onDate: '2026-02-01', sessions: 4, odometerKm: 101_500 };
    await addEvent(car.id, { id: randomUUID(), ...event });
    const opened = new Date('2026-02-10T10:00:00Z');
    const { job } = await openJob(
      { id: randomUUID(), carId: car.id, complaint: 'Soft', neededAt: null },
      opened,
    );
    await changeJob(job.id, { version: job.version, odometerKm: 102_000.5 });
    const sheet = await getSheet(job.id);
    expect(sheet.odometer).toEqual({ km: 101_500, day: '2026-02-01' });
    expect(sheet.job.odometerKm).toBe(102_000.5);
    expect(sheet.fill).toMatchObject({ product: 'Race fluid' });
    const wrong = await failureOf(changeJob(job.id, { version: sheet.job.version, odometerKm: 4e6 }));
    expect(wrong.detail.issues![0]).toMatchObject({ path: 'odometerKm' });
  });

  it('brings the fluid due by distance where the shop goes by it', async () => {
    const { version, isDemo: _, ...shop } = await getShop();
    await saveShop({ ...shop, fluidSchool: 'months_or_distance', version });
    // 2000 km in 31 days since the fill: 28,000 more take 434.
    const { due } = await getBay('2027-04-01', true);
    const line = due.cars.find(({ carName }) => carName === 'Driven')!.lines[0]!;
    expect(line).toMatchObject({ what: 'Brake fluid', dueOn: '2027-04-19' });
    expect(line.why).toContain('2001 km since');
  });

  it('tells how the water of a fill rises, from what was read since, and brings it due where the shop goes by it', async () => {
    const car = await makeCar('Watered');
    const { version: _v, isDemo: _d, ...shop } = await getShop();
    await addFill(car.id, { id: randomUUID(), ...FILL, filledOn: '2026-01-01', odometerKm: null });
    const read = async (day: string, moisturePct: number) => {
      const id = randomUUID();
      const at = new Date(`${day}T10:00:00Z`);
      await openJob({ id, carId: car.id, complaint: 'Looked over', neededAt: null }, at);
      const row = { phase: 'before', kind: 'fluid', corner: '', replaces: null, why: '' };
      await addReading(id, { id: randomUUID(), ...row, input: { class: 'DOT4', moisturePct } }, at);
    };
    // On the day of the fill it may have been the old fluid.
    await read('2026-01-01', 3.5);
    await read('2026-02-01', 0.5);
    expect(await waterTrends(shop, [car.id])).toEqual(new Map());
    await read('2026-05-12', 1.5);
    const trend = (await waterTrends(shop, [car.id])).get(car.id)!;
    // 1 % in 100 days: from 0.5 % to 3 % in 250.
    expect(trend).toMatchObject({ goneOn: '2026-10-09', last: { on: '2026-05-12', pct: 1.5 } });
    const { version } = await getShop();
    await saveShop({ ...shop, fluidSchool: 'by_water', version });
    const { due } = await getBay('2026-10-01', true);
    const line = due.cars.find(({ carName }) => carName === 'Watered')!.lines[0]!;
    expect(line).toMatchObject({ what: 'Brake fluid', dueOn: '2026-10-09' });
    expect(line.why).toContain('1.5 % water on 2026-05-12, 0.30 % more a month');
  });
});
