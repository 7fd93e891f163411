import type { Corner } from '../../core/car/corner';
import type { ReadingRow } from '../../core/job/sheet';
import type { Driven } from '../../core/planning/due/distance';
import { repairDue, type TemporaryRepair } from '../../core/planning/due/temporary';
import type { CarEvent } from '../../core/planning/wear/sessions';
import type { ReadFigure } from '../../core/readings/definition';
import { figuresOf } from '../../core/readings/figuresOf';
import type { RowOf } from '../db/rows';
import { database, type Sql } from '../db/sql';
import { notFound } from '../failure';
import { knownId } from '../ids';
import { type FiguresRow, figuresFromRow } from '../jobs/rows';
import { carsSeen, seesCar } from '../people/actor';
import { kilometres } from '../units';
import { type CarRow, carFromRows } from './rows';

/** One car with its axles; another's car is not there for a driver. */
export async function getCar(id: string, sql: Sql = database('own')): Promise<CarRow> {
  const carId = knownId('car', id);
  const [car] = await sql<RowOf<'cars'>[]>`select * from cars where id = ${carId}`;
  if (!car || !seesCar(carId)) throw notFound('car', id);
  const axles = await sql<RowOf<'car_axles'>[]>`select * from car_axles where car_id = ${carId}`;
  return carFromRows(car, axles);
}

export type CarLine = Pick<CarRow, 'id' | 'name' | 'note' | 'fluidFilledOn'>;

