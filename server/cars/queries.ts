import type { ReadingRow } from '../../core/job/sheet';
import { database, type Sql } from '../db/sql';
import { notFound } from '../failure';
import { knownId } from '../ids';
import { figuresFromRow } from '../jobs/rows';
import { type CarRow, carFromRows } from './rows';

/** One car with its axles. */
export async function getCar(id: string, sql: Sql = database()): Promise<CarRow> {
  const carId = knownId('car', id);
  const [car] = await sql`select * from cars where id = ${carId}`;
  if (!car) throw notFound('car', id);
  const axles = await sql`select * from car_axles where car_id = ${carId}`;
  return carFromRows(car, axles);
}

export type CarLine = Pick<CarRow, 'id' | 'name' | 'note' | 'fluidFilledOn'>;

/** Every car of the shop, by name: what lists of them need. */
export async function listCars(sql: Sql = database()): Promise<CarLine[]> {
  const rows = await sql`select id, name, note, fluid_filled_on from cars order by lower(name), id`;
  return rows.map(({ id, name, note, fluid_filled_on: fluidFilledOn }) => ({
    id,
    name,
    note,
    fluidFilledOn,
  }));
}

export type CarJob = {
  id: string;
  number: number;
  complaint: string;
  openedAt: string;
  closedAt: string | null;
  outcome: string | null;
  confirmed: string[];
};

/** A car's jobs, newest first. */
export async function carJobs(carId: string, sql: Sql = database()): Promise<CarJob[]> {
  const rows = await sql`
    select id, number, complaint, opened_at, closed_at, outcome,
      coalesce((select array_agg(cause order by cause) from job_causes where job_id = jobs.id), '{}') as confirmed
    from jobs where car_id = ${carId} order by opened_at desc limit 60`;
  return rows.map((row) => ({
    id: row.id,
    number: row.number,
    complaint: row.complaint,
    openedAt: row.opened_at.toISOString(),
    closedAt: row.closed_at?.toISOString() ?? null,
    outcome: row.outcome,
    confirmed: row.confirmed,
  }));
}

export type CarReading = Pick<ReadingRow, 'input' | 'said' | 'unreadable'> & {
  kind: string;
  corner: string;
  recordedAt: string;
  jobId: string;
  jobNumber: number;
};

/** Jobs looked back on for what was last read; older readings say little of the car as it is. */
const LOOK_BACK = 120;

/** The last standing reading of each kind and corner on a car. */
export async function lastReadings(carId: string, sql: Sql = database()): Promise<CarReading[]> {
  const rows = await sql`
    select distinct on (r.kind, r.corner) r.kind, r.corner, r.input, r.result, r.calcs, r.recorded_at, r.job_id, j.number
    from (select id, number from jobs where car_id = ${carId} order by opened_at desc limit ${LOOK_BACK}) j
      join readings r on r.job_id = j.id
    where r.input is not null
      and not exists (select 1 from readings later where later.replaces = r.id)
    order by r.kind, r.corner, r.recorded_at desc`;
  return rows.map((row) => ({
    kind: row.kind,
    corner: row.corner,
    ...figuresFromRow(row),
    recordedAt: row.recorded_at.toISOString(),
    jobId: row.job_id,
    jobNumber: row.number,
  }));
}

export type FollowUp = {
  id: string;
  carId: string;
  carName: string;
  jobId: string | null;
  what: string;
  dueOn: string | null;
  version: number;
};

/** What is due and not done, soonest first; for one car or all. */
export async function openFollowUps(carId?: string, sql: Sql = database()): Promise<FollowUp[]> {
  const rows = await sql`
    select f.id, f.car_id, c.name, f.job_id, f.what, f.due_on, f.version
    from follow_ups f join cars c on c.id = f.car_id
    where f.done_at is null ${carId ? sql`and f.car_id = ${carId}` : sql``}
    order by f.due_on nulls last, f.id limit 1000`;
  return rows.map((row) => ({
    id: row.id,
    carId: row.car_id,
    carName: row.name,
    jobId: row.job_id,
    what: row.what,
    dueOn: row.due_on,
    version: row.version,
  }));
}
