import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { startingSet } from '../../core/car/startingSets';
import { judge } from '../../core/job/judgement';
import { truthAt } from '../../core/readings/instruments/condition';
import { DEMO_SHOP } from '../../db/demo/cars';
import { loadDemo } from '../../db/demo/load';
import { addCar, saveCar } from '../../server/cars/actions';
import { listCars } from '../../server/cars/queries';
import { addReading } from '../../server/jobs/append';
import { openJob } from '../../server/jobs/open';
import { getSheet } from '../../server/jobs/queries';
import { saveShop } from '../../server/shop/actions';
import { getShop } from '../../server/shop/queries';
import { conditionOf } from '../../server/simulated/condition';
import { addEvent, changeEvent } from '../../server/wear/actions';
import { carPast } from '../../server/wear/queries';
import { freshDatabase } from '../support/database';
import { failureOf, makeCar, makeJob } from '../support/shop';

let drop: () => Promise<void>;
beforeAll(async () => {
  ({ drop } = await freshDatabase());
});
afterAll(() => drop());

const pad = (mm: number) => ({ leading: mm, trailing: mm });
const pads = (corner: string, inner: number, outer = inner) => ({
  caliper: {},
  newMm: 12,
  minimumMm: 3,
  corners: { [corner]: { inner: pad(inner), outer: pad(outer) } },
});

function read(jobId: string, kind: string, corner: string, input: object, more = {}, at?: Date) {
  const body = { id: randomUUID(), phase: 'before', kind, corner, input, replaces: null, why: '', ...more };
  return addReading(jobId, body, at);
}

describe('readings', () => {
  it('keep what was typed beside what it came to', async () => {
    const { job } = await makeJob();
    await read(job.id, 'bearing', 'FL', { playMm: 0.0508 }, { entered: { play: '0.002 in' } });
    const sheet = await getSheet(job.id);
    expect(sheet.readings[0]).toMatchObject({ input: { playMm: 0.0508 }, entered: { play: '0.002 in' } });
    const plain = await read(job.id, 'bearing', 'FR', { playMm: 0.01 });
    expect(plain.entered).toEqual({});
  });

  it('are held against the limits of car and shop, not those that came with them', async () => {
    const { job } = await makeJob();
    const play = await read(job.id, 'bearing', 'FL', { playMm: 0.4, limitMm: 2, limitFrom: 'car' });
    expect(play.input).toEqual({ playMm: 0.4 });
    expect(judge(await getSheet(job.id)).derived.before).toContainEqual(
      expect.objectContaining({ id: 'bearing_play', place: 'FL', state: 'excess' }),
    );
    const believed = { runoutMm: [0, 0.05, 0.2, 0.05, 0, -0.05, -0.1, -0.05], limits: { runoutMm: 0.9 } };
    const rotor = await read(job.id, 'rotor', 'FR', { ...believed, limitsFrom: { runoutMm: 'car' } });
    expect(rotor.input).not.toHaveProperty('limits');
  });

  it('of the two sides of an axle say together what neither says alone', async () => {
    const { job } = await makeJob();
    await read(job.id, 'pads', 'FL', pads('FL', 9));
    await read(job.id, 'pads', 'FR', pads('FR', 5));
    const { derived } = judge(await getSheet(job.id));
    expect(derived.before).toContainEqual(
      expect.objectContaining({ id: 'pad_wear_sides', place: 'front', state: 'differ' }),
    );
    expect(derived.before.find((each) => each.id === 'pad_thickness' && each.place === 'FR')).toMatchObject({
      state: 'low',
      trace: { value: 5, unit: 'mm', limit: { name: 'replaceMm', value: 6 } },
    });
  });

  it('of a rotor are refused where the car has a drum', async () => {
    const car = await addCar({ id: randomUUID(), ...startingSet('hatch'), name: 'Drum hatch' });
    const { job } = await openJob({ id: randomUUID(), carId: car.id, complaint: 'Low', neededAt: null });
    const failure = await failureOf(read(job.id, 'rotor', 'RL', { runoutMm: [0, 0, 0, 0, 0, 0] }));
    expect(failure.detail.issues).toEqual([
      expect.objectContaining({
        path: 'corner',
        value: 'RL',
        accepted: expect.stringContaining('RL has a drum'),
      }),
    ]);
    expect((await getSheet(job.id)).readings).toEqual([]);
  });
});

