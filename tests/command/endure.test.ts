import { type ChildProcess, spawn, spawnSync } from 'node:child_process';
import {
  chmodSync,
  copyFileSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import { request as ask } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { DEMO_CARS } from '../../db/demo/cars';
import { DEMO_JOBS } from '../../db/demo/jobs';
import { ROOT } from '../../scripts/system/paths';
import { clusterFolder, clusterUrl, startCluster, talk } from '../../scripts/system/postgres';
import { alive } from '../../scripts/system/processes';
import { build } from '../../scripts/system/web';
import { seeded } from '../support/drawn';

const BAVRIN = join(ROOT, 'bavrin');
const WHOLE = `${Object.keys(DEMO_CARS).length} cars, ${DEMO_JOBS.length} jobs`;
let home: string;

beforeAll(async () => {
  home = mkdtempSync(join(tmpdir(), 'bavrin-endure-'));
  chmodSync(home, 0o755);
  await build('.next-test');
}, 240_000);
afterAll(() => {
  for (const name of readdirSync(home)) if (existsSync(join(home, name, 'run'))) bavrin(name, ['stop']);
  rmSync(home, { recursive: true, force: true });
});

const environment = (shop: string) => {
  const { DATABASE_URL: _, ...outer } = process.env;
  return { ...outer, BAVRIN_DATA: join(home, shop), BAVRIN_DIST: '.next-test' };
};

/** A command on a data folder of its own, run to its end. */
function bavrin(shop: string, args: string[]) {
  const done = spawnSync(BAVRIN, args, { encoding: 'utf8', env: environment(shop), cwd: home });
  return { status: done.status, out: done.stdout, err: done.stderr };
}

/** The same, interrupted after a while; waits until it is gone. */
async function interrupted(shop: string, args: string[], afterMs: number, signal: NodeJS.Signals) {
  const child: ChildProcess = spawn(BAVRIN, args, { env: environment(shop), cwd: home, stdio: 'ignore' });
  const gone = new Promise<void>((resolve) => child.once('exit', () => resolve()));
  const timer = setTimeout(() => child.kill(signal), afterMs);
  await gone;
  clearTimeout(timer);
}

/** What starts a database is there for a moment only, and a busy machine may look away: then the database itself is. */
const COMING_UP = /pg_ctl|bin\/postgres -D/;

/** Interrupted as a terminal does it, the whole group at once, so long after its database began to be started. */
async function interruptedStarting(shop: string, args: string[], afterMs: number) {
  const options = { env: environment(shop), cwd: home, stdio: 'ignore', detached: true } as const;
  const child: ChildProcess = spawn(BAVRIN, args, options);
  const gone = new Promise<number | null>((resolve) => child.once('exit', resolve));
  await expect.poll(() => leftBehind(shop).some((told) => COMING_UP.test(told)), { interval: 2 }).toBe(true);
  await new Promise((resolve) => setTimeout(resolve, afterMs));
  process.kill(-child.pid!, 'SIGINT');
  expect(await gone).toBe(130);
}

/** What runs on a data folder: its servers name it in their environment or their arguments. */
function leftBehind(shop: string): string[] {
  const folder = join(home, shop);
  return readdirSync('/proc')
    .filter((name) => /^\d+$/.test(name) && Number(name) !== process.pid && alive(Number(name)))
    .flatMap((name) => {
      try {
        const args = readFileSync(`/proc/${name}/cmdline`, 'utf8').replaceAll('\0', ' ');
        const env = readFileSync(`/proc/${name}/environ`, 'utf8');
        return args.includes(folder) || env.includes(`BAVRIN_SERVES=${folder}`) ? [args] : [];
      } catch {
        return [];
      }
    });
}

const addressIn = (out: string) => /http:\/\/\S+/.exec(out)![0];
/** A process that is nobody's business here. */
const stranger = () => spawn('sleep', ['300'], { stdio: 'ignore' });

describe('a command that is interrupted', { timeout: 300_000 }, () => {
  it('at six moments of opening and ending leaves nothing half: the next start has it whole, and stop ends it all', async () => {
    const random = seeded(9);
    for (const [attempt, command] of ['demo', 'demo', 'start', 'demo', 'stop', 'demo'].entries()) {
      const signal = attempt % 2 === 0 ? 'SIGKILL' : 'SIGTERM';
      await interrupted('demo', [command], 300 + random() * (command === 'stop' ? 900 : 6500), signal);
    }
    const opened = bavrin('demo', ['demo']);
    expect(opened, opened.err).toMatchObject({ status: 0 });
    const told = bavrin('demo', ['backup', join(home, 'whole.backup')]);
    expect(told.err).toContain(WHOLE);
    expect(bavrin('demo', ['stop']).err).toContain('Ended.');
    await expect.poll(() => leftBehind('demo')).toEqual([]);
  });

  it('told to end, it tidies up by itself: no database stays behind', async () => {
    await interrupted('tidy', ['demo'], 4000, 'SIGTERM');
    await expect.poll(() => leftBehind('tidy')).toEqual([]);
  });

  it('told to end while its database comes up, it ends that too, however far it was', async () => {
    // The later ones find it loading the demo, which a terminal's interrupt ends as well.
    for (const afterMs of [0, 10, 20, 30, 60, 100, 400, 700]) {
      await interruptedStarting('tidy', ['demo'], afterMs);
      await expect.poll(() => leftBehind('tidy'), { message: `${afterMs} ms after its start` }).toEqual([]);
    }
  });

  it('while writing a backup keeps yesterday’s, or has today’s whole', async () => {
    const file = join(home, 'kept.backup');
    expect(bavrin('demo', ['backup', file]).status).toBe(0);
    const yesterday = readFileSync(file);
    const random = seeded(4);
    for (let attempt = 0; attempt < 6; attempt++) {
      await interrupted(
        'demo',
        ['backup', file],
        200 + random() * 2500,
        attempt % 2 === 0 ? 'SIGKILL' : 'SIGTERM',
      );
      // Today's differs from yesterday's in its date only: either is whole.
      expect(readFileSync(file).length).toBeGreaterThan(yesterday.length * 0.9);
    }
    bavrin('demo', ['stop']);
    expect(bavrin('refusing', ['restore', file, '--demo']).err).toContain(WHOLE);
  });

  it('while restoring leaves the shop empty or full, never between', async () => {
    const random = seeded(5);
    for (let attempt = 0; attempt < 4; attempt++)
      await interrupted('halves', ['restore', join(home, 'whole.backup')], 800 + random() * 4000, 'SIGKILL');
    const last = bavrin('halves', ['restore', join(home, 'whole.backup')]);
    expect(last.err).toMatch(new RegExp(`${WHOLE}|already has something in it \\(.*${WHOLE}`));
    const again = bavrin('halves', ['restore', join(home, 'whole.backup')]);
    expect(again).toMatchObject({ status: 1, err: expect.stringContaining(WHOLE) });
    bavrin('halves', ['stop']);
    await expect.poll(() => leftBehind('halves')).toEqual([]);
  });

  it('an installation that outlives its command is waited for, not joined by a second one', async () => {
    const clone = join(home, 'clone');
    mkdirSync(join(clone, 'bin'), { recursive: true });
    for (const name of ['bavrin', 'package-lock.json']) copyFileSync(join(ROOT, name), join(clone, name));
    const log = join(clone, 'npm.story');
    writeFileSync(
      join(clone, 'bin/npm'),
      `#!/bin/sh\necho start >>${log}\nsleep 2\nmkdir -p node_modules\necho end >>${log}\n`,
    );
    chmodSync(join(clone, 'bin/npm'), 0o755);
    const env = { ...process.env, PATH: `${join(clone, 'bin')}:${process.env.PATH}` };
    const first = spawn(join(clone, 'bavrin'), ['stop'], { env, stdio: 'ignore' });
    await new Promise((resolve) => setTimeout(resolve, 700));
    first.kill('SIGKILL');
    spawnSync(join(clone, 'bavrin'), ['stop'], { env, stdio: 'ignore' });
    const story = readFileSync(log, 'utf8').trim().split('\n').join(' ');
    // Either the first ended with its command, or the second waited until it was done.
    expect(story).toMatch(/^(start start end|start end( start end)?)$/);
    if (story === 'start start end') expect(story.match(/end/g)).toHaveLength(1);
  });
});

describe('what a command finds lying about', { timeout: 180_000 }, () => {
  it('a torn record, an old one with a stranger’s number, and a lock with a living stranger’s: none is ended, none blocks', async () => {
    const bystander = stranger();
    const lock = stranger();
    try {
      expect(bavrin('odd', ['start']).status).toBe(0);
      const record = join(home, 'odd/run/served.json');
      writeFileSync(record, '{"mode":"st');
      expect(bavrin('odd', ['stop']).err).toContain('Ended.');
      await expect.poll(() => leftBehind('odd')).toEqual([]);

      writeFileSync(
        record,
        JSON.stringify({ mode: 'start', pid: bystander.pid, port: 1, host: '127.0.0.1', instance: 'x' }),
      );
      const data = join(clusterFolder(join(home, 'odd/postgres')), 'data');
      writeFileSync(join(data, 'postmaster.pid'), `${lock.pid}\n${data}\n1\n5432\n\n127.0.0.1\n\nready\n`);
      const opened = bavrin('odd', ['start']);
      expect(opened, opened.err).toMatchObject({ status: 0 });
      expect(bavrin('odd', ['stop']).err).toContain('Ended.');
      expect([alive(bystander.pid!), alive(lock.pid!)]).toEqual([true, true]);
      await expect.poll(() => leftBehind('odd')).toEqual([]);
    } finally {
      bystander.kill();
      lock.kill();
    }
  });
});

describe('a backup', { timeout: 180_000 }, () => {
  it('is of the shop that was open last, says which and how much, and warns when there is nothing in it', () => {
    bavrin('demo', ['stop']);
    const ofDemo = bavrin('demo', ['backup', join(home, 'after-stop.backup')]);
    expect(ofDemo.err).toContain('Hobb Lane Workshop (the demo)');
    expect(ofDemo.err).toContain(WHOLE);
    const ofShop = bavrin('demo', ['backup', join(home, 'empty.backup'), '--shop']);
    expect(ofShop.err).toContain('0 cars, 0 jobs');
    expect(ofShop.err).toContain('this shop is empty');
    expect(bavrin('demo', ['backup'])).toMatchObject({ status: 1, err: expect.stringContaining('usage') });
  });

  it('and in the open format too, from one shop into another, all or none', () => {
    const file = join(home, 'shop.ndjson');
    expect(bavrin('demo', ['demo']).status).toBe(0);
    bavrin('demo', ['stop']);
    expect(bavrin('demo', ['export', file, '--shop'])).toMatchObject({
      status: 1,
      err: expect.stringContaining('this shop has no cars: nothing was written'),
    });
    expect(bavrin('demo', ['export', file, '--demo']).err).toContain(
      `${Object.keys(DEMO_CARS).length} cars are in`,
    );
    const taken = bavrin('demo', ['import', file, '--shop']);
    expect(taken, taken.err).toMatchObject({
      status: 0,
      err: expect.stringMatching(/blue coupe: new, with \d+ jobs/),
    });
    expect(bavrin('demo', ['import', file, '--shop']).err).toMatch(
      /blue coupe: was here; new 0 jobs, 0 days/,
    );
    expect(bavrin('demo', ['export', file, '--car', 'nobody’s', '--demo'])).toMatchObject({
      status: 1,
      err: expect.stringContaining('there is no car called nobody’s; there are Car 14, blue coupe'),
    });
    writeFileSync(file, '{"format":"bavrin-car","version":1}');
    const refused = bavrin('demo', ['import', file, '--shop']);
    expect(refused).toMatchObject({
      status: 1,
      err: expect.stringMatching(/was not taken[\s\S]*entry 1: id is missing/),
    });
    expect(refused.err).not.toContain('    at ');
  });

  it('that hits a limit leaves yesterday’s and nothing else, and is for its owner alone', () => {
    // The database runs already: it is the backup's own file that meets the limit.
    expect(bavrin('demo', ['demo']).status).toBe(0);
    const folder = join(home, 'limited');
    mkdirSync(folder);
    const file = join(folder, 'shop.backup');
    expect(bavrin('demo', ['backup', file]).status).toBe(0);
    expect(statSync(file).mode & 0o777).toBe(0o600);
    const yesterday = readFileSync(file);
    const cut = spawnSync('sh', ['-c', `ulimit -f 16; exec '${BAVRIN}' backup '${file}'`], {
      encoding: 'utf8',
      env: environment('demo'),
    });
    expect(cut.status).toBe(1);
    expect(cut.stderr).toContain('the backup failed, nothing was changed');
    expect(readFileSync(file).equals(yesterday)).toBe(true);
    expect(readdirSync(folder)).toEqual(['shop.backup']);
    for (const [command, place, why] of [
      ['backup', '/nowhere/at/all', 'there is no such file or folder'],
      ['backup', folder, 'it is a folder'],
      ['export', join(file, 'below'), 'what it lies in is no folder'],
    ] as const)
      expect(bavrin('demo', [command, place])).toMatchObject({
        status: 1,
        err: `bavrin: ${place} cannot be written: ${why}\n`,
      });
    expect(readdirSync(folder)).toEqual(['shop.backup']);
  });

  it('that was tampered with, or made by a newer Bavrin, is refused, and nothing in it is run', () => {
    const whole = readFileSync(join(home, 'whole.backup'));
    const refused = (name: string, from: string, to: string) => {
      const at = whole.indexOf(from);
      expect(at, from).toBeGreaterThan(0);
      expect(to).toHaveLength(from.length);
      const file = join(home, name);
      writeFileSync(
        file,
        Buffer.concat([whole.subarray(0, at), Buffer.from(to), whole.subarray(at + from.length)]),
      );
      const done = bavrin('refusing', ['restore', file]);
      expect(done.status, done.err).toBe(1);
      return done.err;
    };
    expect(refused('program.backup', ') FROM stdin;\n', ") FROM '/x' ;\n")).toMatch(
      /no backup has|no Bavrin backup/,
    );
    expect(refused('table.backup', 'COPY public.cars (', 'COPY public.carz (')).toContain(
      'does not know (carz)',
    );
    writeFileSync(join(home, 'cut.backup'), whole.subarray(0, Math.floor(whole.length / 2)));
    expect(bavrin('refusing', ['restore', join(home, 'cut.backup')]).status).toBe(1);
    const after = bavrin('refusing', ['restore', join(home, 'whole.backup')]);
    expect(after.err, 'the shop was still empty').toContain(WHOLE);
  });
});

describe('who may do what', { timeout: 180_000 }, () => {
  it('the application is a plain role, its secrets are files of its own, and no command line shows them', async () => {
    expect(bavrin('demo', ['demo']).status).toBe(0);
    const folder = clusterFolder(join(home, 'demo/postgres'));
    const cluster = await startCluster(folder);
    const [role] = await talk(
      clusterUrl(cluster, 'bavrin_demo'),
      (sql) => sql`select rolsuper, rolcreaterole, rolcreatedb from pg_roles where rolname = current_user`,
    );
    expect(role).toEqual({ rolsuper: false, rolcreaterole: false, rolcreatedb: false });
    await expect(
      talk(clusterUrl(cluster, 'bavrin_demo'), (sql) => sql.unsafe(`copy (select 1) to program 'true'`)),
    ).rejects.toThrow(/program/);
    for (const name of ['password', 'password-app'])
      expect(statSync(join(folder, name)).mode & 0o777, name).toBe(0o600);
    expect(statSync(join(home, 'demo/run/served.json')).mode & 0o777).toBe(0o600);
    const backup = spawn(BAVRIN, ['backup', join(home, 'watched.backup')], {
      env: environment('demo'),
      stdio: 'ignore',
    });
    const ended = new Promise((resolve) => backup.once('exit', resolve));
    let over = false;
    void ended.then(() => {
      over = true;
    });
    const shown = new Set<string>();
    while (!over) {
      for (const line of spawnSync('ps', ['-eo', 'args='], { encoding: 'utf8' }).stdout.split('\n'))
        if (line.includes(cluster.password) || line.includes(cluster.adminPassword)) shown.add(line);
      await new Promise((resolve) => setTimeout(resolve, 20));
    }
    expect([...shown]).toEqual([]);
  });

  it('a name that is not the shop’s is not answered; one that was given is; pages load nothing from elsewhere', async () => {
    bavrin('demo', ['stop']);
    const opened = bavrin('demo', ['demo', '--name', 'shop.example']);
    const { port } = new URL(addressIn(opened.out));
    const answer = (host: string, more: Record<string, string> = {}, method = 'GET') =>
      new Promise<{ status: number; policy: string }>((resolve, reject) => {
        const sent = ask(
          { port, host: '127.0.0.1', path: '/api/health', method, headers: { host, ...more } },
          (got) => {
            got.resume();
            resolve({ status: got.statusCode!, policy: String(got.headers['content-security-policy']) });
          },
        );
        sent.on('error', reject).end();
      });
    for (const host of [
      `127.0.0.1:${port}`,
      `localhost:${port}`,
      `[::1]:${port}`,
      'shop.example',
      'SHOP.example:443',
    ])
      expect(await answer(host), host).toMatchObject({ status: 200 });
    for (const host of [
      'evil.example',
      `evil.example:${port}`,
      '127.0.0.1.evil.example',
      'shop.example.evil',
    ])
      expect(await answer(host), host).toMatchObject({ status: 403 });
    const json = { 'content-type': 'application/json' };
    expect(
      await answer(`127.0.0.1:${port}`, { ...json, origin: 'http://evil.example' }, 'POST'),
    ).toMatchObject({ status: 403 });
    expect((await answer(`127.0.0.1:${port}`)).policy).toMatch(
      /default-src 'self'; script-src 'self' 'nonce-/,
    );
    expect(bavrin('demo', ['demo', '--name', 'no name'])).toMatchObject({
      status: 1,
      err: expect.stringContaining('--name'),
    });
  });
});

// Last: it leaves the demo's own record with a step that nobody knows.
describe('a backup of a newer schema', { timeout: 180_000 }, () => {
  it('is refused by name', async () => {
    expect(bavrin('demo', ['demo']).status).toBe(0);
    const cluster = await startCluster(clusterFolder(join(home, 'demo/postgres')));
    await talk(
      clusterUrl(cluster, 'bavrin_demo'),
      (sql) => sql`insert into schema_migrations values ('29990101000000')`,
    );
    expect(bavrin('demo', ['backup', join(home, 'newer.backup')]).status).toBe(0);
    bavrin('demo', ['stop']);
    expect(bavrin('halves', ['restore', join(home, 'newer.backup'), '--demo'])).toMatchObject({
      status: 1,
      err: expect.stringContaining('made by a newer Bavrin (schema 29990101000000)'),
    });
  });
});
