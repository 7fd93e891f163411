import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { loadDemo } from '../../db/demo/load';
import { closeDatabase } from '../../server/db/sql';
import { COMMAND_LINE, standAs } from '../../server/people/actor';
import { bundleHeavy } from './heavy';
import { migrate } from './migrate';
import { type Cluster, clusterUrl, ensureDatabase, startCluster, stopCluster } from './postgres';
import { build } from './web';

export type Passing = { url: string; cluster: Cluster; home: string };

/** Does something on a database server of its own, migrated and gone afterwards. @param name what it is for */
export async function onPassingDatabase(name: string, work: (on: Passing) => Promise<void>): Promise<void> {
  const home = mkdtempSync(join(tmpdir(), `bavrin-${name}-`));
  // PostgreSQL works as a user of its own.
  chmodSync(home, 0o755);
  const folder = join(home, 'postgres');
  try {
    const cluster = await startCluster(folder);
    await ensureDatabase(cluster, name);
    const url = clusterUrl(cluster, name);
    await migrate(url);
    process.env.DATABASE_URL = url;
    await work({ url, cluster, home });
  } finally {
    await closeDatabase();
    await stopCluster(folder);
    rmSync(home, { recursive: true, force: true });
  }
}

/** Does something on a demo of today, with the application built. @param log what its servers write down */
export function onPassingDemo(
  name: string,
  log: 'error' | 'silent',
  work: (on: Passing) => Promise<void>,
): Promise<void> {
  standAs(COMMAND_LINE);
  return onPassingDatabase(name, async (on) => {
    process.env.BAVRIN_LOG = log;
    process.env.BAVRIN_WORKER = await bundleHeavy(on.home);
    await loadDemo(new Date());
    await build();
    await work(on);
  });
}
