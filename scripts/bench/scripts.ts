import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { brotliCompressSync, gzipSync } from 'node:zlib';
import { database } from '../../server/db/sql';
import { screensOf } from '../../tests/support/screens';
import { signIn } from '../../tests/support/signIn';
import { BUILT } from '../system/packed';
import { ROOT } from '../system/paths';
import { freePort } from '../system/port';
import { distFolder, endGroup, serve } from '../system/web';

/** What each page brings: every script that its own HTML asks for, packed as a plain address gives it out and as the secure one does. */
export async function scriptFigures(url: string): Promise<void> {
  const server = await serve({ port: await freePort(), host: '127.0.0.1', url });
  try {
    const cookie = await signIn(server.address);
    for (const path of await everyScreen()) {
      const page = await (await fetch(server.address + path, { headers: { cookie } })).text();
      const sizes = scriptsIn(page).map(sizesOf);
      const sum = (of: 'gzip' | 'brotli') => sizes.reduce((total, each) => total + each[of], 0) / 1024;
      console.log(
        `scripts of ${path.replace(/[0-9a-f-]{36}/g, '…')}: ${sum('gzip').toFixed(1)} kB, ${sum('brotli').toFixed(1)} over https`,
      );
    }
  } finally {
    endGroup(server.pid);
  }
}

/** Every screen, of the first open job that has a run, and the work of a job where none is planned yet: its planner is drawn with it. */
async function everyScreen(): Promise<string[]> {
  const sql = database();
  const [run] = await sql`
    select works.id, works.job_id, jobs.car_id from works join jobs on jobs.id = works.job_id
    where jobs.closed_at is null order by jobs.number limit 1`;
  const [closed] = await sql`select id from jobs where closed_at is not null order by closed_at desc limit 1`;
  const [unplanned] = await sql`
    select id from jobs where closed_at is null and not exists (select from works where job_id = jobs.id)
    order by number limit 1`;
  const job = `/job/${run!.jobId}`;
  const screens = screensOf({
    ...{ checked: job, worked: job, proved: job, run: `${job}/run/${run!.id}` },
    ...{ car: `/car/${run!.carId}`, story: `/ledger/${closed!.id}` },
  });
  return [...screens, `/job/${unplanned!.id}/work`];
}

/** The built scripts a page asks for, those for browsers of another age left out. */
function scriptsIn(page: string): string[] {
  const tags = page.match(/<(script|link)\b[^>]*>/g) ?? [];
  const asked = tags
    .filter((tag) => !/\bnoModule\b/i.test(tag) && (tag.startsWith('<script') || /\bas="script"/.test(tag)))
    .flatMap((tag) => /(?:src|href)="([^"]+\.js)/.exec(tag)?.[1] ?? [])
    .filter((address) => address.startsWith(BUILT.address));
  return [...new Set(asked)];
}

const known = new Map<string, { gzip: number; brotli: number }>();

function sizesOf(address: string): { gzip: number; brotli: number } {
  const before = known.get(address);
  if (before) return before;
  const content = readFileSync(
    join(ROOT, distFolder(), BUILT.folder, decodeURI(address.slice(BUILT.address.length))),
  );
  const sizes = { gzip: gzipSync(content).length, brotli: brotliCompressSync(content).length };
  known.set(address, sizes);
  return sizes;
}
