import type { Row } from 'postgres';
import { learnPriors } from '../../core/diagnosis/learn/priors';
import { inOwnOrder } from '../../core/job/ownOrder';
import type { JobSheet } from '../../core/job/sheet';
import { settleVisits } from '../../core/planning/visits';
import { carFromRows } from '../cars/rows';
import { database, type Sql } from '../db/sql';
import { notFound } from '../failure';
import { knownId } from '../ids';
import { confirmedCauses } from '../learn/queries';
import { carsSeen, seesCar } from '../people/actor';
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
import { type CarRows, type JobRows, rowsOfCars, rowsOfJobs } from './sheetRows';

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
  const [jobs, rows, cars, confirmed, [shop]] = await Promise.all([
    sql`select * from jobs where id = any(${list})`,
    rowsOfJobs(list, sql),
    rowsOfCars(list, sql),
    confirmedCauses(sql),
    sql`select learn_strength from shop`,
  ]);
  const learned = learnPriors(confirmed, shop?.learn_strength ?? 0);
  const byId = new Map(jobs.map((job) => [job.id as string, job]));
  return list.flatMap((id): JobSheet[] => {
    const job = byId.get(id);
    if (!job || (visible && !visible.includes(job.car_id))) return [];
    return [{ ...recordOf(job, rows), ...carOf(job, { rows, cars, learned }) }];
  });
}

/** What the rows of one table of some jobs say of one of them. */
const own = (rows: readonly Row[], { id }: Row) => rows.filter((row) => row.job_id === id);

/** What is written down in a job itself. */
function recordOf(job: Row, rows: JobRows) {
  const ticks = own(rows.ticks, job).map(tickFromRow);
  const works = own(rows.works, job).map((row) =>
    workFromRow(
      row,
      rows.fluids.find((each) => each.work_id === row.id),
    ),
  );
  return {
    job: jobFromRow(
      job,
      own(rows.causes, job).map((row) => row.cause),
    ),
    answers: own(rows.answers, job).map(answerFromRow),
    readings: own(rows.readings, job).map(readingFromRow),
    verdicts: own(rows.verdicts, job).map(verdictFromRow),
    works: inOwnOrder(settleVisits(works, ticks), job.work_order),
    ticks,
    proofs: own(rows.proofs, job).map(proofFromRow),
    proofDrives: own(rows.proofDrives, job).map(proofDriveFromRow),
    trials: own(rows.trials, job).map(trialFromRow),
  };
}

/** Its car, with what that brings to the job. */
function carOf(
  job: Row,
  { rows, cars, learned }: { rows: JobRows; cars: CarRows; learned: ReturnType<typeof learnPriors> },
) {
  const car = cars.cars.find((row) => row.id === job.car_id)!;
  return {
    car: carFromRows(
      car,
      cars.axles.filter((axle) => axle.car_id === car.id),
    ),
    ...carBrings({
      photos: cars.photos.get(car.id),
      setups: cars.setups.get(car.id),
      clearAtMl: car.clear_at_ml,
      goodPedal: cars.pedals.get(car.id),
      fill: cars.fills.find((row) => row.car_id === car.id),
      seen: own(rows.odometers, job)[0],
      learned,
    }),
  };
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
