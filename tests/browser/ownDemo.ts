import { freePort } from '../../scripts/system/port';
import { endGroup, serve } from '../../scripts/system/web';
import { closeDatabase } from '../../server/db/sql';
import { as, COMMAND_LINE } from '../../server/people/actor';
import { freshDemo } from '../support/database';
import { test } from './test';

/** Does something as whoever works on the machine itself, in the shop's database. */
export const onMachine = <T>(work: () => Promise<T>) => as(COMMAND_LINE, work).finally(closeDatabase);

/**
 * Tests in a demo shop of their own, with nothing in the bay that others left there.
 * @param prepare what is done in its database before it is opened
 */
export function inOwnDemo(prepare: () => Promise<void> = async () => {}) {
  return test.extend<object, { own: string }>({
    own: [
      // biome-ignore lint/correctness/noEmptyPattern: Playwright wants a destructured argument
      async ({}, use) => {
        const { url, drop } = await freshDemo();
        await onMachine(prepare);
        const where = { port: await freePort(), host: '127.0.0.1', url, dist: '.next-test' };
        const server = await serve(where);
        await use(server.address);
        endGroup(server.pid);
        await drop();
      },
      { scope: 'worker', timeout: 120_000 },
    ],
    baseURL: async ({ own }, use) => {
      await use(own);
    },
  });
}
