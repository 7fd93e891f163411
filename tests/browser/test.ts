import { randomUUID } from 'node:crypto';
import { type BrowserContext, test as base, expect, type Locator, type Page } from '@playwright/test';
import postgres from 'postgres';
import type { FindEntry } from '../../core/exchange/find/entry';

/** Any number: of the advisory lock that whoever changes the setup holds. */
const SETUP_LOCK = 4711;

type Options = {
  /** What this test provokes on purpose and the browser then reports: a cut line, a refusal of the server's. */
  provoked: RegExp[];
};

/**
 * Pages start at the shop that the set-up opened. A page that throws, or writes an error to its console, fails its test,
 * other pages of the test included.
 */
export const test = base.extend<Options & { quiet: undefined; setupAlone: undefined }>({
  // biome-ignore lint/correctness/noEmptyPattern: Playwright wants a destructured argument
  baseURL: async ({}, use) => {
    await use(process.env.BAVRIN_BASE);
  },
  provoked: [[], { option: true }],
  // Whoever saves the setup has it to himself: the shop is one for all tests that run at a time.
  // biome-ignore lint/correctness/noEmptyPattern: likewise
  setupAlone: async ({}, use) => {
    const sql = postgres(process.env.BAVRIN_SHOP_URL!, { max: 1 });
    await sql`select pg_advisory_lock(${SETUP_LOCK})`;
    await use(undefined);
    await sql.end();
  },
  quiet: [
    async ({ browser, page, provoked }, use) => {
      // Most tests press some check: every one is in sight. What stands open at first has tests of its own.
      await page.addInitScript(() => {
        try {
          for (const all of ['bavrin.kept.checks.rest', 'bavrin.kept.walk.all'])
            if (localStorage.getItem(all) === null) localStorage.setItem(all, 'true');
        } catch {
          // A test of a browser that keeps nothing.
        }
      });
      const errors: string[] = [];
      const listen = (each: Page) => {
        each.on('pageerror', (error) => errors.push(`threw: ${error.message}`));
        each.on('console', (message) => {
          if (message.type() === 'error') errors.push(`${message.text()} (${message.location().url})`);
        });
      };
      listen(page);
      page.context().on('page', listen);
      const opened = (context: BrowserContext) => context.on('page', listen);
      browser.on('context', opened);
      await use(undefined);
      browser.off('context', opened);
      const unasked = errors.filter((error) => !provoked.some((shape) => shape.test(error)));
      if (unasked.length > 0) throw new Error(`the page complained: ${unasked.join('; ')}`);
    },
    { auto: true },
  ],
});

export { expect } from '@playwright/test';

/** Picks a car on the page of a new complaint: by typing its name where there are many. */
export async function pickCar(page: Page, name: string): Promise<void> {
  await page.getByRole('group', { name: 'Which car' }).waitFor();
  const finder = page.getByLabel('Find a car');
  if ((await finder.count()) > 0) await finder.fill(name);
  await page.getByRole('radio', { name: new RegExp(name) }).click();
}

/**
 * Opens a new job on a car of the shop, and gives its address. No page is loaded for it: how the screens open one is
 * tried where that is the question.
 */
export async function newJob(page: Page, car: string, complaint: string): Promise<string> {
  const entries = (await (await page.request.get('/api/find')).json()) as FindEntry[];
  const cars = entries.filter(({ kind, title }) => kind === 'car' && title.includes(car));
  expect(cars, `cars called ${car}`).toHaveLength(1);
  const body = { id: randomUUID(), carId: cars[0]!.href.replace('/car/', ''), complaint, neededAt: null };
  const reply = await page.request.post('/api/jobs', { data: body });
  expect(reply.ok(), await reply.text()).toBe(true);
  return `/job/${body.id}`;
}

/** The same, and goes to its first page, which is awake then. */
export async function atNewJob(page: Page, car: string, complaint: string): Promise<string> {
  const job = await newJob(page, car, complaint);
  await page.goto(`${job}/complaint`);
  await expect.poll(() => isAwake(page.getByRole('heading', { name: /What the driver says/ }))).toBe(true);
  return job;
}

/** Gives an answer of a job as somebody at another screen would. */
export async function answerElsewhere(page: Page, job: string, finding: string, state: string, place = '') {
  const data = { id: randomUUID(), phase: 'before', finding, state, place, replaces: null, why: '' };
  const reply = await page.request.post(`/api${job.replace('/job', '/jobs')}/answers`, { data });
  expect(reply.ok(), await reply.text()).toBe(true);
}

/** Whether something drawn by the server is taken over by the page. Nothing public says so (`public/early.js`). */
export const isAwake = (part: Locator) =>
  part.evaluate((element) => Object.keys(element).some((each) => each.startsWith('__reactProps$')));

/** The row of a question, by what it is called. */
export function row(page: Page, label: string): Locator {
  return page.locator('main li').filter({ has: keysOf(page, label) });
}

/** One of the keys of a question. */
export function key(page: Page, question: string, state: string): Locator {
  const keys = keysOf(page, question);
  return keys
    .getByRole('radio', { name: state, exact: true })
    .or(keys.getByRole('button', { name: state, exact: true }));
}

/** The keys of a question: of one answer, or of several that can hold at one place. */
export function keysOf(page: Page, question: string): Locator {
  const name = { name: question, exact: true };
  return page.getByRole('radiogroup', name).or(page.getByRole('toolbar', name));
}

/** Waits until everything entered has reached the server. */
export async function saved(page: Page): Promise<void> {
  await page.locator('[data-unsent="0"]').waitFor({ state: 'attached' });
}

/** Presses Tab until the element has the focus, as a person without a mouse would. */
export async function tabTo(page: Page, target: Locator, most = 250): Promise<void> {
  await target.waitFor();
  for (let press = 0; press < most; press++) {
    if (await target.evaluate((element) => element === document.activeElement)) return;
    await page.keyboard.press('Tab');
  }
  throw new Error('the focus never got there');
}

/** Puts a hand on the line before a page is loaded: one that is there may send past what cuts it later, on a busy machine. */
export async function handOnLine(page: Page): Promise<void> {
  await page.route('**/no-such-address', (line) => line.continue());
}

/** A page with no line to the server: it hears of nothing that others do until it asks, and is quiet when it has what it needs. */
export async function withoutLine(page: Page): Promise<void> {
  await page.addInitScript(() => {
    window.EventSource = class extends EventTarget {
      close() {}
    } as never;
  });
}
