import { chmodSync, mkdtempSync, readdirSync, readFileSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { chromium } from '@playwright/test';
import type { CarTraits } from '../../core/car/traits';
import { diagnose } from '../../core/diagnosis/diagnose';
import { placeFrom } from '../../core/diagnosis/verdict';
import type { CaseFinding } from '../../core/exchange/casefile/schema';
import { CALCS_VERSION } from '../../core/readings/version';
import { loadDemo } from '../../db/demo/load';
import { closeDatabase, database } from '../../server/db/sql';
import { BROWSER } from '../system/browser';
import { bundleHeavy } from '../system/heavy';
import { migrate } from '../system/migrate';
import { ROOT } from '../system/paths';
import { freePort } from '../system/port';
import { clusterUrl, ensureDatabase, startCluster, stopCluster } from '../system/postgres';
import { run } from '../system/say';
import { build, endGroup, serve } from '../system/web';
import { accuracyFigures } from './accuracy';
import { benchTimes, besideOdex } from './benches';
import { pairFigures } from './pairs';
import { robustFigures } from './robust';
import { besideLibrary, fullVerdictTimes } from './speed';

/** Figures, printed and not asserted: what one machine does says little about another's limits. */
async function main(): Promise<number> {
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
    await screenFigures('demo', url);
    await tenYears();
    await screenFigures('ten years: 4000 closed jobs, 40,000 readings', url);
    await traceFigures(url);
    scriptFigures();
  } finally {
    await closeDatabase();
    await stopCluster(folder);
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
    endGroup(server.pid);
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
  const rotor = {
    runoutMm: Array.from({ length: 12 }, (_, station) => 0.02 * Math.cos((station * Math.PI) / 6)),
    thicknessMm: Array(12).fill(27.4),
  };
  const pad = { leading: 8, trailing: 8.2 };
  await sql`
    insert into readings (id, job_id, phase, kind, corner, input, result, calcs, recorded_at)
    select gen_random_uuid(), jobs.id, 'before', 'rotor', c, ${sql.json(rotor)}::jsonb, '{}', ${CALCS_VERSION}, opened_at
    from jobs, unnest(array['FL', 'FR', 'RL', 'RR']) c where complaint like 'Pedal complaint %'`;
  for (const corner of ['FL', 'FR', 'RL', 'RR']) {
    const input = { caliper: {}, newMm: 15, minimumMm: 3, corners: { [corner]: { inner: pad, outer: pad } } };
    await sql`
      insert into readings (id, job_id, phase, kind, corner, input, result, calcs, recorded_at)
      select gen_random_uuid(), jobs.id, 'before', 'pads', ${corner}, ${sql.json(input)}::jsonb, '{}', ${CALCS_VERSION}, opened_at
      from jobs where complaint like 'Pedal complaint %'`;
  }
  await sql`
    insert into readings (id, job_id, phase, kind, input, result, calcs, recorded_at)
    select gen_random_uuid(), jobs.id, p, 'fluid', '{"class": "DOT4", "moisturePct": 1.2}'::jsonb, '{}', ${CALCS_VERSION}, opened_at
    from jobs, unnest(array['before', 'after']) p where complaint like 'Pedal complaint %'`;
  await sql`analyze`;
}

const STATIONS = 24;
/** One frame of a 60 Hz screen, ms. */
const FRAME_MS = 1000 / 60;

/** From a key to the redrawn trace, at 24 stations on the rotor sheet, in Chromium. */
async function traceFigures(url: string): Promise<void> {
  const [job] = await database()`select id from jobs where closed_at is null order by number limit 1`;
  const server = await serve({ port: await freePort(), host: '127.0.0.1', url });
  const browser = await chromium.launch({ executablePath: BROWSER.program, args: ['--no-sandbox'] });
  try {
    const page = await browser.newPage();
    await page.addInitScript(() => localStorage.setItem('bavrin.kept.checks.rest', 'true'));
    await page.goto(`${server.address}/job/${job!.id}/checks`);
    await page.getByRole('button', { name: /^front left/ }).click();
    const rotor = page.getByRole('region', { name: 'Rotor FL' });
    await rotor.getByRole('radio', { name: String(STATIONS) }).click();
    await rotor.getByLabel(`Runout FL station ${STATIONS}`).waitFor();
    const times = await page.evaluate(async (stations) => {
      const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')!.set!;
      const spent: number[] = [];
      for (let round = 0; round < 4; round++) {
        for (let station = 0; station < stations; station++) {
          const cell = document.getElementById(`rotor-FL-runout-${station}`) as HTMLInputElement;
          const trace = cell.closest('section')!.querySelector('svg')!;
          const before = trace.innerHTML;
          const started = performance.now();
          set.call(cell, String(((round + 1) * Math.round(20 * Math.cos(station / 3))) / 1000));
          cell.dispatchEvent(new Event('input', { bubbles: true }));
          while (trace.innerHTML === before && performance.now() - started < 200)
            await new Promise((resolve) => setTimeout(resolve, 0));
          spent.push(performance.now() - started);
        }
      }
      return spent;
    }, STATIONS);
    const late = times.filter((time) => time > FRAME_MS).length;
    console.log(
      `key to redrawn trace, ${STATIONS} stations: ${spread(times)}; ${late} of ${times.length} later than one frame`,
    );
  } finally {
    await browser.close();
    endGroup(server.pid);
  }
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
