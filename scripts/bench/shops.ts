import postgres from 'postgres';
import { CALCS_VERSION } from '../../core/readings/version';
import type { Passing } from '../system/passing';
import { asAdmin } from '../system/postgres';

/** What a shop looks like after a while, beside the demo's own season. */
type Shop = { cars: number; closedJobs: number; daysBack: number; readingsAJob: number };

/** A decade of an ordinary shop. */
export const TEN_YEARS: Shop = { cars: 3, closedJobs: 4000, daysBack: 3650, readingsAJob: 10 };
/** More than any one shop comes to. */
export const GREAT: Shop = { cars: 200, closedJobs: 20_000, daysBack: 3650, readingsAJob: 50 };

/** The name of every job of a filled shop begins so. */
const MARK = 'Filled in ';

/** Makes the shop at hand one of that size: cars, closed jobs with their answers, causes and readings. */
export async function fillShop(
  { url, cluster }: Passing,
  { cars, closedJobs, daysBack, readingsAJob }: Shop,
): Promise<void> {
  // A million rows take longer than the application lets anything take.
  const sql = postgres(url, { max: 1, onnotice: () => {} });
  await sql.begin(async (tx) => {
    // A record is not deleted, and a million notes would be kept for the end of it: not in a shop that is made up.
    await triggers(tx, 'disable');
    await emptied(tx);
    await tx`
      insert into cars (id, name, kind)
      select gen_random_uuid(), 'Fleet car ' || n, 'other' from generate_series(1, ${cars}::int - (select count(*)::int from cars)) n`;
    await tx`
      insert into car_axles (car_id, axle)
      select id, axle from cars, unnest(array['front', 'rear']) axle where not exists (select from car_axles where car_id = cars.id)`;
    await tx`
      with ranked as (select id, row_number() over (order by id) - 1 as place from cars)
      insert into jobs (id, car_id, complaint, summary, opened_at, closed_at, closed_by, outcome)
      select gen_random_uuid(), ranked.id, ${MARK} || n, 'Something was done about it',
        now() - at, now() - at + interval '3 hours', 'x', 'cured'
      from generate_series(1, ${closedJobs}::int) n
      join ranked on ranked.place = n % ${cars}::int,
      lateral (select n * interval '1 day' * ${daysBack}::int / ${closedJobs}::int as at) back`;
    await tx`
      insert into findings (id, job_id, phase, finding, state, recorded_at)
      select gen_random_uuid(), jobs.id, 'before', f, 'yes', opened_at
      from jobs, unnest(array['pedal_spongy', 'pedal_long', 'system_opened', 'pulls']) f where complaint like ${`${MARK}%`}`;
    await tx`
      insert into job_causes (job_id, cause)
      select id, 'air_in_lines' from jobs where complaint like ${`${MARK}%`}`;
    await readings(tx, readingsAJob);
    await triggers(tx, 'enable');
  });
  await sql`vacuum analyze`;
  await sql.end();
  // What was filled in is on disk before anything is timed.
  await asAdmin(cluster, (admin) => admin`checkpoint`);
}

type Tx = postgres.TransactionSql;

async function triggers(tx: Tx, turned: 'enable' | 'disable'): Promise<void> {
  for (const table of ['jobs', 'findings', 'readings', 'job_causes'])
    await tx.unsafe(`alter table ${table} ${turned} trigger user`);
}

async function emptied(tx: Tx): Promise<void> {
  const filled = tx`select id from jobs where complaint like ${`${MARK}%`}`;
  await tx`delete from findings where job_id in (${filled})`;
  await tx`delete from readings where job_id in (${filled})`;
  await tx`delete from job_causes where job_id in (${filled})`;
  await tx`delete from jobs where complaint like ${`${MARK}%`}`;
}

/** Ten sheets a visit: rotors and pads at each corner, the fluid before and after; each read again until there are as many. */
async function readings(tx: Tx, aJob: number): Promise<void> {
  const rotor = {
    runoutMm: Array.from({ length: 12 }, (_, station) => 0.02 * Math.cos((station * Math.PI) / 6)),
    thicknessMm: Array(12).fill(27.4),
  };
  const pad = { leading: 8, trailing: 8.2 };
  const pads = (corner: string) => ({
    ...{ caliper: {}, newMm: 15, minimumMm: 3 },
    corners: { [corner]: { inner: pad, outer: pad } },
  });
  const corners = ['FL', 'FR', 'RL', 'RR'];
  const sheets = [
    ...corners.map((corner) => ({ kind: 'rotor', corner, phase: 'before', input: rotor })),
    ...corners.map((corner) => ({ kind: 'pads', corner, phase: 'before', input: pads(corner) })),
    ...['before', 'after'].map((phase) => ({
      ...{ kind: 'fluid', corner: '', phase, input: { class: 'DOT4', moisturePct: 1.2 } },
    })),
  ];
  for (let round = 0; round < aJob / sheets.length; round++) {
    await tx`
      insert into readings (id, job_id, phase, kind, corner, input, result, calcs, recorded_at, replaces, why)
      select gen_random_uuid(), jobs.id, sheet.phase, sheet.kind, sheet.corner, sheet.input, '{}', ${CALCS_VERSION},
        opened_at + ${round}::int * interval '1 minute', earlier.id, case when earlier.id is null then '' else 'Read again' end
      from jobs cross join jsonb_to_recordset(${tx.json(sheets)}::jsonb) as sheet(kind text, corner text, phase text, input jsonb)
      left join readings earlier on earlier.job_id = jobs.id and earlier.recorded_at = opened_at + ${round - 1}::int * interval '1 minute'
        and (earlier.kind, earlier.corner, earlier.phase) = (sheet.kind, sheet.corner, sheet.phase)
      where complaint like ${`${MARK}%`}`;
  }
}
