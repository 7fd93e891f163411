import { pictureOf } from './picture';
import { choose, runOn } from './running';
import { expect, newJob, saved, test } from './test';

/** A phone: what fits there fits a desk. */
const WIDTH = 390;

test(`a corner is photographed as it was found, made small, opened large, dropped and put back`, async ({
  page,
}) => {
  await page.setViewportSize({ width: WIDTH, height: 844 });
  const job = await newJob(page, 'Shop hatch', 'Grinds');
  await page.goto(`${job}/checks`);
  const part = page.getByRole('region', { name: 'Photographs' });
  const input = part.locator('input[type="file"]');
  await input.setInputFiles({ name: 'note.txt', mimeType: 'image/png', buffer: Buffer.from('no picture') });
  await expect(part.getByRole('alert')).toContainText('note.txt is no picture');
  await input.setInputFiles({ name: 'p.png', mimeType: 'image/png', buffer: await pictureOf(page) });
  await part.getByLabel('What it shows').fill('Inner pad, down to the plate');
  await part.getByRole('button', { name: 'Keep it' }).click();
  const small = part.getByRole('img', { name: 'Inner pad, down to the plate' });
  await expect(small).toBeVisible();
  await expect.poll(() => small.evaluate((image: HTMLImageElement) => image.naturalWidth)).toBe(1400);
  await page.reload();
  const dropIt = page.getByRole('dialog').getByRole('button', { name: 'Drop it' });
  // The checks over it fold open as the page wakes: aimed at too early, a press goes beside it.
  await expect(async () => {
    await part.getByRole('button', { name: 'Open: Inner pad, down to the plate' }).click();
    await dropIt.waitFor({ timeout: 1000 });
  }).toPass();
  await dropIt.click();
  await expect(small).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(small).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(WIDTH);
  const { car } = await (await page.request.get(`/api/jobs/${job.split('/').at(-1)}`)).json();
  await page.goto(`/car/${car.id}`);
  await expect(page.getByRole('img', { name: 'Inner pad, down to the plate' }).first()).toBeVisible();
});

test('a point of the car’s own sheet is photographed at its step, and shown at the same step of the next job', async ({
  page,
}) => {
  const job = await newJob(page, 'Club saloon', 'Flush with a picture');
  await page.goto(`${job}/work`);
  await choose(page, 'Flush and bleed');
  await page.getByRole('button', { name: 'Start' }).click();
  await page.getByRole('button', { name: /: Lifted at, stands at$/ }).click();
  await page
    .locator('input[type="file"]')
    .setInputFiles({ name: 'p.png', mimeType: 'image/png', buffer: await pictureOf(page) });
  await page.getByLabel('What it shows').fill('Jack goes here');
  await page.getByRole('button', { name: 'Keep it', exact: true }).click();
  await expect(page.getByRole('img', { name: 'Jack goes here' })).toBeVisible();
  await runOn(page, 'RR, rear right');
  await saved(page);
  const again = await newJob(page, 'Club saloon', 'Pads with a picture');
  await page.goto(`${again}/work`);
  await choose(page, 'New pads, axle set');
  await page.getByRole('button', { name: 'Start' }).click();
  await expect(page.getByRole('img', { name: 'Jack goes here' })).toBeVisible();
});
