import { createHash, randomUUID } from 'node:crypto';
import { chmodSync, mkdirSync, readdirSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { loadDemo } from '../../db/demo/load';
import { bundleHeavy } from '../../scripts/system/heavy';
import { MIGRATIONS, migrate } from '../../scripts/system/migrate';
import { dataFolder } from '../../scripts/system/paths';
import {
  asAdmin,
  type Cluster,
  clusterUrl,
  dropDatabase,
  ensureDatabase,
  startCluster,
} from '../../scripts/system/postgres';
import type { ShopDatabase } from '../../scripts/system/shop';
import { closeDatabase } from '../../server/db/sql';

/**
 * The test server: the one the test command started, or (when a single test is run by hand) one of its own that stays
 * for the next run.
 */
function testCluster(): Promise<Cluster> {
  const given = process.env.BAVRIN_TEST_CLUSTER;
  if (given) return startCluster(given);
  const home = join(tmpdir(), `bavrin-by-hand-${process.getuid?.() ?? 0}`);
  mkdirSync(home, { recursive: true });
  chmodSync(home, 0o755);
  return startCluster(join(home, 'postgres'));
}

type Fresh = { url: string; shop: ShopDatabase; drop: () => Promise<void> };

/** A database of its own for one test file, migrated, in DATABASE_URL; and what takes it away again. */
export async function freshDatabase(): Promise<Fresh> {
  const cluster = await testCluster();
  return opened(cluster, await patternOf(cluster, `test_schema_${schemaHash()}`, migrate));
}

/** The same with the demo of today in it. */
export async function freshDemo(): Promise<Fresh> {
  const cluster = await testCluster();
  const today = new Date();
  // A server that outlives the run may have one from before the code was changed: there it is loaded each time.
  if (!process.env.BAVRIN_TEST_CLUSTER) {
    const fresh = await freshDatabase();
    await loadDemo(today);
    return fresh;
  }
  const name = `test_demo_${schemaHash()}_${today.toISOString().slice(0, 10).replaceAll('-', '')}`;
  const pattern = await patternOf(cluster, name, async (url) => {
    await migrate(url);
    await use(url);
    await loadDemo(today);
    await closeDatabase();
  });
  return opened(cluster, pattern);
}

async function opened(cluster: Cluster, pattern: string): Promise<Fresh> {
  const name = `test_${randomUUID().replaceAll('-', '')}`;
  await asAdmin(cluster, async (sql) => {
    const [{ owner }] = await sql<
      [{ owner: string }]
    >`select pg_get_userbyid(datdba) as owner from pg_database where datname = ${pattern}`;
    await sql`create database ${sql(name)} template ${sql(pattern)} owner ${sql(owner)}`;
  });
  const url = clusterUrl(cluster, name);
  await use(url);
  return {
    url,
    shop: { url, name, cluster },
    async drop() {
      await closeDatabase();
      await dropDatabase(cluster, name);
    },
  };
}

async function use(url: string): Promise<void> {
  await closeDatabase();
  process.env.BAVRIN_WORKER ??= await bundleHeavy(dataFolder('build'));
  process.env.DATABASE_URL = url;
}

/** Any number: of the lock that whoever makes a pattern holds. */
const PATTERN_LOCK = 4712;

/** A database that others are copied from; made once, by whoever comes first. */
async function patternOf(
  cluster: Cluster,
  name: string,
  make: (url: string) => Promise<void>,
): Promise<string> {
  await asAdmin(cluster, async (sql) => {
    await sql`select pg_advisory_lock(${PATTERN_LOCK})`;
    const [known] = await sql`select 1 from pg_database where datname = ${name}`;
    if (known) return;
    const half = `${name}_half`;
    await dropDatabase(cluster, half);
    await ensureDatabase(cluster, half);
    await make(clusterUrl(cluster, half));
    await sql`alter database ${sql(half)} rename to ${sql(name)}`;
  });
  return name;
}

/** Which steps the schema is made by. */
function schemaHash(): string {
  const hash = createHash('sha256');
  for (const file of readdirSync(MIGRATIONS).sort())
    hash.update(file).update(readFileSync(join(MIGRATIONS, file)));
  return hash.digest('hex').slice(0, 12);
}
