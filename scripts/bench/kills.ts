import { within } from '../../server/db/deadline';
import { database } from '../../server/db/sql';
import { signIn } from '../../tests/support/signIn';
import { freePort } from '../system/port';
import { asAdmin, type Cluster } from '../system/postgres';
import { endGroup, serve } from '../system/web';
import { openJob, writer } from './writer';

const WRITERS = 8;
/** Between two kills, ms: enough for some entries to be under way. */
const BETWEEN_MS = 250;
/** A database that has just been ended answers within this, ms. */
const ASKED_MS = 3_000;

/**
 * Ends the application and a process of the database, turn by turn and without a warning, while eight people write; counts what was told
 * to stand and does not, and what stands twice.
 */
export async function killFigures(url: string, cluster: Cluster, kills: number): Promise<void> {
  const port = await freePort();
  const start = () => serve({ port, host: '127.0.0.1', url });
  let server = await start();
  const cookie = await signIn(server.address);
  const cars = await database()<{ id: string }[]>`select id from cars order by id limit ${WRITERS}`;
  const jobs = await Promise.all(
    Array.from({ length: WRITERS }, (_, at) => openJob(server.address, cookie, cars[at % cars.length]!.id)),
  );
  let over = false;
  const told = new Map<string, string[]>();
  const work = jobs.map(async (job) => {
    const { write } = writer(() => server.address, cookie, job);
    const ids: string[] = [];
    told.set(job, ids);
    for (let landed = await write(() => over); landed; landed = await write(() => over)) ids.push(landed.id);
  });
  const started = performance.now();
  try {
    for (let kill = 0; kill < kills; kill++) {
      await new Promise((resolve) => setTimeout(resolve, BETWEEN_MS));
      if (kill % 2 === 0) {
        process.kill(-server.pid, 'SIGKILL');
        server = await start();
      } else await crash(cluster);
      if (kill % 100 === 99) console.log(`… ${kill + 1} kills`);
    }
  } finally {
    over = true;
  }
  await Promise.all(work);
  endGroup(server.pid);
  const [lost, extra] = await counted(told);
  const all = [...told.values()].flat().length;
  console.log(
    `${kills} kills (−9) of application and database in ${((performance.now() - started) / 1000).toFixed(0)} s beside ${WRITERS} writers: ${all} acknowledged, lost ${lost}, doubled ${extra}`,
  );
}

/** One process of the database ends without a word: all others are ended with it, and it recovers from its log. */
async function crash(cluster: Cluster): Promise<void> {
  // One that is still recovering may answer nothing at all: the next kill is another's turn.
  const pid = await within(
    ASKED_MS,
    asAdmin(cluster, async (sql) => {
      const [row] = await sql`
        select pid from pg_stat_activity where application_name = 'bavrin' and pid <> pg_backend_pid() limit 1`;
      return row?.pid as number | undefined;
    }),
  ).catch(() => undefined);
  if (pid !== undefined) process.kill(pid, 'SIGKILL');
}

/** Of what was told to stand: how much does not, and how much more stands than one entry each that was under way at the end. */
async function counted(told: ReadonlyMap<string, string[]>): Promise<[lost: number, extra: number]> {
  let lost = 0;
  let extra = 0;
  for (const [job, ids] of told) {
    const rows = await database()`select id from findings where job_id = ${job}`;
    const standing = new Set(rows.map((row) => row.id as string));
    lost += ids.filter((id) => !standing.has(id)).length;
    extra += Math.max(0, rows.length - ids.length - 1);
  }
  return [lost, extra];
}
