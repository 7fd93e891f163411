import { chmodSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { closeDatabase, database } from '../server/db/sql';
import { migrate } from './system/migrate';
import { ROOT } from './system/paths';
import { clusterUrl, ensureDatabase, startCluster, stopCluster } from './system/postgres';
import { run, say } from './system/say';
import { tablesAsTypes } from './system/tables';

/** The types of the tables anew, after a migration was added. */
async function main(): Promise<number> {
  const home = mkdtempSync(join(tmpdir(), 'bavrin-tables-'));
  chmodSync(home, 0o755);
  const folder = join(home, 'postgres');
  try {
    const cluster = await startCluster(folder);
    await ensureDatabase(cluster, 'tables');
    process.env.DATABASE_URL = clusterUrl(cluster, 'tables');
    await migrate(process.env.DATABASE_URL);
    writeFileSync(join(ROOT, 'server/db/tables.ts'), await tablesAsTypes(database('open')));
    say('server/db/tables.ts is as the migrations have it.');
  } finally {
    await closeDatabase();
    await stopCluster(folder);
    rmSync(home, { recursive: true, force: true });
  }
  return 0;
}

await run(main);
