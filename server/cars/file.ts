import { parseWith } from '../../core/base/issues/zod';
import { type CarSpec, carSpecSchema } from '../../core/car/spec';
import { type OpenCarFile, openCarFile } from '../../core/exchange/carfile/open';
import type { CarFile } from '../../core/exchange/carfile/schema';
import { caseFromSheet } from '../../core/exchange/casefile/fromSheet';
import { oneAtATime } from '../db/oneAtATime';
import type { RowOf } from '../db/rows';
import { database, type Sql } from '../db/sql';
import { accept, refused } from '../failure';
import { getSheets } from '../jobs/queries';
import { writeCase } from '../ledger/exchange';
import { eventRow, filedEvent, filedFill, filedPart, fillRow, partRow } from './fileRows';
import { getCar } from './queries';
import { axleColumns, carColumns } from './rows';

/** Jobs read at once while a car is written out. */
const BATCH = 50;
/** Taking in a car with ten years of jobs may take so long. */
const IMPORT_MS = 5 * 60_000;

/** A car with its whole history as one file; photographs stay in the shop. */
export async function exportCar(id: string): Promise<CarFile> {
  const sql = database();
  const { id: carId, version: _, ...car } = await getCar(id);
  const [events, fills, parts, jobs] = await Promise.all([
    sql<
      RowOf<'car_events'>[]
    >`select * from car_events where car_id = ${carId} and dropped_at is null order by on_date, id`,
    sql<
      RowOf<'fills'>[]
    >`select * from fills where car_id = ${carId} and dropped_at is null order by filled_on, seq`,
    sql<RowOf<'fitted_parts'>[]>`select * from fitted_parts where car_id = ${carId} order by fitted_on, id`,
    sql<{ id: string }[]>`
      select id from jobs where car_id = ${carId} and closed_at is not null and outcome <> 'withdrawn'
      order by closed_at, id`,
  ]);
  return {
    ...{ format: 'bavrin-car', version: 1, id: carId, car },
    events: events.map(filedEvent),
    fills: fills.map(filedFill),
    parts: parts.map(filedPart),
    jobs: await casesOf(jobs.map((row) => row.id)),
  };
}

async function casesOf(jobs: readonly string[]): Promise<CarFile['jobs']> {
  const cases: CarFile['jobs'] = [];
  for (let from = 0; from < jobs.length; from += BATCH)
    for (const sheet of await getSheets(jobs.slice(from, from + BATCH)))
      cases.push({ id: sheet.job.id, case: caseFromSheet(sheet) });
  return cases;
}

export type CarTaken = {
  id: string;
  name: string;
  /** Whether the car was here before. */
  known: boolean;
  /** What of it was new here. */
  added: { events: number; fills: number; parts: number; jobs: number };
};

/**
 * Takes a car's file in, all or nothing: a car that is not here with all it has, one that is with what is new of it; what this shop has
 * of it stands.
 * @param as the name it gets here, where another car has its own
 */
export async function importCar(input: unknown, as?: string, now = new Date()): Promise<CarTaken> {
  const opened = accept(openCarFile(input));
  return database('work', IMPORT_MS).begin(async (tx) => {
    await oneAtATime(tx, 'import');
    return writeCar(tx, opened, { as, now });
  });
}

/** Writes an opened car's file down, within a transaction. */
export async function writeCar(
  tx: Sql,
  { file, cases }: OpenCarFile,
  { as, now }: { as?: string; now: Date },
): Promise<CarTaken> {
  const { id } = file;
  const [here] = await tx<{ name: string }[]>`select name from cars where id = ${id}`;
  const name = here?.name ?? (await addFiled(tx, id, { ...file.car, ...(as ? { name: as } : {}) }));
  const added = {
    events: await insertNew(
      tx,
      'car_events',
      file.events.map((event) => eventRow(id, event)),
    ),
    fills: await insertNew(
      tx,
      'fills',
      file.fills.map((fill) => fillRow(id, fill, now)),
    ),
    parts: await insertNew(
      tx,
      'fitted_parts',
      file.parts.map((part) => partRow(id, part)),
    ),
    jobs: 0,
  };
  for (const each of cases) {
    const known = await tx`select 1 from jobs where id = ${each.id}`;
    if (known.length > 0) continue;
    await writeCase(tx, { jobId: each.id, carId: id, at: now }, each.opened);
    added.jobs += 1;
  }
  return { id, name, known: here !== undefined, added };
}

/** Adds the car itself, under a name that no other has. @returns that name */
async function addFiled(tx: Sql, id: string, spec: CarSpec): Promise<string> {
  const car = accept(parseWith(carSpecSchema, spec));
  const [other] = await tx`select 1 from cars where lower(name) = lower(${car.name})`;
  if (other)
    throw refused([
      {
        ...{ code: 'refused', path: 'car.name', value: car.name },
        accepted: 'a name no other car of this shop has',
      },
    ]);
  await tx`insert into cars ${tx({ id, ...carColumns(car) })}`;
  for (const axle of ['front', 'rear'] as const)
    await tx`insert into car_axles ${tx(axleColumns(id, axle, car[axle]))}`;
  return car.name;
}

async function insertNew(tx: Sql, table: string, rows: readonly Record<string, unknown>[]): Promise<number> {
  if (rows.length === 0) return 0;
  const written =
    await tx`insert into ${tx(table)} ${tx(rows as never)} on conflict (id) do nothing returning 1`;
  return written.length;
}
