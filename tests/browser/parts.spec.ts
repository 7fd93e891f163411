import { expect, test } from './test';

test('how parts last: by name, lives that did not end counted as such, with the curve and each life', async ({
  page,
}) => {
  await page.goto('/ledger');
  await page.getByRole('link', { name: 'How parts last' }).click();
  await expect(page.getByRole('heading', { name: 'How parts last' })).toBeVisible();
  const pads = page.getByRole('listitem').filter({ hasText: 'Street pads, saloon front' }).first();
  await expect(pads).toContainText(/\d lives, \d ended/);
  await pads.getByRole('button').first().click();
  await expect(
    page.getByRole('figure', { name: 'Share of Street pads, saloon front still good, by sessions' }),
  ).toBeVisible();
  await expect(pads).toContainText('at its limit');
  await expect(pads).toContainText('and still on');
  await pads.getByRole('link', { name: 'Club saloon, white' }).first().click();
  await expect(page).toHaveURL(/#fitted$/);
});

test('a part’s wear opens to its life, its limit and the fan of its forecast, with the day it has to last to', async ({
  page,
}) => {
  await page.goto('/');
  await page
    .getByRole('link', { name: /blue coupe/ })
    .last()
    .click();
  await page.waitForURL(/\/car\//);
  const wear = page.getByRole('region', { name: /^Wear/ });
  await wear.getByRole('button', { name: /^FL inner pad/ }).click();
  const figure = wear.getByRole('figure', {
    name: 'FL inner pad over its sessions, with its limit and forecast',
  });
  await expect(figure.getByRole('img')).toBeVisible();
  const box = (await figure.boundingBox())!;
  expect(box.height).toBeGreaterThan(250);
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(1280);
});

test('parts of a kind stand side by side, are told of one car or circuit, and what a session of them costs', async ({
  page,
}) => {
  await page.goto('/ledger/parts');
  await expect(page.getByRole('region', { name: 'Side by side' })).toBeVisible();
  await expect(
    page.getByRole('figure', { name: /^Share of .*Track pads, coupe front/ }).first(),
  ).toBeVisible();
  const track = page.getByRole('listitem').filter({ hasText: 'Track pads, coupe front' }).first();
  await expect(track).toContainText(/EUR\s\d+\.\d\d a session, of \d that ended/);
  await page.getByLabel('Car', { exact: true }).selectOption({ label: 'Club saloon, white' });
  await expect(page).toHaveURL(/car=/);
  await expect(track).toHaveCount(0);
  await page.getByLabel('Car', { exact: true }).selectOption('');
  await page.getByLabel('Mostly on circuits that are').selectOption('mixed');
  await expect(page).toHaveURL(/circuit=mixed/);
  await expect(
    page.getByRole('listitem').filter({ hasText: 'Street pads, saloon front' }).first(),
  ).toBeVisible();
  await page.getByLabel('Mostly on circuits that are').selectOption('twisty');
  await expect(page.getByText('Street pads, saloon front')).toHaveCount(0);
});

test('the ledger says what it comes to, cause by cause, and goes out for a spreadsheet', async ({ page }) => {
  await page.goto('/ledger?words=pedal');
  await page.getByRole('link', { name: 'What it comes to' }).click();
  await expect(page.getByText('“pedal”')).toBeVisible();
  const row = page.getByRole('row').filter({ hasText: 'Fluid boiled: too much water in it' });
  await expect(row).toContainText(/\d of \d/);
  const file = page.waitForEvent('download');
  await page.getByRole('link', { name: 'For a spreadsheet' }).click();
  expect((await file).suggestedFilename()).toBe('bavrin-ledger.csv');
  await row.getByRole('link').click();
  await expect(page).toHaveURL(/\/ledger\?words=pedal&cause=fluid_boiled_wet/);
});
