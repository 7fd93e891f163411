import { parseArgs } from 'node:util';
import { loadDemo } from '../../db/demo/load';
import { closeDatabase } from '../../server/db/sql';
import { freePort, isFree } from './port';
import { stopCluster } from './postgres';
import { Plain, say } from './say';
import {
  forgetServed,
  isEmpty,
  lastServed,
  type Mode,
  openShop,
  rememberServed,
  type ShopDatabase,
  startOver,
} from './shop';
import { addressOf, alive, answers, build, endServer, PortTaken, type Server, serve } from './web';

const USUAL_PORT = 4680;

/** Opens the shop or the demo: database, build, server; leaves nothing running when a step fails. */
export async function open(mode: Mode, argv: string[]): Promise<number> {
  const { fresh, port: wantedPort, host } = readOptions(argv);
  const before = lastServed();
  const address = before && addressOf(before.host, before.port);
  if (
    before &&
    address &&
    before.mode === mode &&
    !fresh &&
    alive(before.pid) &&
    (await answers(address, before.instance))
  ) {
    announce(mode, address, 'is already open');
    return 0;
  }
  if (before && alive(before.pid)) {
    if (before.mode !== mode) say(`Ending the ${before.mode === 'demo' ? 'demo' : 'shop'} that was open.`);
    endServer(before.pid);
  }
  if (wantedPort !== undefined && !(await isFree(wantedPort, host))) {
    throw new Plain(`port ${wantedPort} is taken; leave --port out to take any free one`);
  }
  const shop = await openShop(mode);
  try {
    if (fresh) await startOver(mode, shop);
    if (mode === 'demo') await fillDemo(shop);
    build();
    const { server, port } = await serveSomewhere(wantedPort, host, shop.url);
    rememberServed({
      mode,
      pid: server.pid,
      instance: server.instance,
      port,
      host,
      url: shop.url,
      folder: shop.folder,
    });
    announce(mode, server.address, 'is open');
    return 0;
  } catch (error) {
    await closeDatabase();
    if (shop.folder) stopCluster(shop.folder);
    forgetServed();
    throw error;
  }
}

async function fillDemo(shop: ShopDatabase): Promise<void> {
  if (!(await isEmpty(shop.url))) return;
  say('Loading the demo …');
  process.env.DATABASE_URL = shop.url;
  process.env.BAVRIN_LOG = 'error';
  await loadDemo(new Date());
  await closeDatabase();
}

function announce(mode: Mode, address: string, what: string): void {
  process.stdout.write(`${mode === 'demo' ? 'The demo' : 'Your shop'} ${what}: ${address}\n`);
  say('End it with ./bavrin stop');
}

/** At the wanted port, or the first free one from the usual up; another clone may be quicker to it. */
async function serveSomewhere(
  wanted: number | undefined,
  host: string,
  url: string,
): Promise<{ server: Server; port: number }> {
  for (let attempt = 0; ; attempt++) {
    const port = wanted ?? (await freePort(USUAL_PORT + attempt, host));
    try {
      return { server: await serve({ port, host, url }), port };
    } catch (error) {
      if (!(error instanceof PortTaken) || wanted !== undefined || attempt >= 5) throw error;
    }
  }
}

function readOptions(argv: string[]) {
  try {
    const { values } = parseArgs({
      args: argv,
      options: {
        fresh: { type: 'boolean', default: false },
        port: { type: 'string' },
        host: { type: 'string', default: '127.0.0.1' },
      },
    });
    const port = values.port === undefined ? undefined : Number(values.port);
    if (port !== undefined && !(Number.isInteger(port) && port >= 1 && port <= 65535)) {
      throw new Plain(`--port is ${values.port}: a whole number from 1 to 65535 is accepted`);
    }
    return { fresh: values.fresh, port, host: values.host };
  } catch (error) {
    throw error instanceof Plain ? error : new Plain((error as Error).message);
  }
}
