import { spawnSync } from 'node:child_process';
import { chmodSync, mkdirSync, mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { readRows } from '../../scripts/system/archive';
import { alive, groupsOf } from '../../scripts/system/processes';
import { build } from '../../scripts/system/web';
import { limitNow } from '../support/pace';

const BAVRIN = fileURLToPath(new URL('../../bavrin', import.meta.url));
const PASSWORD = 'slow bleed at the far corner';
let home: string;

beforeAll(async () => {
  home = mkdtempSync(join(tmpdir(), 'bavrin-serve-'));
  chmodSync(home, 0o755);
  await build('.next-test');
}, 240_000);
afterAll(() => {
  bavrin(['stop']);
  rmSync(home, { recursive: true, force: true });
});

function bavrin(args: string[], env: Record<string, string> = {}, input = '') {
  const { DATABASE_URL: _, ...outer } = process.env;
  const done = spawnSync(BAVRIN, args, {
    encoding: 'utf8',
    input,
    env: { ...outer, BAVRIN_DATA: join(home, 'data'), BAVRIN_DIST: '.next-test', ...env },
  });
  return { status: done.status, out: done.stdout, err: done.stderr };
}

/** What runs on this test's own data folder. */
function leftBehind(): string[] {
  const listed = spawnSync('ps', ['-eo', 'stat=,args='], { encoding: 'utf8' }).stdout.split('\n');
  return listed.filter((line) => line.includes(home) && !line.startsWith('Z') && !line.includes('ps -eo'));
}

/** The tables whose rows a backup holds. */
async function tablesIn(file: string): Promise<string[]> {
  const tables: string[] = [];
  await readRows(file, [], ({ table }) => {
    tables.push(table);
    return { row: async () => {}, end: async () => {} };
  });
  return tables;
}

const addressIn = (out: string) => /http:\/\/\S+/.exec(out)![0];

describe('start, stop and what is left behind', { timeout: 300_000 }, () => {
  it('starts an empty shop, is quick the second time, backs it up, and ends everything', async () => {
    const into = join(home, 'backups');
    mkdirSync(into);
    const first = bavrin(['start', '--backup-into', into]);
    expect(first, first.err).toMatchObject({ status: 0 });
    const address = addressIn(first.out);
    const health = await fetch(`${address}/api/health`);
    expect(await health.json()).toMatchObject({ app: 'bavrin', ok: true });
    // Longer than a browser or a proxy keeps its end of a connection: what is sent as the server closes would be lost.
    expect(health.headers.get('keep-alive')).toBe('timeout=310');
    expect(await (await fetch(address)).text()).toContain('This shop has nobody yet');
    // Its owner is made at the address that the start printed, and by no other.
    const code = /\/begin\?code=(\S+)/.exec(first.out)![1]!;
    const own = (from: string) =>
      fetch(`${address}/api/sign-in/first`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ code: from, name: 'Ada', password: PASSWORD }),
      });
    expect((await own('x'.repeat(43))).status).toBe(403);
    const cookie = (await own(code)).headers.get('set-cookie')!.split(';')[0]!;
    const bay = async () => (await fetch(address, { headers: { cookie } })).text();
    expect(await bay()).toContain('Nothing in the bay');
    expect((await fetch(address)).url).toContain('/sign-in');

    expect(bavrin(['owner', 'Ada'], {}, 'short\n').err).toContain('5 characters');
    expect(bavrin(['owner', 'Ada'], {}, `${PASSWORD} again\n`).err).toContain('signed out everywhere');
    expect(await bay()).not.toContain('Nothing in the bay');

    const started = performance.now();
    expect(bavrin(['start']).out).toContain(`is already open: ${address}`);
    expect(performance.now() - started).toBeLessThan(limitNow(5000));

    // What it was told to keep it keeps by itself, without what lets anybody in.
    await expect
      .poll(() => readdirSync(into).filter((name) => name.endsWith('.backup')).length, { timeout: 60_000 })
      .toBe(1);
    const kept = join(into, readdirSync(into).find((name) => name.endsWith('.backup'))!);
    expect(await tablesIn(kept)).not.toContain('person_secrets');

    const file = join(home, 'shop.backup');
    expect(bavrin(['backup', file])).toMatchObject({ status: 0 });
    expect(await tablesIn(file)).not.toContain('person_secrets');
    expect(bavrin(['backup', file, '--with-secrets'])).toMatchObject({ status: 0 });
    expect(await tablesIn(file)).toContain('person_secrets');
    expect(bavrin(['restore', join(home, 'nothing')])).toMatchObject({
      status: 1,
      err: expect.stringContaining('there is no file'),
    });

    const groups = groupsOf(join(home, 'data'));
    // The server, and what keeps its backups.
    expect(groups).toHaveLength(2);
    expect(groups.every(alive)).toBe(true);
    expect(bavrin(['stop']).err).toContain('Ended.');
    expect(groups.some(alive)).toBe(false);
    await expect.poll(leftBehind).toEqual([]);
    expect(bavrin(['stop']).err).toContain('Nothing was running.');
  });

  it('says plainly what failed, and leaves nothing running', async () => {
    const taken = createServer().listen(0, '127.0.0.1');
    await new Promise((resolve) => taken.once('listening', resolve));
    const { port } = taken.address() as { port: number };
    expect(bavrin(['start', '--port', String(port)])).toMatchObject({
      status: 1,
      err: expect.stringContaining(`port ${port} is taken`),
    });
    taken.close();
    expect(bavrin(['start', '--port', 'many'])).toMatchObject({
      status: 1,
      err: expect.stringContaining('--port is many'),
    });
    expect(bavrin(['demo', '--frsh'])).toMatchObject({ status: 1, err: expect.stringContaining('--frsh') });
    const away = bavrin(['start'], {
      DATABASE_URL: 'postgres://nobody:x@127.0.0.1:9/nowhere?sslmode=disable',
    });
    expect(away).toMatchObject({ status: 1, err: expect.stringContaining('preparing the database failed') });
    expect(away.err).not.toContain('    at ');
    await expect.poll(leftBehind).toEqual([]);
  });
});
