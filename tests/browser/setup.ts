import { freePort } from '../../scripts/system/port';
import { build, endGroup, serve } from '../../scripts/system/web';
import { closeDatabase } from '../../server/db/sql';
import { freshDemo } from '../support/database';
import { keepSignedIn } from '../support/signIn';

/** A demo shop of its own on a free port; what it returns ends it. */
export default async function setup(): Promise<() => Promise<void>> {
  process.env.BAVRIN_LOG ??= 'error';
  await build('.next-test');
  const { url, drop } = await freshDemo();
  await closeDatabase();
  const server = await serve({ port: await freePort(), host: '127.0.0.1', url, dist: '.next-test' });
  process.env.BAVRIN_BASE = server.address;
  process.env.BAVRIN_SHOP_URL = url;
  await keepSignedIn(server.address);
  return async () => {
    endGroup(server.pid);
    await drop();
  };
}
