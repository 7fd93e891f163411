import { chmodSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { CarTraits } from '../../core/car/traits';
import { diagnose } from '../../core/diagnosis/diagnose';
import { placeFrom } from '../../core/diagnosis/verdict';
import type { CaseFinding } from '../../core/exchange/casefile/schema';
import { loadDemo } from '../../db/demo/load';
import { closeDatabase } from '../../server/db/sql';
import { COMMAND_LINE, standAs } from '../../server/people/actor';
import { bundleHeavy } from '../system/heavy';
import { migrate } from '../system/migrate';
import { ROOT } from '../system/paths';
import { clusterUrl, ensureDatabase, startCluster, stopCluster } from '../system/postgres';
import { run } from '../system/say';
import { build } from '../system/web';
import { accuracyFigures } from './accuracy';
import { benchTimes, besideOdex } from './benches';
import { benchBlockFigures, traceFigures } from './page';
import { pairFigures } from './pairs';
import { robustFigures } from './robust';
import { besideEachOther, screenFigures } from './screens';
import { scriptFigures } from './scripts';
import { fillShop, GREAT, TEN_YEARS } from './shops';
import { besideLibrary, fullVerdictTimes } from './speed';
import { spread } from './spread';

/** Figures, printed and not asserted: what one machine does says little about another's limits. */
async function main(): Promise<number> {
  standAs(COMMAND_LINE);
  diagnosisFigures();
  console.log(`full verdict with next checks, 25 findings, warm: ${spread(fullVerdictTimes())}`);
  for (const line of besideLibrary()) console.log(`beside a library: ${line}`);
  for (const [what, times] of benchTimes()) console.log(`${what}, warm: ${spread(times)}`);
  console.log(`a session by a general solver: ${besideOdex()}`);
  pairFigures();
  robustFigures();
  accuracyFigures();
  const home = mkdtempSync(join(tmpdir(), 'bavrin-bench-'));
  chmodSync(home, 0o755);
  const folder = join(home, 'postgres');
  try {
    const cluster = await startCluster(folder);
    await ensureDatabase(cluster, 'bench');
    const url = clusterUrl(cluster, 'bench');
    await migrate(url);
    process.env.DATABASE_URL = url;
    process.env.BAVRIN_LOG = 'error';
    process.env.BAVRIN_WORKER = await bundleHeavy(home);
    await loadDemo(new Date());
    await build();
    const shops = new Map([['demo', await screenFigures('demo', url)]]);
    await fillShop(url, TEN_YEARS);
    shops.set('ten years', await screenFigures('ten years: 4000 closed jobs, 40,000 readings', url));
    await fillShop(url, GREAT);
    shops.set('great', await screenFigures('200 cars, 20,000 closed jobs, 1,000,000 readings', url));
    besideEachOther(shops);
    await traceFigures(url);
    await benchBlockFigures(url);
    scriptFigures();
  } finally {
    await closeDatabase();
    await stopCluster(folder);
    rmSync(home, { recursive: true, force: true });
  }
  return 0;
}

function diagnosisFigures(): void {
  const { cases } = JSON.parse(readFileSync(join(ROOT, 'tests/cases/diagnosis.json'), 'utf8')) as {
    cases: { case: { car: CarTraits; findings: (CaseFinding & { id: never })[] } }[];
  };
  const questions = cases.map(({ case: { car, findings } }) => ({
    car,
    findings: findings.map((finding) => ({ ...finding, place: placeFrom(finding) })),
  }));
  for (let warm = 0; warm < 10; warm++) for (const question of questions) diagnose(question);
  const times: number[] = [];
  for (let round = 0; round < 20; round++) {
    for (const question of questions) {
      const started = performance.now();
      diagnose(question);
      times.push(performance.now() - started);
    }
  }
  console.log(`diagnosis with next checks, warm: ${spread(times)}`);
}

await run(main);
