import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import type { Page } from '@playwright/test';
import { ROOT } from '../../scripts/system/paths';
import { freePort } from '../../scripts/system/port';
import { endGroup, type Server, serve } from '../../scripts/system/web';
import { closeDatabase } from '../../server/db/sql';
import { as, COMMAND_LINE } from '../../server/people/actor';
import { firstCode } from '../../server/people/signIn';
import { freshDatabase } from '../support/database';
import { signedIn } from '../support/signIn';
import { atNewJob, expect, handOnLine, key, saved, test } from './test';

const NOBODY = { cookies: [], origins: [] };
const PASSWORD = 'slow bleed at the far corner';
const OTHER = 'rear pads wear on the inside';
const PIN = '402917';

/** Every page there is, with an id where it wants one. */
const PAGES = readdirSync(join(ROOT, 'app'), { recursive: true, encoding: 'utf8' })
  .filter((file) => file.endsWith('page.tsx'))
  .map((file) => `/${file.replace(/\/?page\.tsx$/, '')}`)
  // A folder in brackets shares a layout and is no part of an address.
  .map((path) => path.replace(/\/\(\w+\)/g, '').replace(/\[\w+\]/g, '00000000-0000-4000-8000-000000000001'))
  .sort();
/** What stands before anybody is in, and what a device shows that has no network. */
const OPEN = ['/begin', '/offline', '/sign-in'];

test.describe('where nobody is signed in', () => {
  test.use({ storageState: NOBODY });

  test('every page leads to the door, and back once somebody is in', async ({ page, request }) => {
    for (const path of PAGES.filter((each) => !OPEN.includes(each))) {
      const response = await request.get(path, { maxRedirects: 0 });
      expect(response.status(), path).toBe(307);
      expect(response.headers().location, path).toContain('/sign-in?to=');
    }
    await page.goto('/ledger?words=pedal');
    await expect(page.getByRole('heading', { name: 'Who is at the car?' })).toBeVisible();
    await expect(page.getByText('This is the demo')).toBeVisible();
    await page.getByRole('button', { name: /^Tobias/ }).click();
    await expect(page).toHaveURL(/\/ledger\?words=pedal$/);
    await expect(page.getByRole('button', { name: 'Tobias is signed in' })).toBeVisible();
  });

  test('a door opened by a link from elsewhere leads nowhere else', async ({ page }) => {
    await page.goto('/sign-in?to=//elsewhere.example/x');
    await page.getByRole('button', { name: /^Mira/ }).click();
    await expect(page.getByRole('heading', { name: /in the bay/ })).toBeVisible();
  });
});

