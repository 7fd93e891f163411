import { type ChildProcess, spawn, spawnSync } from 'node:child_process';
import { createHash, randomUUID } from 'node:crypto';
import {
  closeSync,
  existsSync,
  openSync,
  readdirSync,
  readFileSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import { join } from 'node:path';
import { ask } from './ask';
import { endsWithUs, runChild } from './child';
import { bundleHeavy, heavyBundle } from './heavy';
import { wasInterrupted } from './interrupt';
import { holdBuild } from './lock';
import { bundleOffline } from './offline';
import { packBuilt } from './packed';
import { DATA, dataFolder, ROOT } from './paths';
import { alive, groupsOf, markOf } from './processes';
import { Plain, say } from './say';
import { writeWhole } from './whole';

const SOURCES = [
  'app',
  'core',
  'features',
  'server',
  'ui',
  'workers',
  'instrumentation.ts',
  'next.config.ts',
  'proxy.ts',
  'public',
  'postcss.config.mjs',
  'tsconfig.json',
  'package-lock.json',
];

/** The folder of the build; the tests have one of their own. */
export function distFolder(): string {
  return process.env.BAVRIN_DIST ?? '.next';
}

/** Builds the application when a source changed since the last build in that folder; one at a time, the next finds it done. */
export async function build(dist = distFolder()): Promise<void> {
  const want = sourcesHash();
  if (isBuilt(dist, want)) return;
  const letGo = await holdBuild(dist);
  try {
    if (!isBuilt(dist, want)) await buildNow(dist, want);
  } finally {
    letGo();
  }
}

/** What the build in a folder was made of. */
const stampOf = (dist: string) => join(ROOT, dist, 'bavrin-sources');

function isBuilt(dist: string, sources: string): boolean {
  return existsSync(stampOf(dist)) && readFileSync(stampOf(dist), 'utf8') === sources;
}

async function buildNow(dist: string, sources: string): Promise<void> {
  say('Building the application (once for each change) …');
  // A build that breaks off leaves a folder that is neither the old nor the new one.
  rmSync(stampOf(dist), { force: true });
  const next = join(ROOT, 'node_modules/next/dist/bin/next');
  const done = await runChild(endsWithUs([process.execPath, next, 'build']), {
    cwd: ROOT,
    env: { ...process.env, BAVRIN_DIST: dist, NODE_ENV: 'production', NEXT_TELEMETRY_DISABLED: '1' },
  });
  const story = `${done.stdout}\n${done.stderr}`;
  writeFileSync(join(dataFolder('log'), 'build.log'), story);
  if (done.status !== 0)
    throw new Plain(`the build failed:\n${story.trim().split('\n').slice(-25).join('\n')}`);
  await bundleHeavy(join(ROOT, dist));
  await bundleOffline(join(ROOT, dist));
  await packBuilt(join(ROOT, dist));
  writeWhole(stampOf(dist), sources);
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

type ServeOptions = {
  port: number;
  host: string;
  /** Names besides the machine's own under which the shop may be reached. */
  names?: string[];
  url: string;
  dist?: string;
  /** The data folder whose commands may end it; without one, only who started it does. */
  of?: string;
  /** Where it is reached over https, where a proxy stands in front: then that one says who asks, and nobody else does. */
  secure?: { address: string; certificate: string };
};

/** Starts the built application in the background and waits until it answers; a server that does not is ended. */
export async function serve(options: ServeOptions): Promise<Server> {
  const { host, port } = options;
  // Whoever tidies up has passed the servers by now.
  if (wasInterrupted()) throw new Plain('it was interrupted before its server was started');
  const logFile = join(dataFolder('log'), `server-${port}.log`);
  // Another clone's server may take the port at the same moment: only an answer under this name is our own.
  const instance = randomUUID();
  const child = spawnServer(options, instance, logFile);
  const { pid } = child;
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
  endGroup(pid);
  const words = lastWords(logFile);
  if (words.includes('EADDRINUSE')) throw new PortTaken(`port ${port} was taken at the last moment`);
  throw new Plain(`the server did not come up; its last words:\n${words}`);
}

/**
 * A connection that says nothing is kept so long, ms: longer than a proxy (two minutes) or a browser (five) keeps its end. Whoever closes
 * first must not be the server: what is sent at that moment would be lost on the way.
 */
const KEPT_OPEN_MS = 310_000;

/** The server as a program of its own, that goes on when this one ends; what it says goes into the log. */
function spawnServer(
  { port, host, names = [], url, dist = distFolder(), of, secure }: ServeOptions,
  instance: string,
  logFile: string,
): ChildProcess {
  const out = openSync(logFile, 'a', 0o600);
  const child = spawn(
    process.execPath,
    [
      join(ROOT, 'node_modules/next/dist/bin/next'),
      ...['start', '-p', String(port), '-H', host, '--keepAliveTimeout', String(KEPT_OPEN_MS)],
    ],
    {
      cwd: ROOT,
      detached: true,
      stdio: ['ignore', out, out],
      env: {
        ...process.env,
        ...(of === undefined ? {} : markOf(of)),
        DATABASE_URL: url,
        BAVRIN_DIST: dist,
        BAVRIN_WORKER: heavyBundle(join(ROOT, dist)),
        BAVRIN_INSTANCE: instance,
        BAVRIN_HOSTS: [host, ...names].join(','),
        BAVRIN_SECURE: secure ? JSON.stringify(secure) : '',
        NODE_ENV: 'production',
        NEXT_TELEMETRY_DISABLED: '1',
      },
    },
  );
  closeSync(out);
  child.unref();
  return child;
}

/** The end of a log, short enough for a message. */
function lastWords(logFile: string): string {
  const lines = readFileSync(logFile, 'utf8').trim().split('\n').slice(-10);
  return lines.map((line) => line.slice(0, 400)).join('\n');
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
    const { status, text } = await ask(`${address}/api/health`, 3000);
    return status === 200 && (JSON.parse(text) as { instance?: string }).instance === instance;
  } catch {
    return false;
  }
}

/** Ends every server of a data folder, on record or not, and nothing else; says whether there was one. */
export function endServers(folder = DATA): boolean {
  const groups = groupsOf(folder);
  for (const group of groups) endGroup(group);
  return groups.length > 0;
}

/** Ends a process that leads a group, and everything it started. */
export function endGroup(group: number): void {
  signal(group, 'SIGTERM');
  const until = Date.now() + 8000;
  while (alive(group) && Date.now() < until) spawnSync('sleep', ['0.1']);
  signal(group, 'SIGKILL');
}

function signal(group: number, name: NodeJS.Signals): void {
  try {
    process.kill(-group, name);
  } catch {
    // It has ended.
  }
}
