import { type OpenCarFile, openCarFile } from '../../core/exchange/carfile/open';
import type { CarFile } from '../../core/exchange/carfile/schema';
import { caseFromSheet } from '../../core/exchange/casefile/fromSheet';
import { database, type Sql } from '../db/sql';
import { accept, refused } from '../failure';
import { fillFromRow } from '../fills/queries';
import { getSheets } from '../jobs/queries';
import { writeCase } from '../ledger/exchange';
import { partFromRow } from '../parts/queries';
import { fromCelsius, fromKilometres } from '../units';
import { eventFromRow } from '../wear/queries';
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
    sql`select * from car_events where car_id = ${carId} and dropped_at is null order by on_date, id`,
    sql`select * from fills where car_id = ${carId} and dropped_at is null order by filled_on, seq`,
    sql`select * from fitted_parts where car_id = ${carId} order by fitted_on, id`,
    sql`
      select id from jobs where car_id = ${carId} and closed_at is not null and outcome <> 'withdrawn'
      order by closed_at, id`,
  ]);
  const cases: CarFile['jobs'] = [];
  for (let from = 0; from < jobs.length; from += BATCH)
    for (const sheet of await getSheets(
      jobs.slice(from, from + BATCH).map((row) => row.id as string),
      sql,
    ))
      cases.push({ id: sheet.job.id, case: caseFromSheet(sheet) });
  return {
    ...{ format: 'bavrin-car', version: 1, id: carId, car },
    events: events.map((row) => {
      const { version: __, ...event } = eventFromRow(row);
      return event;
    }),
    fills: fills.map((row) => {
      const {
        id: fillId,
        filledOn,
        product,
        batch,
        fluidClass,
        dryC,
        wetC,
        colour,
        odometerKm,
      } = fillFromRow(row);
      return { id: fillId, filledOn, product, batch, fluidClass, dryC, wetC, colour, odometerKm };
    }),
    parts: parts.map((row) => {
      const { jobId: _job, ...part } = partFromRow(row);
      return { ...part, price: part.price ?? null, kind: part.kind as CarFile['parts'][number]['kind'] };
    }),
    jobs: cases,
  };
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
  return database(IMPORT_MS).begin(async (tx) => {
    await tx`select pg_advisory_xact_lock(hashtext('bavrin import'))`;
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
  const name = as ?? file.car.name;
  const [here] = await tx`select name from cars where id = ${id}`;
  if (!here) {
    const [other] = await tx`select 1 from cars where lower(name) = lower(${name})`;
    if (other)
      throw refused([
        { code: 'refused', path: 'car.name', value: name, accepted: 'a name no other car of this shop has' },
      ]);
    const car = { ...file.car, name };
    await tx`insert into cars ${tx({ id, ...carColumns(car) })}`;
    for (const axle of ['front', 'rear'] as const)
      await tx`insert into car_axles ${tx(axleColumns(id, axle, car[axle]))}`;
  }
  const added = {
    events: await insertNew(
      tx,
      'car_events',
      file.events.map(({ id: eventId, name: event, onDate, sessions, odometerKm, circuit, airC }) => ({
        ...{ id: eventId, car_id: id, name: event, on_date: onDate, sessions },
        ...{ odometer_m: fromKilometres(odometerKm), circuit, air_c: airC },
      })),
    ),
    fills: await insertNew(
      tx,
      'fills',
      file.fills.map((fill) => ({
        ...{ id: fill.id, car_id: id, filled_on: fill.filledOn, product: fill.product, batch: fill.batch },
        ...{ fluid_class: fill.fluidClass, dry_k: fromCelsius(fill.dryC), wet_k: fromCelsius(fill.wetC) },
        ...{ colour: fill.colour, odometer_m: fromKilometres(fill.odometerKm), recorded_at: now },
      })),
    ),
    parts: await insertNew(
      tx,
      'fitted_parts',
      file.parts.map((part) => ({
        ...{
          id: part.id,
          car_id: id,
          kind: part.kind,
          place: part.place,
          what: part.what,
          batch: part.batch,
        },
        ...{
          fitted_on: part.fittedOn,
          removed_on: part.removedOn,
          old_why: part.oldWhy,
          old_mate: part.oldMate,
          price: part.price,
        },
      })),
    ),
    jobs: 0,
  };
  for (const each of cases) {
    const known = await tx`select 1 from jobs where id = ${each.id}`;
    if (known.length > 0) continue;
    await writeCase(tx, { jobId: each.id, carId: id, at: now }, each.opened);
    added.jobs += 1;
  }
  return { id, name: here?.name ?? name, known: here !== undefined, added };
}

async function insertNew(tx: Sql, table: string, rows: readonly Record<string, unknown>[]): Promise<number> {
  if (rows.length === 0) return 0;
  const written =
    await tx`insert into ${tx(table)} ${tx(rows as never)} on conflict (id) do nothing returning 1`;
  return written.length;
}
