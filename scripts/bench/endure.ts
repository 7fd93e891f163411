import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { loadDemo } from '../../db/demo/load';
import { closeDatabase } from '../../server/db/sql';
import { COMMAND_LINE, standAs } from '../../server/people/actor';
import { bundleHeavy } from '../system/heavy';
import { migrate } from '../system/migrate';
import { clusterUrl, ensureDatabase, startCluster, stopCluster } from '../system/postgres';
import { run } from '../system/say';
import { build } from '../system/web';
import { awayFigures } from './away';
import { crowdFigures } from './crowd';
import { killFigures } from './kills';

/** Kills where none are asked for by number: a minute of them. */
const USUAL_KILLS = 60;
const CROWDS = [10, 25, 50, 100, 200];

/** What a shop endures: many at once, and being ended without a warning. Figures, printed and not asserted. */
async function main(): Promise<number> {
  standAs(COMMAND_LINE);
  const kills = Number(process.argv[2] ?? USUAL_KILLS);
  const home = mkdtempSync(join(tmpdir(), 'bavrin-endure-'));
  chmodSync(home, 0o755);
  const folder = join(home, 'postgres');
  try {
    const cluster = await startCluster(folder);
    await ensureDatabase(cluster, 'endure');
    const url = clusterUrl(cluster, 'endure');
    await migrate(url);
    process.env.DATABASE_URL = url;
    process.env.BAVRIN_LOG = 'silent';
    process.env.BAVRIN_WORKER = await bundleHeavy(home);
    await loadDemo(new Date());
    await build();
    await crowdFigures(url, CROWDS, 1);
    await crowdFigures(url, CROWDS, 2);
    await awayFigures(url);
    await killFigures(url, cluster, kills);
  } finally {
    await closeDatabase();
    await stopCluster(folder);
    rmSync(home, { recursive: true, force: true });
  }
  return 0;
}

await run(main);