/** Every car of the shop, or a driver's own, by name: what lists of them need. */
export async function listCars(sql: Sql = database('own')): Promise<CarLine[]> {
  const seen = carsSeen();
  const rows = await sql<CarLine[]>`
    select id, name, note, fluid_filled_on from cars ${seen ? sql`where id = any(${[...seen]})` : sql``}
    order by lower(name), id`;
  return rows.map(({ id, name, note, fluidFilledOn }) => ({
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

/** Some of a car's jobs, and how many of all it has are closed. */
export type CarJobs = { list: CarJob[]; closed: number };

/** So many jobs stand on a car's page; the ledger has all that are closed. */
const SHOWN = 20;

/** A car's jobs: those in the bay, then the others, newest first. */
export async function carJobs(carId: string, sql: Sql = database('own')): Promise<CarJobs> {
  const rows = await sql<
    (Omit<CarJob, 'openedAt' | 'closedAt'> &
      Pick<RowOf<'jobs'>, 'openedAt' | 'closedAt'> & { closed: number })[]
  >`
    select id, number, complaint, opened_at, closed_at, outcome,
      coalesce((select array_agg(cause order by cause) from job_causes where job_id = jobs.id), '{}') as confirmed,
      (select count(*)::int from jobs where car_id = ${carId} and closed_at is not null) as closed
    from jobs where car_id = ${carId} order by closed_at is not null, opened_at desc limit ${SHOWN}`;
  const list = rows.map((row) => ({
    id: row.id,
    number: row.number,
    complaint: row.complaint,
    openedAt: row.openedAt.toISOString(),
    closedAt: row.closedAt?.toISOString() ?? null,
    outcome: row.outcome,
    confirmed: row.confirmed,
  }));
  return { list, closed: rows[0]?.closed ?? 0 };
}

export type CarReading = Pick<ReadingRow, 'input' | 'said' | 'unreadable'> & {
  figures: ReadFigure[];
  kind: string;
  corner: Corner | '';
  recordedAt: string;
  jobId: string;
  jobNumber: number;
};

/** Jobs looked back on for what was last read; older readings say little of the car as it is. */
const LOOK_BACK = 120;

/** The last standing reading of each kind and corner on a car. */
export async function lastReadings(carId: string, sql: Sql = database('own')): Promise<CarReading[]> {
  const rows = await sql<(FiguresRow & { jobId: string; number: number })[]>`
    select distinct on (r.kind, r.corner) r.kind, r.corner, r.input, r.result, r.calcs, r.recorded_at, r.job_id, j.number
    from (select id, number from jobs where car_id = ${carId} order by opened_at desc limit ${LOOK_BACK}) j
      join readings r on r.job_id = j.id
    where r.input is not null
      and not exists (select 1 from readings later where later.replaces = r.id)
    order by r.kind, r.corner, r.recorded_at desc`;
  return rows.map(({ kind, corner, ...row }) => {
    const read = figuresFromRow({ kind, ...row });
    return {
      ...{ kind, corner },
      ...read,
      figures: figuresOf({ kind, ...read }),
      recordedAt: row.recordedAt.toISOString(),
      jobId: row.jobId,
      jobNumber: row.number,
    };
  });
}

export type FollowUp = {
  id: string;
  carId: string;
  carName: string;
  jobId: string | null;
  what: string;
  /** The day by which it is due; of a temporary repair by whichever of its limits is first, and why. */
  dueOn: string | null;
  why?: string;
  /** A repair that was made to last until something replaces it. */
  temporary: boolean;
  version: number;
};

/** What is due and not done, soonest first; for one car or all. */
export async function openFollowUps(
  today: string,
  carId?: string,
  sql: Sql = database('own'),
): Promise<FollowUp[]> {
  const rows = await sql<(RowOf<'follow_ups'> & { name: string })[]>`
    select f.*, c.name from follow_ups f join cars c on c.id = f.car_id
    where f.done_at is null ${carId ? sql`and f.car_id = ${carId}` : sql``}
    order by f.due_on nulls last, f.id limit 1000`;
  const used = await lifeOfRepairs(
    rows.filter((row) => row.temporary).map((row) => row.id),
    sql,
  );
  return rows
    .map((row): FollowUp => {
      const { events = [], driven } = used.get(row.id) ?? {};
      const limit = row.temporary && repairDue(repairFromRow(row), events, today, driven);
      return {
        id: row.id,
        carId: row.carId,
        carName: row.name,
        jobId: row.jobId,
        what: row.what,
        dueOn: limit ? limit.dueOn : row.dueOn,
        ...(limit ? { why: limit.why } : {}),
        temporary: row.temporary,
        version: row.version,
      };
    })
    .sort((left, right) => (left.dueOn ?? '9').localeCompare(right.dueOn ?? '9'));
}

/** A repair that was only made to last; the database holds each of them to a day it was made on. */
function repairFromRow(row: RowOf<'follow_ups'>): TemporaryRepair {
  return {
    why: row.why,
    successor: row.successor,
    sessions: row.sessions,
    km: kilometres(row.distanceM),
    dueOn: row.dueOn,
    madeOn: row.madeOn!,
  };
}

/** The days on track after each temporary repair, and how far its car was driven on it. */
async function lifeOfRepairs(ids: string[], sql: Sql) {
  const used = new Map<string, { events: CarEvent[]; driven?: Driven }>();
  if (ids.length === 0) return used;
  const [events, odometer] = await Promise.all([
    sql<(CarEvent & { repair: string })[]>`
      select f.id as repair, e.id, e.name, e.on_date, e.sessions
      from follow_ups f join car_events e on e.car_id = f.car_id and e.on_date > f.made_on and e.dropped_at is null
      where f.id = any(${ids})`,
    sql<{ repair: string; fromM: number; odometerM: number; onDay: string }[]>`
      select f.id as repair, f.from_m, seen.odometer_m, seen.on_day
      from follow_ups f join lateral (
        select odometer_m, on_day from odometers
        where car_id = f.car_id and on_day >= f.made_on order by on_day desc, odometer_m desc limit 1
      ) seen on true
      where f.id = any(${ids}) and f.from_m is not null`,
  ]);
  for (const id of ids) used.set(id, { events: [] });
  for (const { repair, id, name, onDate, sessions } of events)
    used.get(repair)!.events.push({ id, name, onDate, sessions });
  for (const row of odometer)
    used.get(row.repair)!.driven = {
      fromKm: kilometres(row.fromM)!,
      lastKm: kilometres(row.odometerM)!,
      lastOn: row.onDay,
    };
  return used;
}
