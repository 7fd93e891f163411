import { z } from 'zod';
import { parseWith } from '../../core/base/issues/zod';
import { carNoteSchema } from '../../core/car/noteSchema';
import { type CarSpec, carSpecSchema } from '../../core/car/spec';
import type { RowOf } from '../db/rows';
import { database, type Sql } from '../db/sql';
import { accept, notFound, stale } from '../failure';
import { fieldsOf, versioned } from '../http/versioned';
import { knownId, newId } from '../ids';
import { once, sameContent } from '../once';
import { getCar } from './queries';
import { axleColumns, type CarRow, carColumns } from './rows';

/** Adds a car under an id its author made, so that sending it twice adds it once. */
export async function addCar(input: unknown): Promise<CarRow> {
  const { id, ...spec } = fieldsOf(input);
  const car = accept(parseWith(carSpecSchema, spec));
  const carId = newId(id);
  return database('work').begin((tx) => {
    const stands = () => getCar(carId, tx);
    return once(tx, { id: carId, kind: 'car', content: car }, stands, async () => {
      await tx`insert into cars ${tx({ id: carId, ...carColumns(car) })}`;
      await writeAxles(tx, carId, car);
      return stands();
    });
  });
}

/** Saves a car over the version its author saw. */
export async function saveCar(id: string, input: unknown): Promise<CarRow> {
  const { version, body } = versioned(input);
  const car = accept(parseWith(carSpecSchema, body));
  const carId = knownId('car', id);
  return database('work').begin(async (tx) => {
    const written = await tx`
      update cars set ${tx(carColumns(car))}, version = version + 1 where id = ${carId} and version = ${version} returning 1`;
    if (written.length > 0) await writeAxles(tx, carId, car);
    const stands = await getCar(carId, tx);
    if (written.length === 0 && !(stands.version > version && isAlready(stands, car)))
      throw stale('The car', stands);
    return stands;
  });
}

/** Writes one thing of a car down over what its author saw there, whatever else of the car was changed meanwhile. */
export async function noteOnCar(id: string, input: unknown): Promise<{ id: string; version: number }> {
  const note = accept(parseWith(carNoteSchema, input));
  const carId = knownId('car', id);
  return database('work').begin(async (tx) => {
    await tx`select 1 from cars where id = ${carId} for no key update`;
    const { version, torquesNm, ownSheet } = await getCar(carId, tx);
    const [column, all]: [string, Record<string, string | number>] =
      note.of === 'torque' ? ['torquesNm', torquesNm] : ['ownSheet', ownSheet];
    const stands = all[note.id] ?? null;
    if (stands === note.value) return { id: carId, version };
    if (stands !== note.saw) throw stale('That', stands);
    const { [note.id]: _, ...others } = all;
    const next = note.value === null ? others : { ...others, [note.id]: note.value };
    await tx`
      update cars set ${tx(column)} = ${tx.json(next)}, version = version + 1 where id = ${carId}`;
    return { id: carId, version: version + 1 };
  });
}

async function writeAxles(tx: Sql, carId: string, car: Pick<CarRow, 'front' | 'rear'>): Promise<void> {
  for (const axle of ['front', 'rear'] as const) {
    const columns = axleColumns(carId, axle, car[axle]);
    await tx`insert into car_axles ${tx(columns)} on conflict (car_id, axle) do update set ${tx(columns)}`;
  }
}

/** Whether the car on file says already what is asked for: a save that landed before, and is sent again. */
function isAlready({ id: _id, version: _version, ...stands }: CarRow, car: CarSpec): boolean {
  return sameContent(stands, car);
}

const followUpSchema = z.strictObject({ done: z.boolean().default(true) });

/** Marks what was due as done, or as still to do when that was pressed by mistake, over the version its author saw. */
export async function finishFollowUp(
  id: string,
  input: unknown,
  now = new Date(),
): Promise<{ id: string; version: number }> {
  const { version, body } = versioned(input);
  const { done } = accept(parseWith(followUpSchema, body));
  const entryId = knownId('entry', id);
  return database('work').begin(async (tx) => {
    const [row] = await tx<{ id: string; version: number }[]>`
      update follow_ups set done_at = ${done ? now : null}, version = version + 1
      where id = ${entryId} and version = ${version} and (done_at is null) = ${done} returning id, version`;
    if (row) return { id: row.id, version: row.version };
    const [current] = await tx<
      Pick<RowOf<'follow_ups'>, 'id' | 'what' | 'doneAt' | 'version'>[]
    >`select id, what, done_at, version from follow_ups where id = ${entryId}`;
    if (!current) throw notFound('entry', id);
    if ((current.doneAt !== null) === done && current.version > version)
      return { id: current.id, version: current.version };
    throw stale('That entry', current);
  });
}