test.describe('at one device', () => {
  // The last word of the page that is left may come when nobody is signed in any more.
  test.use({ provoked: [/401 \(/] });

  test('somebody else takes over at the car, and signs out', async ({ page, context }) => {
    // A session of its own: it ends with the take-over.
    await context.addCookies((await signedIn(process.env.BAVRIN_BASE!)).cookies);
    const job = await atNewJob(page, 'Shop hatch', 'Taken over at the car');
    await page.getByRole('button', { name: 'Mira is signed in' }).click();
    await page.getByRole('link', { name: 'Somebody else is at the car' }).click();
    await expect(page.getByRole('link', { name: 'Ledger' })).toHaveCount(0);
    await page.getByRole('button', { name: /^Ansel/ }).click();
    await expect(page).toHaveURL(new RegExp(`${job}/complaint$`));
    await key(page, 'Spongy pedal', 'Yes').click();
    await saved(page);
    await page.goto(`${job}/proof`);
    await expect(page.getByLabel('Closed by')).toHaveValue('Ansel');
    await page.getByRole('button', { name: 'Ansel is signed in' }).click();
    await page.getByRole('button', { name: 'Sign out', exact: true }).click();
    await expect(page.getByRole('heading', { name: 'Who is at the car?' })).toBeVisible();
    await page.goto(job);
    await expect(page).toHaveURL(/\/sign-in\?to=/);
  });
});

test.describe('what waits', () => {
  test.use({ provoked: [/net::ERR_FAILED|401 \(/] });

  test('what somebody entered and could not send goes under nobody else’s name by itself', async ({
    page,
    context,
  }) => {
    await handOnLine(page);
    const job = await atNewJob(page, 'Shop hatch', 'Entered by one, left to another');
    await page.route('**/api/jobs/*/answers', (line) => line.abort());
    await key(page, 'Spongy pedal', 'Yes').click();
    await expect(page.getByText('1 entry not saved yet.')).toBeVisible();
    await context.clearCookies();
    await context.addCookies((await signedIn(process.env.BAVRIN_BASE!, 'Tobias')).cookies);
    await page.unroute('**/api/jobs/*/answers');
    await page.goto(`${job}/complaint`);
    await expect(page.getByText('1 entry of Mira not saved yet.')).toBeVisible();
    await page.getByRole('button', { name: 'Send under my name' }).click();
    await saved(page);
    await expect(page.getByText('not saved yet')).toBeHidden();
  });
});

test.describe('a driver', () => {
  test.use({ provoked: [/40[34] \(/] });

  test('sees the own cars, tells of them, and is told what is for others', async ({
    page,
    context,
    request,
  }) => {
    const bay = await (await request.get('/')).text();
    expect(bay).toContain('Number 7, open two-seater');
    await context.clearCookies();
    await context.addCookies((await signedIn(process.env.BAVRIN_BASE!, 'Coline')).cookies);
    await page.goto('/');
    await expect(page.getByRole('main')).toContainText('Car 14, blue coupe');
    expect(await page.content()).not.toContain('Number 7');
    await expect(page.getByRole('link', { name: 'Ledger' })).toHaveCount(0);
    for (const path of ['/ledger', '/shelf', '/setup', '/setup/people', '/labels', '/car/new']) {
      await page.goto(path);
      await expect(page.getByRole('heading', { name: 'This page is for others' })).toBeVisible();
    }
    await page.goto('/');
    await page.getByRole('link', { name: /Long pedal after the kerbs/ }).click();
    await expect(page).toHaveURL(/\/job\/[^/]+\/\w+$/);
    await page.goto(`${page.url().replace(/\/\w+$/, '')}/complaint`);
    await key(page, 'Pulls to one side', 'No').click();
    await saved(page);
    await page.goto(page.url().replace('complaint', 'checks'));
    await key(page, 'Hold the pedal firmly for 30 s', 'Holds').first().click();
    await expect(page.getByText('Not entered.')).toBeVisible();
  });
});

test.describe('a shop of its own', () => {
  test.use({ storageState: NOBODY, provoked: [/4(01|03|22) \(/] });
  let server: Server;
  let drop: () => Promise<void>;
  let code: string;
  test.beforeAll(async () => {
    const fresh = await freshDatabase();
    drop = fresh.drop;
    code = (await as(COMMAND_LINE, firstCode))!;
    await closeDatabase();
    server = await serve({ port: await freePort(), host: '127.0.0.1', url: fresh.url, dist: '.next-test' });
  });
  test.afterAll(async () => {
    endGroup(server.pid);
    await drop();
  });

  const typePin = async (page: Page, pin: string) => {
    for (const figure of pin) await page.getByRole('button', { name: figure, exact: true }).click();
  };

  test('gets its owner, who takes somebody in; they come in by password, then by six figures, until the device is ended', async ({
    page,
    browser,
  }) => {
    test.slow();
    await page.goto(server.address);
    await expect(page.getByRole('heading', { name: 'This shop has nobody yet' })).toBeVisible();
    await page.goto(`${server.address}/begin?code=${code}`);
    await page.getByLabel('Your name').fill('Ada');
    await page.getByLabel('A password').fill('password1234');
    await page.getByRole('button', { name: 'Open the shop' }).click();
    await expect(page.getByText(/One that everybody uses is not taken/)).toBeVisible();
    await page.getByLabel('A password').fill(PASSWORD);
    await page.getByRole('button', { name: 'Open the shop' }).click();
    await expect(page.getByText('Nothing in the bay')).toBeVisible();

    await page.goto(`${server.address}/setup/people`);
    await page.getByRole('button', { name: 'Take somebody in' }).click();
    await page.getByLabel('Name', { exact: true }).fill('Bo');
    await page.getByLabel('Password', { exact: true }).fill(OTHER);
    await page.getByLabel('PIN', { exact: true }).fill('123456');
    await page.getByRole('button', { name: 'Take in' }).click();
    await expect(page.getByText(/One that everybody uses is not taken: 6 figures/)).toBeVisible();
    await page.getByLabel('PIN', { exact: true }).fill(PIN);
    await page.getByRole('button', { name: 'Take in' }).click();
    await expect(page.getByText('Has password and PIN.')).toBeVisible();

    const tablet = await browser.newContext({ viewport: { width: 390, height: 844 }, storageState: NOBODY });
    const trolley = await tablet.newPage();
    await trolley.goto(server.address);
    await expect(trolley.getByRole('button', { name: /^Bo/ })).toHaveCount(0);
    await trolley.getByLabel('Name', { exact: true }).fill('Bo');
    await trolley.getByLabel('Password', { exact: true }).fill(PASSWORD);
    await trolley.getByText('This device stays in the shop').click();
    await trolley.getByLabel('What the shop calls it').fill('Trolley tablet');
    await trolley.getByRole('button', { name: 'Sign in' }).click();
    await expect(trolley.getByText('do not go together')).toBeVisible();
    await trolley.getByLabel('Password', { exact: true }).fill(OTHER);
    await trolley.getByRole('button', { name: 'Sign in' }).click();
    await expect(trolley.getByText('Nothing in the bay')).toBeVisible();

    await trolley.getByRole('button', { name: 'Bo is signed in' }).click();
    await trolley.getByRole('button', { name: 'Sign out', exact: true }).click();
    await trolley.getByRole('button', { name: /^Bo/ }).click();
    await typePin(trolley, '402918');
    await expect(trolley.getByText('do not go together')).toBeVisible();
    await typePin(trolley, PIN);
    await expect(trolley.getByText('Nothing in the bay')).toBeVisible();

    await page.reload();
    await expect(page.getByText('Signed in: Bo.')).toBeVisible();
    await page.goto(`${server.address}/setup/audit`);
    const list = page.getByRole('main');
    await expect(list).toContainText('A wrong PIN on Trolley tablet');
    await expect(list).toContainText('Signed in by PIN on Trolley tablet');
    await expect(list).toContainText('Added somebody: Bo');
    await page.goto(`${server.address}/setup/people`);
    await page.getByRole('button', { name: 'End Trolley tablet' }).click();
    await expect(page.getByText('None yet.')).toBeVisible();
    await trolley.reload();
    await expect(trolley.getByRole('button', { name: /^Bo/ })).toHaveCount(0);
    await expect(trolley.getByLabel('Password', { exact: true })).toBeVisible();
    await tablet.close();
  });
});
