import { expect, test } from './test';

test.use({ provoked: [/422 \(Unprocessable/] });

test('a car goes out as one file and comes in again under a name of its own', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('link', { name: /Long pedal after the kerbs/ }).click();
  await page.waitForURL(/\/job\//);
  const cars = (await (await page.request.get('/api/find')).json()) as {
    kind: string;
    href: string;
    title: string;
  }[];
  const car = cars.find(({ kind, title }) => kind === 'car' && title.includes('blue coupe'))!;
  await page.goto(car.href);
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: 'As one file' }).click();
  const file = await (await download).path();
  const written = (await (
    await page.request.get(`/api${car.href.replace('/car/', '/cars/')}/file`)
  ).json()) as {
    id: string;
    jobs: unknown[];
    parts: { id: string }[];
  };
  expect(written.jobs.length).toBeGreaterThan(5);

  // Here it is known: its page opens, and nothing is there twice.
  await page.goto('/car/new');
  await page.getByRole('button', { name: 'Or from a file that another shop wrote out' }).click();
  await page.getByLabel('A car’s file').setInputFiles(file);
  await expect(page).toHaveURL(new RegExp(written.id));

  // Of another car with that name a name of its own is asked.
  const twin = { ...written, id: crypto.randomUUID(), events: [], fills: [], parts: [], jobs: [] };
  await page.goto('/car/new');
  await page.getByRole('button', { name: 'Or from a file that another shop wrote out' }).click();
  await page.getByLabel('A car’s file').setInputFiles({
    name: 'twin.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify(twin)),
  });
  await expect(
    page.getByRole('alert').filter({ hasText: 'a name no other car of this shop has' }),
  ).toBeVisible();
  await page.getByLabel('Its name here').fill('The coupe’s twin');
  await page.getByRole('button', { name: 'Take it in under that name' }).click();
  await expect(page.getByRole('heading', { name: 'The coupe’s twin' })).toBeVisible();
});
