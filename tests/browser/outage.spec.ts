import { freePort } from '../../scripts/system/port';
import { endGroup, serve } from '../../scripts/system/web';
import { closeDatabase } from '../../server/db/sql';
import { freshDemo } from '../support/database';
import { signedIn } from '../support/signIn';
import { Wire } from '../support/wire';
import { expect, key, saved, test } from './test';

test.describe(() => {
  test.use({ provoked: [/50[03] \(|React error #441|net::ERR_/] });
  test('a database that goes away mid-save: said plainly, nothing lost, saved when it is back', async ({
    page,
  }) => {
    test.slow();
    const { url, drop } = await freshDemo();
    await closeDatabase();
    const { wire, url: near } = await Wire.to(url);
    const server = await serve({
      port: await freePort(),
      host: '127.0.0.1',
      url: near,
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
