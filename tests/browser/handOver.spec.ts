import { randomUUID } from 'node:crypto';
import type { Page } from '@playwright/test';
import { database } from '../../server/db/sql';
import { changePerson } from '../../server/people/actions';
import { listPeople } from '../../server/people/queries';
import { kept } from './kept';
import { inOwnDemo, onMachine } from './ownDemo';
import { expect, key, keysOf, saved } from './test';

const PASSWORD = 'slow bleed at the far corner';
const PINS = { Mira: '402917', Tobias: '719204' };

const test = inOwnDemo(async () => {
  for (const { id, name, role, version } of await listPeople())
    if (name in PINS) {
      const pin = PINS[name as keyof typeof PINS];
      await changePerson(id, { version, name, role, password: PASSWORD, pin });
    }
  await database('setup')`update shop set is_demo = false`;
});

test.use({
  storageState: { cookies: [], origins: [] },
  serviceWorkers: 'allow',
  provoked: [/ERR_INTERNET_DISCONNECTED|Failed to load resource|Failed to fetch/],
});

const typePin = async (page: Page, pin: string) => {
  for (const figure of pin) await page.getByRole('button', { name: figure, exact: true }).click();
};
/** Whoever is at the car gives it to somebody else; at the door or, without a network, on the page. */
const handOver = async (page: Page, from: string, to: string) => {
  await page.getByRole('button', { name: `${from} is signed in` }).click();
  await page.getByRole('link', { name: 'Somebody else is at the car' }).click();
  await page.getByRole('button', { name: new RegExp(`^${to}`) }).click();
};

/** A job of the demo, as the bay shows it. */
const openJob = async (page: Page) => {
  const link = page.getByRole('link', { name: /Long pedal after the kerbs/ });
  return `/job/${(await link.getAttribute('href'))!.split('/')[2]}`;
};

test('without a network a second person takes over with their figures; what each entered lands under their own name', async ({
  page,
  context,
}) => {
  test.slow();
  await page.request.post('/api/sign-in', {
    data: { name: 'Mira', password: PASSWORD, device: 'Trolley tablet' },
  });
  await page.goto('/');
  await handOver(page, 'Mira', 'Tobias');
  await typePin(page, PINS.Tobias);
  await handOver(page, 'Tobias', 'Mira');
  await typePin(page, PINS.Mira);
  await expect(page.getByRole('button', { name: 'Mira is signed in' })).toBeVisible();
  const job = await openJob(page);
  await page.goto('/setup/people');
  await page.goto('/');
  for (const path of [`${job}/complaint`, '/setup/people']) await kept(page, path);
  await page.close();

  await context.setOffline(true);
  const cold = await context.newPage();
  await cold.goto(`${job}/complaint`);
  await key(cold, 'Pulls to one side', 'No').click();
  await handOver(cold, 'Mira', 'Tobias');
  await typePin(cold, '000001');
  await expect(cold.getByText('Those figures are not theirs.')).toBeVisible();
  await typePin(cold, PINS.Tobias);
  await expect(cold.getByRole('button', { name: 'Tobias is signed in' })).toBeVisible();
  await key(cold, 'Hard pedal', 'No').click();
  await expect(cold.getByText('2 entries not saved yet.')).toBeVisible();
  // What the owner alone reads is gone from the device, and the tablet may be started anew.
  await cold.goto('/setup/people');
  await expect(cold.getByRole('heading', { name: /^No network/ })).toBeVisible();
  await cold.goto(`${job}/complaint`);
  await expect(cold.getByRole('button', { name: 'Tobias is signed in' })).toBeVisible();
  await expect(keysOf(cold, 'Hard pedal').getByRole('radio', { name: 'No' })).toBeChecked();

  await context.setOffline(false);
  await saved(cold);
  // The server knows who is there: a page it makes anew says so.
  await expect
    .poll(async () => (await cold.request.get('/')).text(), { timeout: 30_000 })
    .toContain('Tobias is signed in');
  const authors = await onMachine(
    () => database('setup')`
      select finding, name from findings join people on people.id = by_person
      where job_id = ${job.split('/')[2]!} and finding in ('pulls', 'pedal_hard') order by recorded_at`,
  );
  expect(authors.map(({ name }) => name)).toEqual(['Mira', 'Tobias']);
  await cold.goto('/setup/people');
  await expect(cold.getByRole('heading', { name: 'This page is for others' })).toBeVisible();
});

test('figures that the shop changed meanwhile do for nothing: what was entered waits for its author', async ({
  page,
  context,
}) => {
  test.slow();
  await page.request.post('/api/sign-in', {
    data: { name: 'Tobias', password: PASSWORD, device: `Pit phone ${randomUUID()}` },
  });
  await page.goto('/');
  await handOver(page, 'Tobias', 'Mira');
  await typePin(page, PINS.Mira);
  await handOver(page, 'Mira', 'Tobias');
  await typePin(page, PINS.Tobias);
  await page.goto(`${await openJob(page)}/complaint`);
  await context.setOffline(true);
  await handOver(page, 'Tobias', 'Mira');
  await typePin(page, PINS.Mira);
  await key(page, 'Hard pedal', 'Yes').click();
  await expect(page.getByText('1 entry not saved yet.')).toBeVisible();
  await onMachine(async () => {
    const mira = (await listPeople()).find(({ name }) => name === 'Mira')!;
    await changePerson(mira.id, { ...{ version: mira.version, name: 'Mira', role: 'owner' }, pin: '836150' });
  });
  await context.setOffline(false);
  await expect(page.getByRole('heading', { name: 'Who is at the car?' })).toBeVisible({ timeout: 30_000 });
  await page.getByRole('button', { name: /^Mira/ }).click();
  await typePin(page, '836150');
  await saved(page);
});
