import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { onInterrupt } from './interrupt';
import { migrate } from './migrate';
import { DATA, dataFolder } from './paths';
import {
  type Cluster,
  clusterFolder,
  clusterUrl,
  ensureDatabase,
  isRunning,
  startCluster,
  stopCluster,
  talk,
} from './postgres';
import { Plain, say } from './say';
import { writeWhole } from './whole';

export type Mode = 'demo' | 'start';

/** The server this clone started last, and what of; `stop`, `backup` and a second start go by it. */
export type Served = {
  mode: Mode;
  /** Where it answers; nothing once it was stopped. */
  server: {
    port: number;
    host: string;
    instance: string;
    secure?: string;
    /** Others that serve the same shop under the same address. */
    beside?: { port: number; instance: string }[];
  } | null;
};

const file = () => join(dataFolder('run'), 'served.json');

/** What was served last; a record that cannot be read says nothing. */
export function lastServed(): Served | undefined {
  if (!existsSync(file())) return undefined;
  try {
    const kept = JSON.parse(readFileSync(file(), 'utf8')) as Partial<Served> | null;
    if (kept?.mode !== 'demo' && kept?.mode !== 'start') return undefined;
    return { mode: kept.mode, server: kept.server?.instance ? kept.server : null };
  } catch {
    return undefined;
  }
}

export function rememberServed(served: Served): void {
  writeWhole(file(), JSON.stringify(served, null, 1));
}

/** The server is gone; which shop it was stays known, so that a backup after a stop is of the same one. */
export function rememberStopped(): void {
  const served = lastServed();
  if (served?.server) rememberServed({ ...served, server: null });
}

/** The shop's database. `cluster` is this clone's own server; without one it is the server named by DATABASE_URL. */
export type ShopDatabase = { url: string; name: string; cluster: Cluster | null };

/** Demo and shop are two databases of one server, so that trying the demo never touches the shop. */
const DATABASE: Record<Mode, string> = { demo: 'bavrin_demo', start: 'bavrin_shop' };

/**
 * Opens the shop's database for as long as `work` takes: the server named by DATABASE_URL, or this clone's own, started
 * if need be; migrated. A server started here is stopped again when the work fails, is interrupted, or does not keep it.
 */
export async function withShop<T>(
  mode: Mode,
  keep: 'keeps' | 'stops',
  work: (shop: ShopDatabase) => Promise<T>,
): Promise<T> {
  const given = process.env.DATABASE_URL;
  if (given) {
    await migrate(given);
    return work({ url: given, name: new URL(given).pathname.slice(1), cluster: null });
  }
  const folder = clusterFolder();
  if (!folder.startsWith(DATA))
    say(`The database lives in ${folder}: this folder is closed to the postgres user.`);
  let stop = keep === 'stops';
  // Known before it is started: an interrupt in between must not leave it running.
  const startedHere = !isRunning(folder);
  const undo = onInterrupt(async () => {
    if (startedHere) await stopCluster(folder);
  });
  try {
    const cluster = await startCluster(folder);
    const name = DATABASE[mode];
    await ensureDatabase(cluster, name);
    const url = clusterUrl(cluster, name);
    await migrate(url);
    return await work({ url, name, cluster });
  } catch (error) {
    stop = true;
    throw error;
  } finally {
    undo();
    if (stop && startedHere) await stopCluster(folder);
  }
}

/** What is on file in a shop, for people. */
export type Counts = {
  name: string | null;
  isDemo: boolean;
  whole: boolean;
  cars: number;
  jobs: number;
  readings: number;
};

/** Counts what a shop holds. */
export async function countShop(url: string): Promise<Counts> {
  return talk(url, async (sql) => {
    const [row] = await sql`
      select (select name from shop) as name, coalesce((select is_demo from shop), false) as is_demo,
        coalesce((select demo_whole from shop), false) as whole, (select count(*)::int from cars) as cars,
        (select count(*)::int from jobs) as jobs, (select count(*)::int from readings) as readings`;
    const { name, is_demo: isDemo, whole, cars, jobs, readings } = row!;
    return { name, isDemo, whole, cars, jobs, readings };
  });
}

/** Whether anybody of the shop has a password or PIN on file. */
export async function hasSecrets(url: string): Promise<boolean> {
  return talk(url, async (sql) => (await sql`select 1 from person_secrets limit 1`).length > 0);
}

/** Whether the shop has nothing in it yet. */
export function isEmpty({ name, cars, jobs }: Counts): boolean {
  return name === null && cars === 0 && jobs === 0;
}

/** "Name (the demo): 4 cars, 18 jobs, 57 readings". */
export function inWords({ name, isDemo, cars, jobs, readings }: Counts): string {
  const many = (count: number, what: string) => `${count} ${what}${count === 1 ? '' : 's'}`;
  const counted = [many(cars, 'car'), many(jobs, 'job'), many(readings, 'reading')].join(', ');
  return `${name ?? 'a shop without a name'}${isDemo ? ' (the demo)' : ''}: ${counted}`;
}

/** Empties the shop for a fresh start; somebody else's server is only emptied when it holds a demo. */
export async function startOver(mode: Mode, { url, cluster }: ShopDatabase): Promise<void> {
  const { isDemo, cars } = await countShop(url);
  if (cluster === null && cars > 0 && !isDemo) {
    throw new Plain(
      '--fresh would empty a shop that is no demo, on the server in DATABASE_URL. It was left alone.',
    );
  }
  if (mode === 'start' && cars > 0)
    throw new Plain(
      '--fresh is for the demo. To start a shop over, restore a backup or remove its data folder yourself.',
    );
  await talk(url, (sql) => sql.unsafe('drop schema public cascade; create schema public;'));
  await migrate(url);
}
