import { carSpecSchema } from '../../core/car/spec';
import { parseWith } from '../../core/issues/zod';
import { database, type Sql } from '../db/sql';
import { notFound, stale } from '../failure';
import { accept } from '../http/route';
import { versioned } from '../http/versioned';
import { knownId, newId } from '../ids';
import { getCar } from './queries';
import { axleColumns, type CarRow, carColumns } from './rows';

/** Adds a car under an id its author made, so that sending it twice adds it once. */
export async function addCar(input: unknown): Promise<CarRow> {
  const { id, ...spec } = (input ?? {}) as Record<string, unknown>;
  const car = accept(parseWith(carSpecSchema, spec));
  const carId = newId(id);
  return database().begin(async (tx) => {
    const added =
      await tx`insert into cars ${tx({ id: carId, ...carColumns(car) })} on conflict (id) do nothing returning 1`;
    if (added.length > 0) await writeAxles(tx, carId, car);
    return getCar(carId, tx);
  });
}

/** Saves a car over the version its author saw. */
export async function saveCar(id: string, input: unknown): Promise<CarRow> {
  const { version, body } = versioned(input);
  const car = accept(parseWith(carSpecSchema, body));
  knownId('car', id);
  return database().begin(async (tx) => {
    const written = await tx`
      update cars set ${tx(carColumns(car))}, version = version + 1 where id = ${id} and version = ${version} returning 1`;
    if (written.length === 0) throw stale('The car', await getCar(id, tx));
    await writeAxles(tx, id, car);
    return getCar(id, tx);
  });
}

async function writeAxles(tx: Sql, carId: string, car: Pick<CarRow, 'front' | 'rear'>): Promise<void> {
  for (const axle of ['front', 'rear'] as const) {
    const columns = axleColumns(carId, axle, car[axle]);
    await tx`insert into car_axles ${tx(columns)} on conflict (car_id, axle) do update set ${tx(columns)}`;
  }
}

/** Marks what was due as done, over the version its author saw. */
export async function finishFollowUp(
  id: string,
  input: unknown,
  now = new Date(),
): Promise<{ id: string; version: number }> {
  const { version } = versioned(input);
  const sql = database();
  const [row] = await sql`
    update follow_ups set done_at = ${now}, version = version + 1
    where id = ${knownId('entry', id)} and version = ${version} and done_at is null returning id, version`;
  if (row) return { id: row.id, version: row.version };
  const [current] = await sql`select id, what, done_at, version from follow_ups where id = ${id}`;
  if (!current) throw notFound('entry', id);
  throw stale('That entry', current);
}
