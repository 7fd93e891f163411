import type { Page } from '@playwright/test';
import { freePort } from '../../scripts/system/port';
import { endGroup, serve } from '../../scripts/system/web';
import { closeDatabase } from '../../server/db/sql';
import { freshDemo } from '../support/database';
import { signedIn } from '../support/signIn';
import { Wire } from '../support/wire';
import { choose } from './running';
import { expect, key, newJob, saved, test } from './test';

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
      // It comes back by itself.
      await expect(elsewhere.getByRole('heading', { name: 'Ledger' })).toBeVisible({ timeout: 30_000 });
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

/** Waits until a page has all that it fetches once it is at rest: it begins some seconds after it was loaded, and goes piece by piece. */
async function atRest(page: Page): Promise<void> {
  const fetched = () => page.evaluate(() => performance.getEntriesByType('resource').length);
  await page.waitForTimeout(7_000);
  for (let before = -1, now = await fetched(); now !== before; now = await fetched()) {
    before = now;
    await page.waitForTimeout(2_500);
  }
}

test.describe('on a plain address, where no worker keeps the build', () => {
  test.use({ provoked: [/ERR_INTERNET_DISCONNECTED|Failed to load resource|Failed to fetch/] });
  test('what a page may open is there when the network goes: cards, the way round, keys, help, what can be found', async ({
    page,
    context,
  }) => {
    await page.goto(await newJob(page, 'Shop hatch', 'Soft, and the network comes and goes'));
    await page.getByRole('link', { name: /^Checks/ }).click();
    await expect(page.getByRole('heading', { name: /^Checks/ })).toBeVisible();
    await atRest(page);
    await context.setOffline(true);

    await page.getByRole('button', { name: /^front left/ }).click();
    await page.getByRole('radio', { name: 'Walk round' }).click();
    await expect(page.getByRole('region', { name: 'Walk round the car' })).toBeVisible();
    await page.getByRole('radio', { name: 'Sheet' }).click();
    await expect(page.getByRole('main')).toContainText('Enter goes down a corner');
    await page.keyboard.press('Escape');
    await page.locator('body').press('?');
    await expect(page.getByRole('dialog')).toContainText('Keys');
    await page.keyboard.press('Escape');
    await page.locator('body').press('Control+k');
    await expect(page.getByRole('dialog')).toBeVisible();
    await page.keyboard.press('Escape');
    await expect(page.getByRole('heading', { name: 'This page could not be shown' })).toHaveCount(0);
    await context.setOffline(false);
  });

  test('a network that goes before a page has come to rest holds up no closing: it waits, and lands', async ({
    page,
    context,
  }) => {
    const job = await newJob(page, 'Shop hatch', 'Squeals, and the network is gone at once');
    await page.goto(`${job}/proof`);
    await context.setOffline(true);
    await key(page, 'Outcome', 'No change').click();
    await page.getByRole('button', { name: 'Close and write the record' }).click();
    await expect(page.getByRole('link', { name: 'The whole story' })).toBeVisible();
    await expect(page.getByText(/not saved yet/)).toBeVisible();
    await context.setOffline(false);
    await saved(page);
    const sheet = await (await page.request.get(`/api${job.replace('/job/', '/jobs/')}`)).json();
    expect(sheet.job).toMatchObject({ outcome: 'no_change', closedBy: 'Mira' });
  });

  test('a part of a run that the network took with it is waited for by itself: the rest stays, and it comes', async ({
    page,
    context,
  }) => {
    await page.goto(`${await newJob(page, 'Club saloon', 'Soft, and the network is gone at once')}/work`);
    await choose(page, 'Flush and bleed');
    await page.getByRole('button', { name: 'Start' }).click();
    await page.getByRole('button', { name: /^All \d done, next/ }).click();
    await saved(page);
    await page.reload();
    await expect(page.getByRole('button', { name: 'It held' })).toBeVisible();
    await context.setOffline(true);
    await page.getByRole('button', { name: 'It fell' }).click();
    const trouble = page.getByRole('region', { name: 'The gauge fell' });
    await expect(page.getByRole('heading', { name: /^Flush and bleed/ })).toBeVisible();
    await expect(page.getByRole('button', { name: 'Step back' })).toBeVisible();
    await expect(trouble).toHaveCount(0);
    await context.setOffline(false);
    await expect(trouble).toContainText('Cap seal first');
  });

  test('a way to a page that cannot be had is not taken: this one stays, says so, and what was entered is sent later', async ({
    page,
    context,
  }) => {
    await page.goto(await newJob(page, 'Shop hatch', 'Soft, and the server is asleep'));
    await atRest(page);
    await context.setOffline(true);
    await key(page, 'Spongy pedal', 'Yes').click();
    // What judges it was begun before.
    await expect(page.getByRole('complementary', { name: 'Leaning rail' })).toContainText('Air in the lines');
    await page.getByRole('link', { name: /^Verdict/ }).click();
    await expect(page.getByText('This page stays')).toBeVisible();
    // The way by keys is asked in vain before the network is back: it would be gone, and rightly.
    const askedInVain = page.waitForEvent('requestfailed', (request) =>
      request.url().includes('/api/health'),
    );
    await page.locator('body').press('g');
    await page.locator('body').press('s');
    await askedInVain;
    await expect(page).toHaveURL(/\/complaint$/);
    await expect(key(page, 'Spongy pedal', 'Yes')).toHaveAttribute('data-state', 'on');

    await context.setOffline(false);
    await saved(page);
    await page.getByRole('link', { name: /^Verdict/ }).click();
    await expect(page).toHaveURL(/\/verdict$/);
  });
});
