import { existsSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import postgres from 'postgres';
import { migrate } from './migrate';
import { DATA, dataFolder } from './paths';
import { clusterFolder, clusterUrl, startCluster, stopCluster } from './postgres';
import { Plain, say } from './say';

export type Mode = 'demo' | 'start';

/** What this clone last served, so that `stop`, `backup` and a second start find it again. */
export type Served = {
  mode: Mode;
  pid: number;
  port: number;
  host: string;
  instance: string;
  url: string;
  folder: string | null;
};

const file = () => join(dataFolder('run'), 'served.json');

export function lastServed(): Served | undefined {
  if (!existsSync(file())) return undefined;
  try {
    return JSON.parse(readFileSync(file(), 'utf8')) as Served;
  } catch {
    return undefined;
  }
}

export function rememberServed(served: Served): void {
  writeFileSync(file(), JSON.stringify(served, null, 1), { mode: 0o600 });
}

export function forgetServed(): void {
  rmSync(file(), { force: true });
}

export type ShopDatabase = { url: string; folder: string | null; startedHere: boolean };

/**
 * The shop's database, ready: the server named by DATABASE_URL, or this clone's own, started if need be; migrated.
 * Demo and shop are two databases of one server, so that trying the demo never touches the shop.
 */
export async function openShop(mode: Mode): Promise<ShopDatabase> {
  const given = process.env.DATABASE_URL;
  if (given) {
    migrate(given);
    return { url: given, folder: null, startedHere: false };
  }
  const folder = clusterFolder();
  if (!folder.startsWith(DATA))
    say(`The database lives in ${folder}: this folder is closed to the postgres user.`);
  const before = lastServed();
  const cluster = await startCluster(folder);
  const url = clusterUrl(cluster, mode === 'demo' ? 'bavrin_demo' : 'bavrin_shop');
  try {
    migrate(url);
  } catch (error) {
    if (!before) stopCluster(folder);
    throw error;
  }
  return { url, folder, startedHere: !before };
}

/** Empties the shop for a fresh start; somebody else's server is only emptied when it holds a demo. */
export async function startOver(mode: Mode, { url, folder }: ShopDatabase): Promise<void> {
  const sql = postgres(url, { max: 1, onnotice: () => {} });
  try {
    const [shop] = await sql`select is_demo from shop`;
    const [{ cars }] = (await sql`select count(*)::int as cars from cars`) as unknown as [{ cars: number }];
    if (folder === null && cars > 0 && shop?.is_demo !== true) {
      throw new Plain(
        '--fresh would empty a shop that is no demo, on the server in DATABASE_URL. It was left alone.',
      );
    }
    if (mode === 'start' && cars > 0)
      throw new Plain(
        '--fresh is for the demo. To start a shop over, restore a backup or remove its data folder yourself.',
      );
    await sql.unsafe('drop schema public cascade; create schema public;');
  } finally {
    await sql.end();
  }
  migrate(url);
}

/** Whether the shop has nothing in it yet. */
export async function isEmpty(url: string): Promise<boolean> {
  const sql = postgres(url, { max: 1, onnotice: () => {} });
  try {
    const [row] =
      await sql`select (select count(*) from cars) + (select count(*) from jobs) + (select count(*) from shop) as things`;
    return Number(row!.things) === 0;
  } finally {
    await sql.end();
  }
}
