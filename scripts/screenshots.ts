import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import {
  type Browser,
  type BrowserContext,
  type BrowserContextOptions,
  chromium,
  devices,
  type Locator,
  type Page,
} from '@playwright/test';
import playwright from '../playwright.config';
import { database } from '../server/db/sql';
import { signedIn } from '../tests/support/signIn';
import { onPassingDemo } from './system/passing';
import { ROOT } from './system/paths';
import { freePort } from './system/port';
import { run, say } from './system/say';
import { endGroup, serve } from './system/web';

/** What a picture waits for comes in this time, or it says what did not; ms. */
const PATIENCE_MS = 20_000;

/** One current picture of each main view, from the demo data, into docs/screenshots. */
async function main(): Promise<number> {
  const out = join(ROOT, 'docs/screenshots');
  mkdirSync(out, { recursive: true });
  await onPassingDemo('pictures', 'error', async ({ url }) => {
    const server = await serve({ port: await freePort(), host: '127.0.0.1', url });
    try {
      await take(server.address, out);
    } finally {
      endGroup(server.pid);
    }
  });
  return 0;
}

async function jobId(complaint: string): Promise<string> {
  const [job] = await database()<
    { id: string }[]
  >`select id from jobs where complaint like ${`${complaint}%`}`;
  return job!.id;
}

type View = {
  name: string;
  path: string;
  dark?: boolean;
  phone?: boolean;
  corner?: string;
  /** The checks as a walk or a sheet; at which of the walk's areas, how many stops on. */
  mode?: 'Walk round' | 'Sheet';
  area?: string;
  skip?: number;
  /** Presses before the picture: a job of the library chosen, then buttons in turn. */
  job?: string;
  presses?: string[];
  /** Fields filled in before the picture, by label. */
  fills?: Record<string, string>;
  /** A region brought into view. */
  region?: string;
  /** What the picture is of, where presses lead to it: there is no picture before it is there. */
  shows?: (page: Page) => Locator;
};

/** A pedal with air in it, beside its own good one. */
const PEDAL: Record<string, string> = {
  'Room to the floor': '95',
  'Free play': '4',
  ...Object.fromEntries(
    [
      ['21', '18', '12'],
      ['26.5', '23.5', '16'],
      ['33.5', '30', '21.5'],
      ['40.5', '37', '27'],
    ].flatMap((row, at) =>
      ['Travel now', 'Third press', 'When good'].map((label, index) => [
        `${label}, row ${at + 1}`,
        row[index]!,
      ]),
    ),
  ),
  'FR mm': '0.08',
  'Flexible hose in all': '0.4',
  Fluid: '120',
};

const AT_A_STOP: Partial<View> = {
  ...{ mode: 'Walk round', area: 'FL', skip: 4 },
  shows: (page) => page.getByRole('button', { name: 'Skip' }),
};
const PLANNED: Partial<View> = {
  job: 'Flush and bleed',
  shows: (page) => page.getByRole('table', { name: 'Order of bleeders' }),
};
const UNDER_WAY: Partial<View> = { presses: ['Go on'], shows: (page) => page.getByTestId('run-count') };
const WITH_AIR: Partial<View> = {
  ...{ fills: PEDAL, region: 'What it means' },
  shows: (page) => page.getByRole('figure', { name: /^By suspect/ }),
};

async function take(base: string, out: string): Promise<void> {
  const browser = await chromium.launch(playwright.use?.launchOptions);
  try {
    const who = await signedIn(base);
    for (const view of await everyView()) {
      const context = await contextFor(view, browser, who);
      const page = await context.newPage();
      await page.goto(base + view.path, { waitUntil: 'networkidle' });
      await lead(page, view);
      // Drawn with its own letters, and nothing under way any more.
      await page.evaluate(() => document.fonts.ready);
      await page.waitForLoadState('networkidle');
      await page.screenshot({ path: join(out, `${view.name}.png`), animations: 'disabled' });
      await context.close();
      say(view.name);
    }
  } finally {
    await browser.close();
  }
}

