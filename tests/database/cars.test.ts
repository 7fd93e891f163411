import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { startingSet } from '../../core/car/startingSets';
import { addCar, noteOnCar, saveCar } from '../../server/cars/actions';
import { getCar } from '../../server/cars/queries';
import { database } from '../../server/db/sql';
import { saveShop } from '../../server/shop/actions';
import { getShop } from '../../server/shop/queries';
import { freshDatabase } from '../support/database';
import { failureOf, makeCar } from '../support/shop';

let drop: () => Promise<void>;
beforeAll(async () => {
  ({ drop } = await freshDatabase());
});
afterAll(() => drop());

describe('cars', () => {
  it('come back as they were entered, whatever SI does to the figures in between', async () => {
    const spec = {
      ...startingSet('heavy_coupe'),
      name: 'Coupe',
      fluidDryC: 265,
      fluidWetC: 185,
      makerOrder: ['FL', 'RR', 'FR', 'RL'] as const,
      fluidFilledOn: '2026-04-30',
    };
    const id = randomUUID();
    await addCar({ id, ...spec });
    const { version, ...car } = await getCar(id);
    expect(car).toEqual({ id, ...spec });
    expect(version).toBe(1);
  });

  it('keep lengths in metres and temperatures in kelvin', async () => {
    const car = await makeCar();
    const [row] =
      await database()`select master_bore_m, rotor_new_m from cars join car_axles on car_id = id and axle = 'front' where id = ${car.id}`;
    expect(row!.masterBoreM).toBeCloseTo(0.022225, 9);
    expect(row!.rotorNewM).toBeCloseTo(0.024, 9);
  });

  it('are saved over the version their author saw', async () => {
    const { id, version, ...spec } = await makeCar();
    const saved = await saveCar(id, { ...spec, version, massKg: 1500 });
    expect(saved).toMatchObject({ massKg: 1500, version: version + 1 });
    const failure = await failureOf(saveCar(id, { ...spec, version, massKg: 1510 }));
    expect(failure).toMatchObject({ code: 'stale', detail: { current: { massKg: 1500 } } });
  });

  it('keep what is noted at a step beside what somebody else changes of them meanwhile', async () => {
    const { id, version, ...spec } = await makeCar();
    const torque = { of: 'torque', id: 'wheel', saw: null, value: 88 };
    await Promise.all([
      saveCar(id, { ...spec, version, massKg: 1500 }).catch(() => undefined),
      noteOnCar(id, torque),
      noteOnCar(id, { of: 'sheet', id: 'bleeder', saw: null, value: '11 mm ring' }),
    ]);
    expect(await getCar(id)).toMatchObject({ torquesNm: { wheel: 88 }, ownSheet: { bleeder: '11 mm ring' } });
    expect(await failureOf(noteOnCar(id, { ...torque, value: 90 }))).toMatchObject({
      code: 'stale',
      detail: { current: 88 },
    });
    await noteOnCar(id, { of: 'torque', id: 'wheel', saw: 88, value: null });
    expect((await getCar(id)).torquesNm).toEqual({});
    expect(await failureOf(noteOnCar(id, { ...torque, value: 5000 }))).toMatchObject({ code: 'refused' });
  });

  it('are refused with every field, value and range, in schema and database alike', async () => {
    const failure = await failureOf(
      addCar({
        id: randomUUID(),
        ...startingSet('saloon'),
        name: 'X',
        massKg: 90,
        rear: { ...startingSet('saloon').rear, bleeders: 3 },
      }),
    );
    expect(failure.detail.issues).toMatchObject([
      { path: 'massKg', value: '90', accepted: '150 to 4000 kg is accepted' },
      { path: 'rear.bleeders', value: '3', accepted: '1 or 2 is accepted' },
    ]);
    const sql = database();
    await expect(
      sql`insert into cars (id, name, kind, mass_kg) values (${randomUUID()}, 'X', 'saloon', 90)`,
    ).rejects.toThrow(/mass_kg/);
    expect(
      (await failureOf(addCar({ id: 'short', ...startingSet('saloon'), name: 'X' }))).detail.issues![0]!.path,
    ).toBe('id');
  });
});

describe('the shop', () => {
  it('starts with plain settings and saves over the version seen', async () => {
    const { version, isDemo, ...plain } = await getShop();
    expect([version, isDemo]).toEqual([0, false]);
    const saved = await saveShop({ ...plain, name: 'Mine', bleedPressureKPa: 138, version: 0 });
    expect(saved).toMatchObject({ name: 'Mine', bleedPressureKPa: 138, version: 1 });
    expect((await failureOf(saveShop({ ...plain, version: 0 }))).code).toBe('stale');
    expect(
      (await failureOf(saveShop({ ...plain, timeZone: 'Nowhere/Else', version: 1 }))).detail.issues![0]!.path,
    ).toBe('timeZone');
  });
});
