import { signedIn } from '../support/signIn';
import { kept } from './kept';
import { inOwnDemo } from './ownDemo';
import { pictureOf } from './picture';
import { choose, count, runOn } from './running';
import { expect, key, newJob, pickCar, saved } from './test';

const test = inOwnDemo();

test.use({
  storageState: async ({ own }, use) => {
    await use(await signedIn(own));
  },
  serviceWorkers: 'allow',
  provoked: [/ERR_INTERNET_DISCONNECTED|Failed to load resource|Failed to fetch/],
});

test('from a cold start without a network a job goes through its stages; what was entered lands once there is one', async ({
  page,
  context,
}) => {
  test.slow();
  const job = await newJob(page, 'Shop hatch', 'Soft, far from any network');
  await page.goto('/');
  await kept(page, `${job}/proof`);
  await kept(page, '/bench/heat');
  await page.close();
  await context.setOffline(true);

  // The tablet is started anew: nothing but what it kept.
  const cold = await context.newPage();
  await cold.goto('/');
  await cold.getByRole('link', { name: /Soft, far from any network/ }).click();
  await expect(cold).toHaveURL(/\/complaint$/);
  await key(cold, 'Spongy pedal', 'Yes').click();
  await expect(cold.getByText('1 entry not saved yet.')).toBeVisible();
  await expect(cold.getByRole('complementary', { name: 'Leaning rail' })).toContainText('Air in the lines');
  for (const stage of ['checks', 'verdict', 'work', 'proof']) {
    await cold.goto(`${job}/${stage}`);
    await expect(cold.getByRole('main')).toBeVisible();
    await expect(cold.getByText('1 entry not saved yet.')).toBeVisible();
  }
  await cold.goto(`${job}/complaint`);
  await expect(key(cold, 'Spongy pedal', 'Yes')).toHaveAttribute('data-state', 'on');
  await cold.goto('/bench/heat');
  await expect(cold.getByRole('main')).toContainText('inside 600 °C');
  await cold.goto('/ledger/never-seen');
  await expect(cold.getByRole('heading', { name: /^No network/ })).toBeVisible();
  await cold.getByRole('link', { name: 'To the bay' }).click();
  await expect(cold.getByRole('link', { name: /Soft, far from any network/ })).toBeVisible();

  await context.setOffline(false);
  await cold.goto(`${job}/complaint`);
  await saved(cold);
  const sheet = await (await cold.request.get(`/api${job.replace('/job/', '/jobs/')}`)).json();
  expect(sheet.answers.filter((row: { finding: string }) => row.finding === 'pedal_spongy')).toHaveLength(1);
});