describe('limits and units', () => {
  it('of the shop come back as they were set, and are refused across their bounds', async () => {
    const shop = await saveShop({
      ...DEMO_SHOP,
      dateOrder: 'month_first',
      lengthUnit: 'in',
      temperatureUnit: '°F',
      limits: { runoutMm: 0.04, boilingOkFromC: 210, wetFromPct: 2.5, wheelSpreadK: 45, vacuumKPa: 60 },
      version: 0,
    });
    expect(shop.limits).toEqual({
      runoutMm: 0.04,
      boilingOkFromC: 210,
      wetFromPct: 2.5,
      wheelSpreadK: 45,
      vacuumKPa: 60,
    });
    expect(shop).toMatchObject({
      dateOrder: 'month_first',
      lengthUnit: 'in',
      temperatureUnit: '°F',
      pressureUnit: 'kPa',
    });
    const { isDemo: _, ...whole } = shop;
    const failure = await failureOf(saveShop({ ...whole, limits: { dryBelowPct: 4 } }));
    expect(failure.detail.issues?.map((issue) => issue.path)).toEqual(['limits.dryBelowPct']);
    const without = await saveShop({ ...whole, limits: {} });
    expect(without.limits).toEqual({});
    expect((await getShop()).limits).toEqual({});
  });

  it('of a car are its own columns, and come back as they were', async () => {
    const spec = { ...startingSet('saloon'), name: 'Limits' };
    const { id, version, ...car } = await addCar({ id: randomUUID(), ...spec });
    const front = {
      ...car.front,
      studs: 5,
      rotorRadiusMm: 130,
      hubRadiusMm: 65,
      bearingSpanMm: 42,
      runoutLimitMm: 0.035,
      dtvLimitMm: 0.012,
      hubLimitMm: 0.02,
      playLimitMm: 0.04,
      padLimitC: 550,
    };
    const saved = await saveCar(id, { ...car, front, version });
    expect(saved.front).toEqual(front);
    expect(saved.rear.runoutLimitMm).toBeNull();
    const failure = await failureOf(
      saveCar(id, { ...car, front: { ...front, studs: 2 }, version: saved.version }),
    );
    expect(failure.detail.issues?.[0]?.path).toBe('front.studs');
  });
});

describe('days on track', () => {
  it('land once, carry a version, and are dropped without being lost', async () => {
    const { car } = await makeJob();
    const body = { id: randomUUID(), name: 'Club day', onDate: '2026-05-01', sessions: 4 };
    const event = await addEvent(car.id, body);
    await addEvent(car.id, body);
    expect((await carPast(car.id, { timeZone: 'UTC' })).events).toHaveLength(1);
    const { id, ...fields } = event;
    const changed = await changeEvent(id, { ...fields, sessions: 5 });
    expect(changed).toMatchObject({ sessions: 5, version: 2 });
    expect((await failureOf(changeEvent(id, { ...fields, sessions: 9 }))).code).toBe('stale');
    await changeEvent(id, { name: 'Club day', onDate: '2026-05-01', sessions: 5, version: 2, dropped: true });
    expect((await carPast(car.id, { timeZone: 'UTC' })).events).toEqual([]);
    const failure = await failureOf(addEvent(car.id, { ...body, id: randomUUID(), sessions: 0 }));
    expect(failure.detail.issues?.[0]).toMatchObject({
      path: 'sessions',
      accepted: '0.5 to 100 sessions is accepted',
    });
  });

  it('count the sessions of each reading of the car’s past, this job’s own left out', async () => {
    const car = await makeCar();
    const opened = (day: string) =>
      openJob(
        { id: randomUUID(), carId: car.id, complaint: 'Worn', neededAt: null },
        new Date(`${day}T08:00:00Z`),
      );
    const { job } = await opened('2026-03-02');
    await addEvent(car.id, { id: randomUUID(), name: 'One', onDate: '2026-03-01', sessions: 4 });
    await addEvent(car.id, { id: randomUUID(), name: 'Two', onDate: '2026-06-01', sessions: 6 });
    const first = await read(job.id, 'pads', 'FL', pads('FL', 11), {}, new Date('2026-03-02T10:00:00Z'));
    await read(
      job.id,
      'pads',
      'FL',
      pads('FL', 10.5),
      { replaces: first.id },
      new Date('2026-03-02T11:00:00Z'),
    );
    const { job: later } = await opened('2026-06-02');
    await read(later.id, 'pads', 'FL', pads('FL', 8), {}, new Date('2026-06-02T10:00:00Z'));
    const past = await carPast(car.id, { exceptJob: later.id, timeZone: 'UTC' });
    expect(past.wear.FL.inner).toEqual([{ sessions: 4, mm: 10.5 }]);
    expect(past.measured.FL.pads.inner).toEqual({ leading: 10.5, trailing: 10.5 });
    const whole = await carPast(car.id, { timeZone: 'UTC' });
    expect(whole.wear.FL.outer).toEqual([
      { sessions: 4, mm: 10.5 },
      { sessions: 10, mm: 8 },
    ]);
  });
});

describe('the demo', () => {
  it('has a hidden fault that instruments find, where readings trend, and a sound car otherwise', async () => {
    const { job } = await makeJob();
    const sound = await conditionOf((await getSheet(job.id)).car.id);
    expect(truthAt(sound, { point: 'bearing', corner: 'FR' })).toBeLessThan(0.05);
    const fresh = await freshDatabase();
    try {
      await loadDemo(new Date('2026-11-25T08:00:00Z'));
      const coupe = (await listCars()).find((car) => car.name.startsWith('Car 14'))!;
      expect(truthAt(await conditionOf(coupe.id), { point: 'bearing', corner: 'FR' })).toBeGreaterThan(0.05);
      const past = await carPast(coupe.id, { timeZone: 'UTC' });
      expect(past.wear.FL.inner.length).toBeGreaterThanOrEqual(3);
      expect(past.wear.FR.rotor.length).toBeGreaterThanOrEqual(6);
      expect(past.events.length).toBeGreaterThanOrEqual(10);
    } finally {
      await fresh.drop();
    }
  });
});
