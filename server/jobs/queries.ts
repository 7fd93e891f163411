import type { Row } from 'postgres';
import { learnPriors } from '../../core/diagnosis/learn/priors';
import { inOwnOrder } from '../../core/job/ownOrder';
import type { JobSheet } from '../../core/job/sheet';
import { settleVisits } from '../../core/planning/visits';
import { goodPedals } from '../cars/goodPedal';
import { carFromRows } from '../cars/rows';
import { database, type Sql } from '../db/sql';
import { notFound } from '../failure';
import { knownId } from '../ids';
import { confirmedCauses } from '../learn/queries';
import { carsSeen, seesCar } from '../people/actor';
import { photosOf } from '../photos/queries';
import { setupsOf } from '../setups/queries';
import { carBrings } from './carBrings';
import { trialFromRow } from './changeTrial';
import {
  answerFromRow,
  jobFromRow,
  proofDriveFromRow,
  proofFromRow,
  readingFromRow,
  tickFromRow,
  verdictFromRow,
  workFromRow,
} from './rows';

/** Everything on file of one job. */
export async function getSheet(id: string, sql: Sql = database('own')): Promise<JobSheet> {
  const [sheet] = await getSheets([knownId('job', id)], sql);
  if (!sheet) throw notFound('job', id);
  return sheet;
}

/** Several sheets in the order of their ids, in one go over each table; those that are unknown, or not for whoever asks, are left out. */
export async function getSheets(ids: readonly string[], sql: Sql = database('own')): Promise<JobSheet[]> {
  if (ids.length === 0) return [];
  const visible = carsSeen();
  const list = [...ids];
  const [
    jobs,
    causes,
    answers,
    readings,
    verdicts,
    works,
    fluids,
    ticks,
    proofs,
    proofDrives,
    trials,
    fills,
    odometers,
    cars,
    axles,
    [photos, setups, pedals],
    confirmed,
    strength,
  ] = await Promise.all([
    sql`select * from jobs where id = any(${list})`,
    sql`select job_id, cause from job_causes where job_id = any(${list}) order by cause`,
    sql`select * from findings where job_id = any(${list}) order by seq`,
    sql`select * from readings where job_id = any(${list}) order by seq`,
    sql`select * from verdicts where job_id = any(${list}) order by made_at, id`,
    sql`select * from works where job_id = any(${list}) order by added_at, id`,
    sql`select distinct on (work_id) work_fluid.* from work_fluid join works on works.id = work_id
        where job_id = any(${list}) order by work_id, work_fluid.seq desc`,
    sql`select ticks.*, works.job_id from ticks join works on works.id = work_id where job_id = any(${list}) order by seq`,
    sql`select * from hold_proofs where job_id = any(${list}) order by proved_at, id`,
    sql`select * from proof_drives where job_id = any(${list}) order by seq`,
    sql`select * from change_trials where job_id = any(${list}) and dropped_at is null order by seq`,
    sql`select distinct on (car_id) * from fills
        where car_id in (select car_id from jobs where id = any(${list})) and dropped_at is null
        order by car_id, filled_on desc, seq desc`,
    sql`select jobs.id as job_id, seen.odometer_m, seen.on_day
        from jobs join lateral (
          select odometer_m, on_day from odometers
          where car_id = jobs.car_id and job_id is distinct from jobs.id and on_day <= (jobs.opened_at at time zone 'UTC')::date
          order by on_day desc, odometer_m desc limit 1
        ) seen on true
        where jobs.id = any(${list})`,
    sql`select * from cars where id in (select car_id from jobs where id = any(${list}))`,
    sql`select * from car_axles where car_id in (select car_id from jobs where id = any(${list}))`,
    sql`select distinct car_id from jobs where id = any(${list})`.then((rows) => {
      const ids = rows.map((row) => row.car_id as string);
      return Promise.all([photosOf(ids, sql), setupsOf(ids, sql), goodPedals(ids, sql)] as const);
    }),
    confirmedCauses(sql),
    sql`select learn_strength from shop`,
  ]);
  const learned = learnPriors(confirmed, strength[0]?.learn_strength ?? 0);
  const byId = new Map(jobs.map((job) => [job.id as string, job]));
  return list.flatMap((id): JobSheet[] => {
    const job = byId.get(id);
    if (!job || (visible && !visible.includes(job.car_id))) return [];
    const own = (rows: readonly Row[]) => rows.filter((row) => row.job_id === id);
    const car = cars.find((row) => row.id === job.car_id)!;
    const ticked = own(ticks).map(tickFromRow);
    const work = (row: Row) =>
      workFromRow(
        row,
        fluids.find((each) => each.work_id === row.id),
      );
    return [
      {
        job: jobFromRow(
          job,
          own(causes).map((row) => row.cause),
        ),
        car: carFromRows(
          car,
          axles.filter((axle) => axle.car_id === car.id),
        ),
        answers: own(answers).map(answerFromRow),
        readings: own(readings).map(readingFromRow),
        verdicts: own(verdicts).map(verdictFromRow),
        works: inOwnOrder(settleVisits(own(works).map(work), ticked), job.work_order),
        ticks: ticked,
        proofs: own(proofs).map(proofFromRow),
        proofDrives: own(proofDrives).map(proofDriveFromRow),
        trials: own(trials).map(trialFromRow),
        ...carBrings({
          photos: photos.get(car.id),
          setups: setups.get(car.id),
          clearAtMl: car.clear_at_ml,
          goodPedal: pedals.get(car.id),
          fill: fills.find((row) => row.car_id === car.id),
          seen: own(odometers)[0],
          learned,
        }),
      },
    ];
  });
}

/** A job's id as the database has it. @throws Failure when there is none */
export async function jobExists(id: string, sql: Sql = database('own')): Promise<string> {
  const [row] = await sql`select id, car_id from jobs where id = ${knownId('job', id)}`;
  if (!row || !seesCar(row.car_id)) throw notFound('job', id);
  return row.id;
}

/** Ids of all open jobs of the cars that whoever asks sees. */
export async function openJobIds(sql: Sql = database('own')): Promise<string[]> {
  const seen = carsSeen();
  const rows = await sql`
    select id from jobs where closed_at is null ${seen ? sql`and car_id = any(${[...seen]})` : sql``} order by opened_at, id`;
  return rows.map((row) => row.id);
}
