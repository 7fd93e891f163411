import { spawn } from 'node:child_process';
import {
  chmodSync,
  existsSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { withTemporary } from '../../scripts/system/archive';
import { endsWithUs, runChild } from '../../scripts/system/child';
import { holdBuild } from '../../scripts/system/lock';
import { ROOT } from '../../scripts/system/paths';
import { freePort, isFree } from '../../scripts/system/port';
import { alive, groupsOf, markOf, programName, workingFolder } from '../../scripts/system/processes';
import { type Counts, inWords, isEmpty } from '../../scripts/system/shop';
import { nameWhole, writeWhole } from '../../scripts/system/whole';

let folder: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'bavrin-system-'));
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

const gone = (child: ReturnType<typeof spawn>) =>
  new Promise<void>((resolve) => child.once('exit', () => resolve()));

describe('a build', () => {
  const dist = `.of-test-${process.pid}`;
  afterEach(() => rmSync(join(ROOT, 'node_modules', `.bavrin-build${dist}.lock`), { force: true }));

  it('is held by one at a time: the next waits until it is let go', async () => {
    const letGo = await holdBuild(dist);
    const order: string[] = [];
    const next = holdBuild(dist).then((release) => {
      order.push('next');
      return release;
    });
    await new Promise((resolve) => setTimeout(resolve, 300));
    order.push('let go');
    letGo();
    const release = await next;
    expect(order).toEqual(['let go', 'next']);
    release();
  });
});

describe('a file that is whole or not there', () => {
  it('is written beside and named at the end, for its owner alone', () => {
    const file = join(folder, 'record.json');
    writeWhole(file, 'one');
    writeWhole(file, 'two');
    expect(readFileSync(file, 'utf8')).toBe('two');
    expect(statSync(file).mode & 0o777).toBe(0o600);
    expect(readdirSync(folder)).toEqual(['record.json']);
  });

  it('leaves nothing half and the old one as it was when it cannot be named', () => {
    const taken = join(folder, 'taken');
    writeWhole(taken, 'old');
    expect(() => writeWhole(join(taken, 'below'), 'new')).toThrow();
    expect(readFileSync(taken, 'utf8')).toBe('old');
    writeFileSync(join(folder, 'finished'), 'content');
    nameWhole(join(folder, 'finished'), join(folder, 'named'));
    expect(readdirSync(folder).sort()).toEqual(['named', 'taken']);
  });

  it('in a temporary folder is gone with the work, however that ends', async () => {
    let seen = '';
    const work = withTemporary(async (temporary) => {
      seen = temporary;
      writeFileSync(join(temporary, 'x'), '');
      throw new Error('broke off');
    });
    await expect(work).rejects.toThrow('broke off');
    expect(existsSync(seen)).toBe(false);
  });
});

describe('a program that a command runs', () => {
  it('is waited for with its words and its code, and found missing without an exception', async () => {
    expect(await runChild(['sh', '-c', 'echo out; echo err >&2; exit 3'])).toEqual({
      status: 3,
      stdout: 'out\n',
      stderr: 'err\n',
    });
    expect(await runChild([join(folder, 'nothing')])).toMatchObject({
      status: null,
      stderr: expect.stringContaining('ENOENT'),
    });
    expect((await runChild(['sh', '-c', 'kill -9 $$'])).status).toBeNull();
  });

  it('is read line by line, in order, as slowly as its reader likes', async () => {
    const lines: string[] = [];
    const done = await runChild(['sh', '-c', 'seq 1 2000; printf last'], {
      async onLine(line) {
        if (lines.length % 500 === 0) await new Promise((resolve) => setTimeout(resolve, 5));
        lines.push(line);
      },
    });
    expect(done.status).toBe(0);
    expect(lines).toHaveLength(2001);
    expect([lines[0], lines[1999], lines[2000]]).toEqual(['1', '2000', 'last']);
  });

  it('is ended when its reader refuses what it says', async () => {
    const file = join(folder, 'pid');
    const reading = runChild(['sh', '-c', `echo $$ >'${file}'; while :; do echo on; sleep 0.02; done`], {
      onLine() {
        throw new Error('no more');
      },
    });
    await expect(reading).rejects.toThrow('no more');
    await expect.poll(() => alive(Number(readFileSync(file, 'utf8')))).toBe(false);
  });

  it('ends with the command that started it, even one that is killed', async () => {
    const script = join(folder, 'parent.mjs');
    const file = join(folder, 'pid');
    const [program, ...args] = endsWithUs(['sh', '-c', `echo $$ >'${file}'; exec sleep 60`]);
    writeFileSync(
      script,
      `import { spawn } from 'node:child_process'; spawn(${JSON.stringify(program)}, ${JSON.stringify(args)}); setInterval(() => {}, 1000);`,
    );
    const parent = spawn(process.execPath, [script], { stdio: 'ignore' });
    await expect.poll(() => existsSync(file) && readFileSync(file, 'utf8') !== '').toBe(true);
    const child = Number(readFileSync(file, 'utf8'));
    expect(alive(child)).toBe(true);
    parent.kill('SIGKILL');
    await gone(parent);
    await expect.poll(() => alive(child)).toBe(false);
  });
});

