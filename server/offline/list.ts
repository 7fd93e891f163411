import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import type { Keep } from '../../workers/offline/keep';
import { database } from '../db/sql';
import { carsSeen } from '../people/actor';
import { ofBuild } from './build';

const STAGES = ['complaint', 'checks', 'verdict', 'work', 'proof'];
/** Open jobs a device keeps: more than a bay holds. */
const MOST_JOBS = 40;

/** Cars that a job can be begun on without a network: those that were here last. */
const MOST_BLANKS = 40;
/** As many of them have their page there, for what is noted of a car between its jobs. */
const MOST_CARS = 20;

/** Pages that are there without a network whatever is open. */
const ALWAYS: string[] = [
  '/',
  '/offline',
  '/job/new',
  '/job/kept',
  '/shelf',
  '/bench/fluid',
  '/bench/pedal',
  '/bench/balance',
  '/bench/heat',
];

/** What a device keeps for a place without a network: the build, and the pages of what is in the bay. */
export async function offlineList(job?: string): Promise<Keep> {
  const sql = database('own');
  const seen = carsSeen();
  const jobs = await sql<{ id: string; carId: string }[]>`
    select id, car_id from jobs where closed_at is null ${job ? sql`and id = ${job}` : sql``}
      ${seen ? sql`and car_id = any(${[...seen]})` : sql``}
    order by opened_at desc limit ${MOST_JOBS}`;
  const ids = jobs.map((row) => row.id);
  const works = await sql<
    { id: string; jobId: string }[]
  >`select id, job_id from works where job_id = any(${ids})`;
  const last = job
    ? []
    : await sql<{ id: string }[]>`
        select cars.id from cars ${seen ? sql`where id = any(${[...seen]})` : sql``}
        order by (select max(opened_at) from jobs where car_id = cars.id) desc nulls last, cars.id limit ${MOST_BLANKS}`;
  const ofJobs = jobs.map((row) => row.carId);
  const others = last.map((row) => row.id);
  return {
    sheets: [
      ...ids.map((id) => `/api/jobs/${id}`),
      ...unique([...ofJobs, ...others]).map((id) => `/api/cars/${id}/blank`),
    ],
    files: job ? [] : buildFiles(),
    always: job ? ['/'] : ALWAYS,
    pages: [
      ...ids.flatMap((id) => [`/job/${id}`, ...STAGES.map((stage) => `/job/${id}/${stage}`)]),
      ...works.map((row) => `/job/${row.jobId}/run/${row.id}`),
      ...unique([...ofJobs, ...others.slice(0, MOST_CARS)]).map((id) => `/car/${id}`),
    ],
  };
}

const unique = (ids: readonly string[]): string[] => [...new Set(ids)];

let files: string[] | undefined;

/** Every file of this build that a page may ask for; a build never changes. */
function buildFiles(): string[] {
  files ??= readdirSync(ofBuild('static'), {
    recursive: true,
    withFileTypes: true,
  })
    .filter((entry) => entry.isFile() && !entry.name.endsWith('.map'))
    .map((entry) => {
      const path = join(entry.parentPath, entry.name);
      return `/_next/static/${path.slice(path.indexOf('/static/') + '/static/'.length)}`;
    });
  return files;
}