test('a run is planned, begun and gone on with without a network, from a cold start, on a job the server knows', async ({
  page,
  context,
}) => {
  test.slow();
  const job = await newJob(page, 'Shop hatch', 'A flush, far from any network');
  await page.goto('/');
  await kept(page, `${job}/work`);
  const known = `/api${job.replace('/job/', '/jobs/')}`;
  const { car } = await (await page.request.get(known)).json();
  await kept(page, known);
  await kept(page, `/api/cars/${car.id}/blank`);
  await page.close();
  await context.setOffline(true);

  const cold = await context.newPage();
  await cold.goto(`${job}/work`);
  await choose(cold, 'Flush and bleed');
  await cold.getByRole('button', { name: 'Start' }).click();
  await expect(cold).toHaveURL(/\/run\//);
  await expect(count(cold)).toContainText(/^0 of/);
  await runOn(cold, 'RR, rear right');
  const before = await count(cold).textContent();
  // The battery: it is taken up where it stands.
  await cold.reload();
  await expect(count(cold)).toHaveText(before!);
  await expect(cold.getByText(/entries not saved yet/)).toBeVisible();

  await context.setOffline(false);
  await saved(cold);
  const sheet = await (await cold.request.get(known)).json();
  expect(sheet.works).toHaveLength(1);
  expect(sheet.ticks.length).toBeGreaterThan(0);
  await cold.reload();
  await expect(count(cold)).toHaveText(before!);
});

test('a job begins and ends without a network, and stands on the server once there is one', async ({
  page,
  context,
}) => {
  test.slow();
  await page.goto('/');
  await kept(page, '/job/new');
  await kept(page, '/job/kept');
  const hatch = await page
    .locator('a[href^="/car/"]', { hasText: 'Shop hatch, grey' })
    .first()
    .getAttribute('href');
  await kept(page, `/api/cars/${hatch!.split('/').at(-1)}/blank`);
  await page.close();
  await context.setOffline(true);

  const cold = await context.newPage();
  await cold.goto('/job/new');
  await pickCar(cold, 'Shop hatch');
  await cold.getByLabel('What the driver says, in one line').fill('Begun in a field');
  await cold.getByRole('button', { name: 'Open the job' }).click();
  await expect(cold.getByRole('heading', { name: /What the driver says/ })).toBeVisible();
  const job = new URL(cold.url()).pathname.replace('/complaint', '');
  await key(cold, 'Spongy pedal', 'Yes').click();
  await expect(cold.getByRole('complementary', { name: 'Leaning rail' })).toContainText('Air in the lines');
  await cold.goto('/');
  await cold.getByRole('link', { name: /Begun in a field/ }).click();
  await expect(key(cold, 'Spongy pedal', 'Yes')).toHaveAttribute('data-state', 'on');

  await cold.goto(`${job}/checks`);
  const photographs = cold.getByRole('region', { name: 'Photographs' });
  await photographs.locator('input[type="file"]').setInputFiles({
    ...{ name: 'p.png', mimeType: 'image/png', buffer: await pictureOf(cold) },
  });
  await photographs.getByLabel('What it shows').fill('As it was found');
  await photographs.getByRole('button', { name: 'Keep it' }).click();
  await expect(photographs.getByText('As it was found, not sent yet')).toBeVisible();

  await cold.goto(`${job}/proof`);
  await key(cold, 'Pedal as you find it now', 'Firm').click();
  await key(cold, 'Hold the pedal firmly for 30 s', 'Holds').click();
  await key(cold, 'Outcome', 'No change').click();
  await cold.getByRole('button', { name: 'Close and write the record' }).click();
  await expect(cold.getByRole('link', { name: 'The whole story' })).toBeVisible();
  await expect(cold.getByText(/^6 entries not saved yet/)).toBeVisible();

  await context.setOffline(false);
  await cold.goto('/');
  await saved(cold);
  const sheet = await (await cold.request.get(`/api${job.replace('/job/', '/jobs/')}`)).json();
  expect(sheet.job).toMatchObject({ complaint: 'Begun in a field', outcome: 'no_change', closedBy: 'Mira' });
  expect(sheet.answers).toHaveLength(3);
  expect(sheet.photos[0]).toMatchObject({ caption: 'As it was found' });
  await expect(cold.getByRole('list', { name: 'Begun here, not sent yet' })).toHaveCount(0);
});

test('days on track, fills, set-ups and bottles are noted without a network, and stand once there is one', async ({
  page,
  context,
}) => {
  test.slow();
  await page.goto('/');
  const car = await page
    .locator('a[href^="/car/"]', { hasText: 'Shop hatch, grey' })
    .first()
    .getAttribute('href');
  await kept(page, '/shelf');
  await kept(page, car!);
  await page.close();
  await context.setOffline(true);

  const cold = await context.newPage();
  await cold.goto(car!);
  const waiting = cold.getByRole('list', { name: 'Not sent yet' });
  // Nothing loads the page anew meanwhile: what is being typed elsewhere on it stays.
  await cold.evaluate(() => Object.assign(window, { loaded: 'once' }));
  await cold.getByRole('button', { name: 'Add a day' }).click();
  await cold.getByLabel('Event', { exact: true }).fill('Wet Thursday');
  await cold.getByLabel('Date', { exact: true }).fill('26.11.2026');
  await cold.getByLabel('Sessions', { exact: true }).fill('many');
  await cold.getByRole('button', { name: 'Note it' }).click();
  await expect(cold.getByText(/"many" is not taken/)).toBeVisible();
  await cold.getByLabel('Sessions', { exact: true }).fill('4');
  await cold.getByRole('button', { name: 'Note it' }).click();
  await expect(waiting).toContainText('Day on track: Wet Thursday');
  await cold.getByRole('button', { name: 'Note a track' }).click();
  await cold.getByLabel('Track, as the shop calls it').fill('The short loop');
  await cold.getByRole('button', { name: 'Note it' }).click();
  await expect(cold.getByText('Set-up for The short loop')).toBeVisible();
  expect(await cold.evaluate(() => (window as unknown as { loaded?: string }).loaded)).toBe('once');
  await cold.goto('/shelf');
  const open = cold.getByRole('button', { name: 'Open one' }).first();
  await open.click();
  await expect(waiting).toContainText('A bottle opened');
  await expect(open).toBeDisabled();
  await cold.reload();
  await expect(waiting).toContainText('A bottle opened');
  await expect(cold.getByText('3 entries not saved yet.')).toBeVisible();

  await context.setOffline(false);
  await saved(cold);
  await expect(waiting).toHaveCount(0);
  await cold.goto(car!);
  await expect(cold.getByRole('button', { name: 'Drop Wet Thursday' })).toBeVisible();
  await expect(cold.getByRole('button', { name: 'Drop the set-up for The short loop' })).toBeVisible();
});

test('what a device keeps is of whoever is signed in: nothing is entered under the name of somebody before them', async ({
  page,
  context,
  own,
}) => {
  test.slow();
  await page.goto('/');
  await kept(page, '/shelf');
  await context.addCookies((await signedIn(own, 'Tobias')).cookies);
  await page.goto('/');
  const shelf = () => page.evaluate(async () => (await caches.match('/shelf'))?.text());
  await expect.poll(shelf, { timeout: 60_000 }).toContain('Tobias is signed in');
  await context.setOffline(true);
  await page.goto('/shelf');
  await expect(page.getByRole('button', { name: 'Tobias is signed in' })).toBeVisible();
});
