import { parseArgs } from 'node:util';
import { loadDemo } from '../../db/demo/load';
import { closeDatabase } from '../../server/db/sql';
import { firstCode } from '../../server/people/signIn';
import { bundleHeavy } from './heavy';
import { proxy, type SecureDoors, secureDoors } from './https';
import { onInterrupt } from './interrupt';
import { KEEP_OPTIONS, readKeep, startKeeper } from './keeping';
import { holdDataFolder } from './lock';
import { wholeNumber } from './number';
import { DATA, dataFolder } from './paths';
import { freePort, isFree } from './port';
import { Plain, say } from './say';
import {
  countShop,
  isEmpty,
  lastServed,
  type Mode,
  rememberServed,
  type Served,
  type ShopDatabase,
  startOver,
  withShop,
} from './shop';
import { addressOf, answers, build, endServers, PortTaken, type Server, serve } from './web';

const USUAL_PORT = 4680;
/** Each keeps ten connections and one that listens: the database has room for so many (`postgres.ts`). */
const MOST_SERVERS = 8;
const LOOPBACK = '127.0.0.1';
const EVERYWHERE = '0.0.0.0';

/** Opens the shop or the demo: database, build, server; leaves nothing running when a step fails or is interrupted. */
export async function open(mode: Mode, argv: string[]): Promise<number> {
  const { fresh, port: wantedPort, host: wantedHost, names, https, servers, keep } = readOptions(argv);
  // Behind the proxy nobody else reaches the server itself.
  const host = https ? LOOPBACK : (wantedHost ?? LOOPBACK);
  await holdDataFolder();
  const before = lastServed();
  const at = before?.server;
  if (at && before.mode === mode && !fresh && (await isWhole(at))) {
    announce(mode, at.secure ?? addressOf(at.host, at.port), 'is already open');
    return 0;
  }
  if (endServers() && before && before.mode !== mode)
    say(`The ${before.mode === 'demo' ? 'demo' : 'shop'} that was open has been ended.`);
  if (wantedPort !== undefined && !(await isFree(wantedPort, host))) {
    throw new Plain(`port ${wantedPort} is taken; leave --port out to take any free one`);
  }
  return withShop(mode, 'keeps', async (shop) => {
    if (fresh) await startOver(mode, shop);
    if (mode === 'demo') await fillDemo(shop);
    await build();
    const undo = onInterrupt(() => void endServers());
    try {
      const secure = https ? await secureDoors(wantedHost ?? EVERYWHERE) : undefined;
      const { server, port, beside } = await serveAll(servers, wantedPort, {
        host,
        names,
        url: shop.url,
        secure,
      });
      const appPorts = [port, ...beside.map((each) => each.port)];
      if (keep) await startKeeper(keep, shop.url);
      if (secure) await proxy({ ...secure, host: wantedHost ?? EVERYWHERE, names, appPorts, of: DATA });
      const address = secure?.address ?? server.address;
      const { instance } = server;
      const at = { port, host, instance, beside, ...(secure ? { secure: secure.address } : {}) };
      rememberServed({ mode, server: at });
      announce(mode, address, 'is open');
      if (secure)
        say(`A phone needs its certificate once: ${secure.certificate} (Setup, A phone, shows the way).`);
      await announceFirst(address, shop);
      return 0;
    } finally {
      undo();
    }
  });
}

/** The first server, and those beside it: they share nothing but the database, and any of them answers for the others. */
async function serveAll(
  servers: number,
  wantedPort: number | undefined,
  where: Parameters<typeof serveSomewhere>[1],
) {
  const first = await serveSomewhere(wantedPort, where);
  const beside: { port: number; instance: string }[] = [];
  while (beside.length + 1 < servers) {
    const other = await serveSomewhere(undefined, where);
    beside.push({ port: other.port, instance: other.server.instance });
  }
  return { ...first, beside };
}

/** Whether all servers of a shop answer: one that has lost some is opened anew. */
async function isWhole({
  port,
  host,
  instance,
  beside = [],
}: NonNullable<Served['server']>): Promise<boolean> {
  const all = await Promise.all(
    [{ port, instance }, ...beside].map((each) => answers(addressOf(host, each.port), each.instance)),
  );
  return all.every(Boolean);
}

/** Loads the demo into an empty shop; one that an interrupted start left half is loaded anew. */
async function fillDemo(shop: ShopDatabase): Promise<void> {
  const found = await countShop(shop.url);
  if (found.isDemo && !found.whole) await startOver('demo', shop);
  else if (!isEmpty(found)) return;
  say('Loading the demo …');
  process.env.DATABASE_URL = shop.url;
  process.env.BAVRIN_LOG = 'error';
  process.env.BAVRIN_WORKER = await bundleHeavy(dataFolder('build'));
  try {
    await loadDemo(new Date());
  } finally {
    await closeDatabase();
  }
}

/** A shop that has nobody yet: the address under which its owner is made. */
async function announceFirst(address: string, { url }: ShopDatabase): Promise<void> {
  process.env.DATABASE_URL = url;
  try {
    const code = await firstCode();
    if (code) process.stdout.write(`It has nobody yet. Make its owner here: ${address}/begin?code=${code}\n`);
  } finally {
    await closeDatabase();
  }
}

function announce(mode: Mode, address: string, what: string): void {
  process.stdout.write(`${mode === 'demo' ? 'The demo' : 'Your shop'} ${what}: ${address}\n`);
  say('End it with ./bavrin stop');
}

/** At the wanted port, or the first free one from the usual up; another clone may be quicker to it. */
async function serveSomewhere(
  wanted: number | undefined,
  where: { host: string; names: string[]; url: string; secure?: SecureDoors },
): Promise<{ server: Server; port: number }> {
  for (let attempt = 0; ; attempt++) {
    const port = wanted ?? (await freePort(USUAL_PORT + attempt, where.host));
    try {
      return { server: await serve({ port, ...where, of: DATA }), port };
    } catch (error) {
      if (!(error instanceof PortTaken) || wanted !== undefined || attempt >= 5) throw error;
    }
  }
}

/** A name a machine can be called by, with a port or without. */
const HOST_NAME = /^[a-z0-9]([a-z0-9.-]{0,250}[a-z0-9])?(:\d{1,5})?$/i;

function readOptions(argv: string[]) {
  const { values } = plainly(() =>
    parseArgs({
      args: argv,
      options: {
        fresh: { type: 'boolean', default: false },
        port: { type: 'string' },
        host: { type: 'string' },
        https: { type: 'boolean', default: false },
        servers: { type: 'string' },
        name: { type: 'string', multiple: true, default: [] },
        ...KEEP_OPTIONS,
      },
    }),
  );
  const port = values.port === undefined ? undefined : Number(values.port);
  if (port !== undefined && !(Number.isInteger(port) && port >= 1 && port <= 65535)) {
    throw new Plain(`--port is ${values.port}: a whole number from 1 to 65535 is accepted`);
  }
  const odd = values.name.find((name) => !HOST_NAME.test(name));
  if (odd !== undefined) throw new Plain(`--name is ${odd}: a name as shop.example is accepted`);
  const { fresh, host, name: names, https } = values;
  const servers = wholeNumber(values.servers, 'servers', { usual: 1, least: 1, most: MOST_SERVERS });
  if (servers > 1 && !https)
    throw new Plain('--servers wants --https: somebody has to stand in front of several, under one address');
  return { fresh, port, host, names, https, servers, keep: readKeep(values) };
}

function plainly<T>(read: () => T): T {
  try {
    return read();
  } catch (error) {
    throw new Plain((error as Error).message);
  }
}
