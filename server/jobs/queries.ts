import { learnPriors } from '../../core/diagnosis/learn/priors';
import { inOwnOrder } from '../../core/job/ownOrder';
import type { JobSheet } from '../../core/job/sheet';
import { settleVisits } from '../../core/planning/visits';
import { carFromRows } from '../cars/rows';
import type { RowOf } from '../db/rows';
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
    sql<RowOf<'jobs'>[]>`select * from jobs where id = any(${list})`,
    rowsOfJobs(list, sql),
    rowsOfCars(list, sql),
    confirmedCauses(sql),
    sql<Pick<RowOf<'shop'>, 'learnStrength'>[]>`select learn_strength from shop`,
  ]);
  const learned = learnPriors(confirmed, shop?.learnStrength ?? 0);
  const byId = new Map(jobs.map((job) => [job.id, job]));
  return list.flatMap((id): JobSheet[] => {
    const job = byId.get(id);
    if (!job || (visible && !visible.includes(job.carId))) return [];
    return [{ ...recordOf(job, rows), ...carOf(job, { rows, cars, learned }) }];
  });
}

/** What the rows of one table of some jobs say of one of them. */
function own<R extends { jobId: string }>(rows: readonly R[], { id }: { id: string }): R[] {
  return rows.filter((row) => row.jobId === id);
}

/** What is written down in a job itself. */
function recordOf(job: RowOf<'jobs'>, rows: JobRows) {
  const ticks = own(rows.ticks, job).map(tickFromRow);
  const works = own(rows.works, job).map((row) =>
    workFromRow(
      row,
      rows.fluids.find((each) => each.workId === row.id),
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
    works: inOwnOrder(settleVisits(works, ticks), job.workOrder),
    ticks,
    proofs: own(rows.proofs, job).map(proofFromRow),
    proofDrives: own(rows.proofDrives, job).map(proofDriveFromRow),
    trials: own(rows.trials, job).map(trialFromRow),
  };
}

/** Its car, with what that brings to the job. */
function carOf(
  job: RowOf<'jobs'>,
  { rows, cars, learned }: { rows: JobRows; cars: CarRows; learned: ReturnType<typeof learnPriors> },
) {
  const car = cars.cars.find((row) => row.id === job.carId)!;
  return {
    car: carFromRows(
      car,
      cars.axles.filter((axle) => axle.carId === car.id),
    ),
    ...carBrings({
      photos: cars.photos.get(car.id),
      setups: cars.setups.get(car.id),
      clearAtMl: car.clearAtMl,
      goodPedal: cars.pedals.get(car.id),
      fill: cars.fills.find((row) => row.carId === car.id),
      seen: own(rows.odometers, job)[0],
      learned,
    }),
  };
}

/** A job's id as the database has it. @throws Failure when there is none */
export async function jobExists(id: string, sql: Sql = database('own')): Promise<string> {
  const [row] = await sql<
    { id: string; carId: string }[]
  >`select id, car_id from jobs where id = ${knownId('job', id)}`;
  if (!row || !seesCar(row.carId)) throw notFound('job', id);
  return row.id;
}

/** Ids of all open jobs of the cars that whoever asks sees. */
export async function openJobIds(sql: Sql = database('own')): Promise<string[]> {
  const seen = carsSeen();
  const rows = await sql<{ id: string }[]>`
    select id from jobs where closed_at is null ${seen ? sql`and car_id = any(${[...seen]})` : sql``} order by opened_at, id`;
  return rows.map((row) => row.id);
}
