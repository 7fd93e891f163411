import jsQR from 'jsqr';
import { PNG } from 'pngjs';
import { expect, test } from './test';

const MM_PT = 72 / 25.4;

test('labels say until when a bottle is good, and their codes read back to what they are stuck on', async ({
  page,
  baseURL,
}) => {
  await page.goto('/shelf');
  await page
    .getByRole('link', { name: /^Label for/ })
    .first()
    .click();
  await expect(page.getByRole('heading', { name: 'Labels' })).toBeVisible();
  await page
    .getByRole('checkbox', { name: /blue coupe/ })
    .first()
    .check();
  await page.getByLabel('Used up on the first sheet').fill('99');
  await expect(page.getByRole('alert').filter({ hasText: '99 is not taken: 0 to 23' })).toBeVisible();
  await page.getByLabel('Used up on the first sheet').fill('2');
  const places = page.locator('[data-label]');
  await expect(places).toHaveCount(4);
  await expect(places.first()).toHaveAttribute('data-label', 'used');
  const bottle = page.locator('[data-label^="bottle:"]');
  await expect(bottle).toContainText(/For the track (until|\d+ days from)/);
  for (const [label, path] of [
    [bottle, /\/shelf#lot-[-0-9a-f]{36}$/],
    [page.locator('[data-label^="car:"]'), /\/car\/[-0-9a-f]{36}$/],
  ] as const) {
    const png = PNG.sync.read(await label.getByRole('img').screenshot());
    const read = jsQR(new Uint8ClampedArray(png.data), png.width, png.height);
    expect(read?.data.startsWith(baseURL!)).toBe(true);
    expect(read!.data).toMatch(path);
  }
});

test('a sheet prints on A4, a roll one label a page of its own size', async ({ page }) => {
  await page.goto('/labels');
  await page.getByRole('checkbox').nth(0).check();
  await page.getByRole('checkbox').nth(1).check();
  const boxes = async () => {
    const pdf = (await page.pdf({ preferCSSPageSize: true })).toString('latin1');
    return [...pdf.matchAll(/\/MediaBox\s*\[\s*0 0 ([\d.]+) ([\d.]+)/g)].map(([, width, height]) => [
      Math.round(Number(width) / MM_PT),
      Math.round(Number(height) / MM_PT),
    ]);
  };
  expect(await boxes()).toEqual([[210, 297]]);
  await page.getByRole('radio', { name: /^Roll/ }).click();
  await expect(page.locator('[data-label-page="roll"]')).toHaveCount(2);
  expect(await boxes()).toEqual([
    [62, 29],
    [62, 29],
  ]);
});

test('a code of a part opens its line on the car', async ({ page }) => {
  await page.goto('/labels');
  await page
    .getByRole('group', { name: 'Parts on cars' })
    .getByRole('checkbox', { name: /blue coupe/ })
    .first()
    .check();
  const code = await page.locator('[data-label^="part:"]').getByRole('img').getAttribute('aria-label');
  await page.goto(new URL(code!.replace('Code for ', '')).href);
  const id = new URL(page.url()).hash.slice(1);
  await expect(page.locator(`#${id}`)).toBeInViewport();
});