async function everyView(): Promise<View[]> {
  const kerbs = await jobId('Long pedal after the kerbs');
  const kerbsCar = (await database()`select car_id from jobs where id = ${kerbs}`)[0]!.carId;
  const laps = await jobId('Goes soft after five laps');
  const spongy = await jobId('Spongy since the rear');
  const brick = await jobId('Pedal like a brick');
  const floor = await jobId('Pedal went to the floor');
  return [
    { name: 'bay', path: '/' },
    { name: 'complaint', path: `/job/${laps}/complaint` },
    { name: 'checks', path: `/job/${laps}/checks` },
    { name: 'rotor', path: `/job/${kerbs}/checks`, corner: 'front right' },
    { name: 'walk', path: `/job/${laps}/checks`, ...AT_A_STOP },
    { name: 'verdict', path: `/job/${kerbs}/verdict` },
    { name: 'work', path: `/job/${laps}/work`, ...PLANNED },
    { name: 'run', path: `/job/${spongy}/work`, ...UNDER_WAY },
    { name: 'shelf', path: '/shelf' },
    { name: 'proof', path: `/job/${brick}/proof` },
    { name: 'ledger', path: '/ledger' },
    { name: 'story', path: `/ledger/${floor}` },
    { name: 'car', path: `/car/${kerbsCar}` },
    { name: 'preparation', path: `/car/${kerbsCar}/prepare` },
    { name: 'report', path: `/car/${kerbsCar}/report` },
    { name: 'bench-fluid', path: '/bench/fluid' },
    { name: 'bench-pedal', path: '/bench/pedal', ...WITH_AIR },
    { name: 'sign-in', path: '/sign-in', dark: true },
    { name: 'checks-phone', path: `/job/${kerbs}/checks`, phone: true },
  ];
}

async function contextFor(
  { phone, dark, corner, area }: View,
  browser: Browser,
  who: BrowserContextOptions['storageState'],
): Promise<BrowserContext> {
  const context = await browser.newContext({
    storageState: who,
    viewport: phone ? { width: 390, height: 844 } : { width: 1280, height: 800 },
    ...(phone ? { userAgent: devices['Pixel 5']!.userAgent } : {}),
    colorScheme: dark ? 'dark' : 'light',
    locale: 'en-GB',
    timezoneId: 'UTC',
  });
  context.setDefaultTimeout(PATIENCE_MS);
  // A picture of one corner, or of a stop of the whole walk, has every check at hand.
  if (corner || area)
    await context.addInitScript(() => {
      for (const all of ['checks.rest', 'walk.all']) localStorage.setItem(`bavrin.kept.${all}`, 'true');
    });
  // A line that stays open would never be quiet.
  await context.route(/\/changes$/, (line) => line.abort());
  return context;
}

/** Presses and fills in what leads to the picture, and waits for what it is of. */
async function lead(page: Page, view: View): Promise<void> {
  const { corner, mode, area, skip = 0, job, presses = [], fills = {}, region, shows } = view;
  if (corner) {
    await page.getByRole('button', { name: new RegExp(`^${corner}`) }).click();
    await page
      .getByRole('region', { name: /^Rotor/ })
      .evaluate((element) => element.closest('li')!.scrollIntoView());
  }
  if (mode) await page.getByRole('radio', { name: mode }).click();
  if (area) await page.getByRole('button', { name: new RegExp(`^${area}: `) }).click();
  for (let stop = 0; stop < skip; stop++) await page.getByRole('button', { name: 'Skip' }).click();
  if (job) await page.getByLabel('Or another job').selectOption({ label: job });
  for (const press of presses) await page.getByText(press, { exact: true }).first().click();
  for (const [label, text] of Object.entries(fills)) await page.getByLabel(label, { exact: true }).fill(text);
  await shows?.(page).first().waitFor();
  if (region)
    await page.getByRole('region', { name: region }).evaluate((element) => element.scrollIntoView());
}

await run(main);
