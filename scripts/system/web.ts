import { spawn, spawnSync } from 'node:child_process';
import { createHash, randomUUID } from 'node:crypto';
import { closeSync, existsSync, openSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { dataFolder, ROOT } from './paths';
import { Plain, say } from './say';

const SOURCES = [
  'app',
  'core',
  'features',
  'server',
  'ui',
  'workers',
  'next.config.ts',
  'postcss.config.mjs',
  'tsconfig.json',
  'package-lock.json',
];

/** The folder of the build; the tests have one of their own. */
function distFolder(): string {
  return process.env.BAVRIN_DIST ?? '.next';
}

/** Builds the application when a source changed since the last build in that folder. */
export function build(dist = distFolder()): void {
  const stamp = join(ROOT, dist, 'bavrin-sources');
  const want = sourcesHash();
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === want) return;
  say('Building the application (once for each change) …');
  const done = spawnSync(process.execPath, [join(ROOT, 'node_modules/next/dist/bin/next'), 'build'], {
    cwd: ROOT,
    encoding: 'utf8',
    env: { ...process.env, BAVRIN_DIST: dist, NODE_ENV: 'production', NEXT_TELEMETRY_DISABLED: '1' },
    maxBuffer: 64 * 1024 * 1024,
  });
  writeFileSync(join(dataFolder('log'), 'build.log'), `${done.stdout}\n${done.stderr}`);
  if (done.status !== 0)
    throw new Plain(
      `the build failed:\n${`${done.stdout}\n${done.stderr}`.trim().split('\n').slice(-25).join('\n')}`,
    );
  writeFileSync(stamp, want);
}

function sourcesHash(): string {
  const hash = createHash('sha256');
  const add = (path: string) => {
    if (statSync(path).isDirectory()) {
      for (const name of readdirSync(path).sort()) add(join(path, name));
    } else if (!/\.test\.tsx?$/.test(path)) {
      hash.update(path.slice(ROOT.length)).update(readFileSync(path));
    }
  };
  for (const name of SOURCES) add(join(ROOT, name));
  return hash.digest('hex');
}

export type Server = { pid: number; address: string; instance: string };

type ServeOptions = { port: number; host: string; url: string; dist?: string };

/** Starts the built application in the background and waits until it answers; a server that does not is ended. */
export async function serve({ port, host, url, dist = distFolder() }: ServeOptions): Promise<Server> {
  const logFile = join(dataFolder('log'), `server-${port}.log`);
  const out = openSync(logFile, 'a');
  // Another clone's server may take the port at the same moment: only an answer under this name is our own.
  const instance = randomUUID();
  const child = spawn(
    process.execPath,
    [join(ROOT, 'node_modules/next/dist/bin/next'), 'start', '-p', String(port), '-H', host],
    {
      cwd: ROOT,
      detached: true,
      stdio: ['ignore', out, out],
      env: {
        ...process.env,
        DATABASE_URL: url,
        BAVRIN_DIST: dist,
        BAVRIN_INSTANCE: instance,
        NODE_ENV: 'production',
        NEXT_TELEMETRY_DISABLED: '1',
      },
    },
  );
  closeSync(out);
  child.unref();
  const pid = child.pid;
  if (pid === undefined) throw new Plain('the server could not be started');
  const address = addressOf(host, port);
  let ended = false;
  child.once('exit', () => {
    ended = true;
  });
  const until = Date.now() + 60_000;
  while (Date.now() < until && !ended) {
    if (await answers(address, instance)) return { pid, address, instance };
    await new Promise((resolve) => setTimeout(resolve, 150));
  }
  endServer(pid);
  const lastWords = readFileSync(logFile, 'utf8').trim().split('\n').slice(-10).join('\n');
  if (lastWords.includes('EADDRINUSE')) throw new PortTaken(`port ${port} was taken at the last moment`);
  throw new Plain(`the server did not come up; its last words:\n${lastWords}`);
}

/** Somebody else was quicker to a port that had been free. */
export class PortTaken extends Plain {}

/** Where a person reaches a server listening there. */
export function addressOf(host: string, port: number): string {
  return `http://${host === '0.0.0.0' ? '127.0.0.1' : host}:${port}`;
}

/** Whether the server of that name answers there. */
export async function answers(address: string, instance: string): Promise<boolean> {
  try {
    const response = await fetch(`${address}/api/health`, { signal: AbortSignal.timeout(3000) });
    return response.ok && ((await response.json()) as { instance?: string }).instance === instance;
  } catch {
    return false;
  }
}

/** Ends a server and everything it started. */
export function endServer(pid: number): boolean {
  try {
    process.kill(-pid, 'SIGTERM');
  } catch {
    return false;
  }
  const until = Date.now() + 8000;
  while (Date.now() < until) {
    if (!alive(pid)) return true;
    spawnSync('sleep', ['0.1']);
  }
  try {
    process.kill(-pid, 'SIGKILL');
  } catch {
    // It ended between the two signals.
  }
  return true;
}

/** Whether the process still runs (a zombie waiting to be collected does not). */
export function alive(pid: number): boolean {
  try {
    process.kill(pid, 0);
  } catch {
    return false;
  }
  try {
    return !/^State:\s+Z/m.test(readFileSync(`/proc/${pid}/status`, 'utf8'));
  } catch {
    return false;
  }
}
