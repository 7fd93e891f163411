import { randomUUID } from 'node:crypto';
import { chmodSync, mkdirSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { dropDatabase, migrate } from '../../scripts/system/migrate';
import { clusterUrl, startCluster } from '../../scripts/system/postgres';
import { closeDatabase } from '../../server/db/sql';

/**
 * The test server: the one the test command started, or (when a single test is run by hand) one of its own that stays
 * for the next run.
 */
async function serverUrl(): Promise<string> {
  const given = process.env.BAVRIN_TEST_SERVER;
  if (given) return given;
  const home = join(tmpdir(), `bavrin-by-hand-${process.getuid?.() ?? 0}`);
  mkdirSync(home, { recursive: true });
  chmodSync(home, 0o755);
  return clusterUrl(await startCluster(join(home, 'postgres')), '');
}

/** A database of its own for one test file, migrated, in DATABASE_URL; and what takes it away again. */
export async function freshDatabase(): Promise<{ url: string; drop: () => Promise<void> }> {
  const url = new URL(await serverUrl());
  url.pathname = `/test_${randomUUID().replaceAll('-', '')}`;
  migrate(url.href);
  await closeDatabase();
  process.env.DATABASE_URL = url.href;
  return {
    url: url.href,
    async drop() {
      await closeDatabase();
      dropDatabase(url.href);
    },
  };
}
