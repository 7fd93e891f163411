import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { changeBench, keepBench } from '../../server/benches/actions';
import { keptBench, keptBenches } from '../../server/benches/queries';
import { freshDatabase } from '../support/database';
import { failureOf, makeCar } from '../support/shop';

const STATE = {
  bench: 'balance',
  name: 'Before the master',
  typed: { bore: '7/8', front: { pistons: '1.5, 1.5' } },
  units: { lengthUnit: 'in', temperatureUnit: '°C', pressureUnit: 'psi' },
};
const keep = (carId: string, changes: object = {}) =>
  keepBench(carId, { id: randomUUID(), ...STATE, ...changes });

let drop: () => Promise<void>;
beforeAll(async () => {
  ({ drop } = await freshDatabase());
});
afterAll(() => drop());

describe('a bench kept with a car', () => {
  it('comes back as it was typed, newest first, of its own bench and car', async () => {
    const [car, other] = [await makeCar(), await makeCar()];
    const first = await keep(car.id);
    const second = await keep(car.id, { name: 'With the 19 mm' });
    await keep(car.id, { bench: 'heat' });
    await keep(other.id);
    const kept = await keptBenches(car.id, 'balance');
    expect(kept.map(({ id }) => id)).toEqual([second.id, first.id]);
    expect(kept[1]).toMatchObject(STATE);
    expect(await keptBench(first.id, { carId: car.id, bench: 'balance' })).toEqual(first);
    expect(await keptBench(first.id, { carId: other.id, bench: 'balance' })).toBeUndefined();
    expect(await keptBench(first.id, { carId: car.id, bench: 'heat' })).toBeUndefined();
  });

  it('is dropped and put back, and its link still opens', async () => {
    const car = await makeCar();
    const { id, version } = await keep(car.id);
    const dropped = await changeBench(id, { version, dropped: true });
    expect(await keptBenches(car.id, 'balance')).toEqual([]);
    expect(await keptBench(id, { carId: car.id, bench: 'balance' })).toMatchObject({ id });
    await changeBench(id, { version: dropped.version, dropped: false });
    expect(await keptBenches(car.id, 'balance')).toHaveLength(1);
  });

  it.each([
    ['name', { name: '' }, 'a name, to find it again'],
    ['bench', { bench: 'lathe' }, 'fluid'],
    ['typed', { typed: { bore: 'x'.repeat(21_000) } }, 'at most 20000 characters'],
    ['units.lengthUnit', { units: { ...STATE.units, lengthUnit: 'cubit' } }, 'mm'],
  ])('is refused with its field: %s', async (path, changes, accepted) => {
    const refused = await failureOf(keep((await makeCar()).id, changes));
    expect(refused).toMatchObject({ code: 'refused' });
    expect(refused.detail.issues![0]).toMatchObject({ path, accepted: expect.stringContaining(accepted) });
  });
});