describe('whose a process is', () => {
  it('is told by a mark in its environment and the folder it works in, never by its number', async () => {
    const ours = spawn('sleep', ['60'], {
      cwd: folder,
      detached: true,
      stdio: 'ignore',
      env: { ...process.env, ...markOf(folder) },
    });
    const other = spawn('sleep', ['60'], {
      detached: true,
      stdio: 'ignore',
      env: { ...process.env, ...markOf(`${folder}-other`) },
    });
    try {
      await expect.poll(() => groupsOf(folder)).toEqual([ours.pid]);
      expect(programName(ours.pid!)).toBe('sleep');
      expect(workingFolder(ours.pid!)).toBe(folder);
    } finally {
      ours.kill('SIGKILL');
      other.kill('SIGKILL');
    }
    await gone(ours);
    expect(groupsOf(folder)).toEqual([]);
    expect(alive(ours.pid!)).toBe(false);
    expect(workingFolder(2 ** 30)).toBeUndefined();
    expect(alive(2 ** 30)).toBe(false);
  });
});

describe('a free port', () => {
  it('is one that nobody listens on, the next where the wanted one is taken', async () => {
    const port = await freePort();
    expect(await isFree(port)).toBe(true);
    const { createServer } = await import('node:net');
    const server = createServer().listen(port, '127.0.0.1');
    await new Promise((resolve) => server.once('listening', resolve));
    expect(await isFree(port)).toBe(false);
    expect(await freePort(port)).toBeGreaterThan(port);
    server.close();
  });
});

describe('what is in a shop, in words', () => {
  const counts: Counts = { name: null, isDemo: false, whole: false, cars: 0, jobs: 0, readings: 0 };

  it('names it and counts what it holds', () => {
    expect(inWords({ ...counts, name: 'North bay', cars: 1, jobs: 12, readings: 40 })).toBe(
      'North bay: 1 car, 12 jobs, 40 readings',
    );
    expect(inWords({ ...counts, name: 'Try', isDemo: true })).toBe(
      'Try (the demo): 0 cars, 0 jobs, 0 readings',
    );
    expect(inWords(counts)).toBe('a shop without a name: 0 cars, 0 jobs, 0 readings');
  });

  it('is nothing only when nobody has named it either', () => {
    expect(isEmpty(counts)).toBe(true);
    expect(isEmpty({ ...counts, name: 'North bay' })).toBe(false);
    expect(isEmpty({ ...counts, cars: 1 })).toBe(false);
  });
});

describe('the command’s own words', () => {
  it('are for the person: a wrong option is named, and nothing is started for it', async () => {
    for (const [args, words] of [
      [['nonsense'], 'there is no command called nonsense'],
      [['backup'], 'usage: ./bavrin backup FILE'],
      [['backup', 'a', 'b'], 'usage: ./bavrin backup FILE'],
      [['restore', 'a', '--demo', '--shop'], 'usage: ./bavrin restore FILE'],
      [['backup', 'a', '--frsh'], '--frsh'],
      [['import', '/nowhere/at/all'], '/nowhere/at/all cannot be read: there is no such file or folder'],
      [['import', folder], `${folder} cannot be read: it is a folder`],
      [['start', '--port', '70000'], '--port is 70000: a whole number from 1 to 65535 is accepted'],
      [['demo', '--name', 'a b'], '--name is a b: a name as shop.example is accepted'],
    ] as const) {
      const done = await runChild([join(process.cwd(), 'bavrin'), ...args], {
        env: { ...process.env, BAVRIN_DATA: join(folder, 'data') },
      });
      expect(done.status, args.join(' ')).toBe(1);
      expect(done.stderr, args.join(' ')).toContain(words);
      expect(done.stderr).not.toContain('    at ');
    }
    expect(existsSync(join(folder, 'data/postgres'))).toBe(false);
    chmodSync(folder, 0o755);
  });
});
