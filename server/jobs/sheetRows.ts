import { goodPedals } from '../cars/goodPedal';
import type { RowOf } from '../db/rows';
import type { Sql } from '../db/sql';
import { photosOf } from '../photos/queries';
import { setupsOf } from '../setups/queries';

/** What a car's odometer showed, as a job of it has it. */
export type OdometerSeen = Pick<RowOf<'odometers'>, 'odometerM' | 'onDay'> & { jobId: string };

/** What is written down in some jobs, table by table, each in the order of its entry. */
export async function rowsOfJobs(list: readonly string[], sql: Sql) {
  const ids = [...list];
  const [found, done] = await Promise.all([rowsFound(ids, sql), rowsDone(ids, sql)]);
  return { ...found, ...done };
}

/** What was found. */
async function rowsFound(ids: string[], sql: Sql) {
  const [causes, answers, readings, verdicts, odometers] = await Promise.all([
    sql<
      RowOf<'job_causes'>[]
    >`select job_id, cause from job_causes where job_id = any(${ids}) order by cause`,
    sql<RowOf<'findings'>[]>`select * from findings where job_id = any(${ids}) order by seq`,
    sql<RowOf<'readings'>[]>`select * from readings where job_id = any(${ids}) order by seq`,
    sql<RowOf<'verdicts'>[]>`select * from verdicts where job_id = any(${ids}) order by made_at, id`,
    // What the car had run when the job was opened, where another one or a day on track says so.
    sql<OdometerSeen[]>`select jobs.id as job_id, seen.odometer_m, seen.on_day
        from jobs join lateral (
          select odometer_m, on_day from odometers
          where car_id = jobs.car_id and job_id is distinct from jobs.id and on_day <= (jobs.opened_at at time zone 'UTC')::date
          order by on_day desc, odometer_m desc limit 1
        ) seen on true
        where jobs.id = any(${ids})`,
  ]);
  return { causes, answers, readings, verdicts, odometers };
}

/** What was done, and what proves it. */
async function rowsDone(ids: string[], sql: Sql) {
  const [works, fluids, ticks, proofs, proofDrives, trials] = await Promise.all([
    sql<RowOf<'works'>[]>`select * from works where job_id = any(${ids}) order by added_at, id`,
    sql<
      RowOf<'work_fluid'>[]
    >`select distinct on (work_id) work_fluid.* from work_fluid join works on works.id = work_id
        where job_id = any(${ids}) order by work_id, work_fluid.seq desc`,
    sql<
      (RowOf<'ticks'> & { jobId: string })[]
    >`select ticks.*, works.job_id from ticks join works on works.id = work_id where job_id = any(${ids}) order by seq`,
    sql<RowOf<'hold_proofs'>[]>`select * from hold_proofs where job_id = any(${ids}) order by proved_at, id`,
    sql<RowOf<'proof_drives'>[]>`select * from proof_drives where job_id = any(${ids}) order by seq`,
    sql<
      RowOf<'change_trials'>[]
    >`select * from change_trials where job_id = any(${ids}) and dropped_at is null order by seq`,
  ]);
  return { works, fluids, ticks, proofs, proofDrives, trials };
}
export type JobRows = Awaited<ReturnType<typeof rowsOfJobs>>;

/** The cars of some jobs, and what they bring to them. */
export async function rowsOfCars(list: readonly string[], sql: Sql) {
  const jobs = [...list];
  const [cars, axles, fills, [photos, setups, pedals]] = await Promise.all([
    sql<RowOf<'cars'>[]>`select * from cars where id in (select car_id from jobs where id = any(${jobs}))`,
    sql<
      RowOf<'car_axles'>[]
    >`select * from car_axles where car_id in (select car_id from jobs where id = any(${jobs}))`,
    sql<RowOf<'fills'>[]>`select distinct on (car_id) * from fills
        where car_id in (select car_id from jobs where id = any(${jobs})) and dropped_at is null
        order by car_id, filled_on desc, seq desc`,
    sql<{ carId: string }[]>`select distinct car_id from jobs where id = any(${jobs})`.then((rows) => {
      const ids = rows.map((row) => row.carId);
      return Promise.all([photosOf(ids, sql), setupsOf(ids, sql), goodPedals(ids, sql)] as const);
    }),
  ]);
  return { cars, axles, fills, photos, setups, pedals };
}
export type CarRows = Awaited<ReturnType<typeof rowsOfCars>>;
