import { randomUUID } from 'node:crypto';
import { chmodSync, mkdirSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { bundleHeavy } from '../../scripts/system/heavy';
import { migrate } from '../../scripts/system/migrate';
import { dataFolder } from '../../scripts/system/paths';
import {
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

/** A database of its own for one test file, migrated, in DATABASE_URL; and what takes it away again. */
export async function freshDatabase(): Promise<{
  url: string;
  shop: ShopDatabase;
  drop: () => Promise<void>;
}> {
  const cluster = await testCluster();
  const name = `test_${randomUUID().replaceAll('-', '')}`;
  await ensureDatabase(cluster, name);
  const url = clusterUrl(cluster, name);
  await migrate(url);
  await closeDatabase();
  process.env.BAVRIN_WORKER ??= await bundleHeavy(dataFolder('build'));
  process.env.DATABASE_URL = url;
  return {
    url,
    shop: { url, name, cluster },
    async drop() {
      await closeDatabase();
      await dropDatabase(cluster, name);
    },
  };
}
