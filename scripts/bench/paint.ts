import type { BrowserContext, Locator, Page } from '@playwright/test';
import { database } from '../../server/db/sql';
import { onBrowser } from './onBrowser';
import { spread } from './spread';

/** How many times slower than this machine's own processor. */
const SLOWED = 4;
/** What is aimed at, ms. */
const AIM_MS = 100;
/** The browser tells of nothing quicker, ms. */
const TOLD_FROM_MS = 16;
/** Between two things that are done, so that each is one of its own, ms. */
const APART_MS = 150;
/** A finger stays on a key for so long, ms: what it comes down on answers that before it is lifted. */
const HELD_MS = 80;

/** After the list has taken the sheet's place, ms. */
const SETTLED_MS = 1500;
/** Checks answered, at most. */
const PRESSES = 12;

/** Every interaction the browser timed, from what was done to the next paint after it. */
type Watched = { paints: Map<number, number> };

/**
 * From a key or a press to the next paint on the checks as a sheet, all four corners typed full, with the processor
 * slowed: what the browser itself says (Event Timing; the largest of an interaction's events).
 */
export async function paintFigures(url: string): Promise<void> {
  await onBrowser(url, async (context, address) => {
    const page = await typedSheet(context, address);
    await watch(page);
    const typed = await paintsOf(page, () => typeOver(page));
    const pressed = await paintsOf(page, () => press(page));
    for (const [what, times] of Object.entries({ 'a key typed': typed, 'a press': pressed }))
      console.log(
        `to the next paint, four corners typed, ${SLOWED} times slower, ${what}: ${spread(times)}; ${times.filter((time) => time > AIM_MS).length} over ${AIM_MS} ms`,
      );
  });
}

/** The checks of an open job as a sheet, with a figure in every cell. */
async function typedSheet(context: BrowserContext, address: string): Promise<Page> {
  const [job] = await database()`select id from jobs where closed_at is null order by number limit 1`;
  const page = await context.newPage();
  await page.goto(`${address}/job/${job!.id}/checks`);
  await page.getByRole('radio', { name: 'Sheet' }).click();
  await page.getByLabel('Runout RR station 8').waitFor();
  for (const cell of await page.getByLabel(/^Runout \w\w station/).all()) await cell.fill('0.03');
  for (const cell of await page.getByLabel(/^Thickness \w\w station/).all()) await cell.fill('31.2');
  for (const cell of await page.getByLabel(/^(Inner|Outer) pad \w\w/).all()) await cell.fill('9.4');
  const control = await context.newCDPSession(page);
  await control.send('Emulation.setCPUThrottlingRate', { rate: SLOWED });
  return page;
}

async function watch(page: Page): Promise<void> {
  await page.evaluate((durationThreshold) => {
    const watched = window as unknown as Watched;
    watched.paints = new Map();
    new PerformanceObserver((list) => {
      for (const entry of list.getEntries() as (PerformanceEntry & { interactionId: number })[])
        if (entry.interactionId > 0)
          watched.paints.set(
            entry.interactionId,
            Math.max(entry.duration, watched.paints.get(entry.interactionId) ?? 0),
          );
    }).observe({ type: 'event', durationThreshold } as PerformanceObserverInit);
  }, TOLD_FROM_MS);
}

/** How long each interaction of some doing took; what the browser did not tell of was quicker than it tells of. */
async function paintsOf(page: Page, doing: () => Promise<number>): Promise<number[]> {
  await page.evaluate(() => (window as unknown as Watched).paints.clear());
  const done = await doing();
  const told = await page.evaluate(() => [...(window as unknown as Watched).paints.values()]);
  return [...told, ...Array.from({ length: Math.max(0, done - told.length) }, () => TOLD_FROM_MS)];
}

/** Other figures over those of one corner, key by key; says how many keys that was. */
async function typeOver(page: Page): Promise<number> {
  let keys = 0;
  for (const station of [1, 2, 3, 4, 5, 6]) {
    await page.getByLabel(`Runout FL station ${station}`, { exact: true }).selectText();
    for (const key of ['0', '.', '0', String(station)]) {
      await page.keyboard.press(key);
      await page.waitForTimeout(APART_MS);
      keys += 1;
    }
  }
  return keys;
}

/** Presses of answers of one check after another, in the list; says how many. */
async function press(page: Page): Promise<number> {
  await page.getByRole('radio', { name: 'Questions' }).click();
  const checks = page.locator('main li').filter({ has: page.getByRole('radio') });
  await page.waitForTimeout(SETTLED_MS);
  const many = Math.min(PRESSES, await checks.count());
  await page.evaluate(() => (window as unknown as Watched).paints.clear());
  for (let check = 0; check < many; check++) {
    await pressAt(page, checks.nth(check).getByRole('radio').first());
  }
  return many;
}

/** Presses where a key is, once the page is at rest: looking for it takes the page's own time, which nobody's finger does. */
async function pressAt(page: Page, key: Locator): Promise<void> {
  await key.scrollIntoViewIfNeeded();
  const { x, y, width, height } = (await key.boundingBox())!;
  await page.mouse.move(x + width / 2, y + height / 2);
  await page.waitForTimeout(APART_MS);
  await page.mouse.down();
  await page.waitForTimeout(HELD_MS);
  await page.mouse.up();
  await page.waitForTimeout(APART_MS);
}
