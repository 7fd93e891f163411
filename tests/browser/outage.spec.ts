import { type AddressInfo, createServer, type Server, Socket } from 'node:net';
import { freePort } from '../../scripts/system/port';
import { endGroup, serve } from '../../scripts/system/web';
import { closeDatabase } from '../../server/db/sql';
import { freshDemo } from '../support/database';
import { signedIn } from '../support/signIn';
import { expect, key, saved, test } from './test';

/** A wire between application and database that can be cut and mended. */
class Wire {
  private server: Server | undefined;
  private readonly ends = new Set<Socket>();
  port = 0;

  constructor(private readonly target: { host: string; port: number }) {}

  async mend(): Promise<void> {
    this.server = createServer((near) => {
      const far = new Socket().connect(this.target.port, this.target.host);
      for (const end of [near, far]) {
        this.ends.add(end);
        end.on('error', () => end.destroy()).on('close', () => this.ends.delete(end));
      }
      near.pipe(far);
      far.pipe(near);
    });
    await new Promise<void>((resolve) => this.server!.listen(this.port, '127.0.0.1', resolve));
    this.port = (this.server.address() as AddressInfo).port;
  }

  async cut(): Promise<void> {
    for (const end of this.ends) end.destroy();
    await new Promise((resolve) => this.server?.close(resolve));
  }
}

test.describe(() => {
  test.use({ provoked: [/50[03] \(|React error #441|net::ERR_/] });
  test('a database that goes away mid-save: said plainly, nothing lost, saved when it is back', async ({
    page,
  }) => {
    test.slow();
    const { url, drop } = await freshDemo();
    await closeDatabase();
    const direct = new URL(url);
    const wire = new Wire({ host: direct.hostname, port: Number(direct.port) });
    await wire.mend();
    direct.port = String(wire.port);
    const server = await serve({
      port: await freePort(),
      host: '127.0.0.1',
      url: direct.href,
      dist: '.next-test',
    });
    try {
      await page.context().addCookies((await signedIn(server.address)).cookies);
      await page.goto(`${server.address}/`);
      await page.getByRole('link', { name: /Goes soft after five laps/ }).click();
      await page.getByRole('link', { name: /^Complaint/ }).click();
      await expect(page.getByRole('heading', { name: /What the driver says/ })).toBeVisible();
      await wire.cut();
      await key(page, 'Long or low pedal', 'Yes').click();
      await page.getByLabel('When and where').fill('Typed while it was away');
      await page.getByLabel('When and where').blur();
      await expect(
        page.getByText('The database does not answer. Nothing was saved; it will be tried again.'),
      ).toBeVisible({ timeout: 30_000 });
      await expect(key(page, 'Long or low pedal', 'Yes')).toHaveAttribute('data-state', 'on');
      const health = await page.request.get(`${server.address}/api/health`);
      expect(health.status()).toBe(503);
      const elsewhere = await page.context().newPage();
      await elsewhere.goto(`${server.address}/ledger`);
      await expect(
        elsewhere.getByRole('heading', { name: 'Bavrin cannot reach its database' }),
      ).toBeVisible();

      await wire.mend();
      await saved(page);
      await elsewhere.getByRole('button', { name: 'Try again' }).click();
      await expect(elsewhere.getByRole('heading', { name: 'Ledger' })).toBeVisible();
      await page.reload();
      await expect(key(page, 'Long or low pedal', 'Yes')).toHaveAttribute('data-state', 'on');
      await expect(page.getByLabel('When and where')).toHaveValue('Typed while it was away');
    } finally {
      await wire.cut().catch(() => {});
      endGroup(server.pid);
      process.env.DATABASE_URL = url;
      await drop();
    }
  });
});
