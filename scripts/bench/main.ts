import { chmodSync, mkdtempSync, readdirSync, readFileSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import type { CarTraits } from '../../core/car/traits';
import type { CaseFinding } from '../../core/casefile/schema';
import { diagnose } from '../../core/diagnosis/diagnose';
import { placeFrom } from '../../core/diagnosis/verdict';
import { loadDemo } from '../../db/demo/load';
import { closeDatabase, database } from '../../server/db/sql';
import { migrate } from '../system/migrate';
import { ROOT } from '../system/paths';
import { freePort } from '../system/port';
import { clusterUrl, startCluster, stopCluster } from '../system/postgres';
import { run } from '../system/say';
import { build, endServer, serve } from '../system/web';

/** Figures, printed and not asserted: what one machine does says little about another's limits. */
async function main(): Promise<number> {
  diagnosisFigures();
  const home = mkdtempSync(join(tmpdir(), 'bavrin-bench-'));
  chmodSync(home, 0o755);
  const folder = join(home, 'postgres');
  try {
    const url = clusterUrl(await startCluster(folder), 'bench');
    migrate(url);
    process.env.DATABASE_URL = url;
    process.env.BAVRIN_LOG = 'error';
    await loadDemo(new Date());
    build();
    await screenFigures('demo', url);
    await tenYears();
    await screenFigures('ten years: 4000 closed jobs', url);
    scriptFigures();
  } finally {
    await closeDatabase();
    stopCluster(folder);
    rmSync(home, { recursive: true, force: true });
  }
  return 0;
}

function spread(times: number[]): string {
  const sorted = [...times].sort((left, right) => left - right);
  const at = (share: number) =>
    sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))]!.toFixed(1);
  return `median ${at(0.5)} ms, 95th ${at(0.95)} ms, most ${at(1)} ms (${sorted.length} runs)`;
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

const ROUNDS = 25;

async function screenFigures(what: string, url: string): Promise<void> {
  const sql = database();
  const [job] = await sql`select id, car_id from jobs where closed_at is null order by number limit 1`;
  const [closed] = await sql`select id from jobs where closed_at is not null order by closed_at desc limit 1`;
  const server = await serve({ port: await freePort(), host: '127.0.0.1', url });
  try {
    const paths = [
      '/',
      ...['complaint', 'checks', 'verdict', 'work', 'proof'].map((stage) => `/job/${job!.id}/${stage}`),
      `/car/${job!.car_id}`,
      '/ledger',
      '/ledger?words=pedal',
      `/ledger/${closed!.id}`,
      '/bench/fluid',
      '/setup',
    ];
    for (const path of paths) {
      const times: number[] = [];
      for (let round = 0; round < ROUNDS + 3; round++) {
        const started = performance.now();
        await (await fetch(server.address + path)).text();
        if (round >= 3) times.push(performance.now() - started);
      }
      console.log(`server, ${what}, ${path.replace(/[0-9a-f-]{36}/, '…')}: ${spread(times)}`);
    }
  } finally {
    endServer(server.pid);
  }
}

/** A decade of an ordinary shop behind the demo's own season. */
async function tenYears(): Promise<void> {
  const sql = database();
  await sql`
    insert into jobs (id, car_id, complaint, summary, opened_at, closed_at, closed_by, outcome)
    select gen_random_uuid(), (select id from cars order by id offset n % 3 limit 1), 'Pedal complaint ' || n, 'Something was done about it',
      now() - n * interval '22 hours', now() - n * interval '22 hours' + interval '3 hours', 'x', 'cured'
    from generate_series(1, 4000) n`;
  await sql`
    insert into findings (id, job_id, phase, finding, state, recorded_at)
    select gen_random_uuid(), jobs.id, 'before', f, 'yes', opened_at from jobs, unnest(array['pedal_spongy', 'pedal_long', 'system_opened', 'pulls']) f
    where complaint like 'Pedal complaint %'`;
  await sql`analyze`;
}

/** First-load JavaScript of each route: every script the page's own HTML asks for, compressed. */
function scriptFigures(): void {
  const manifests = join(ROOT, '.next/server/app');
  const seen = new Map<string, number>();
  const size = (file: string) => {
    const known = seen.get(file);
    if (known !== undefined) return known;
    const bytes = gzipSync(readFileSync(join(ROOT, '.next', file))).length;
    seen.set(file, bytes);
    return bytes;
  };
  const shared = (
    JSON.parse(readFileSync(join(ROOT, '.next/build-manifest.json'), 'utf8')) as { rootMainFiles: string[] }
  ).rootMainFiles;
  for (const file of filesUnder(manifests).filter((each) =>
    each.endsWith('page_client-reference-manifest.js'),
  )) {
    const text = readFileSync(file, 'utf8');
    const { entryJSFiles } = JSON.parse(text.slice(text.indexOf('= {') + 2).replace(/;?\s*$/, '')) as {
      entryJSFiles: Record<string, string[]>;
    };
    const scripts = new Set([...shared, ...Object.values(entryJSFiles).flat()]);
    const total = [...scripts].reduce((sum, each) => sum + size(each), 0);
    console.log(
      `first-load JavaScript, ${file.slice(manifests.length).replace('/page_client-reference-manifest.js', '') || '/'}: ${(total / 1024).toFixed(0)} kB compressed`,
    );
  }
}

function filesUnder(folder: string): string[] {
  return readdirSync(folder).flatMap((name) => {
    const path = join(folder, name);
    return statSync(path).isDirectory() ? filesUnder(path) : [path];
  });
}

await run(main);
