import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import type { Page } from '@playwright/test';
import { screensOf } from '../support/screens';
import { atNewJob, expect, test } from './test';

const AXE = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');

type AxeResult = {
  violations: {
    id: string;
    impact: string;
    help: string;
    nodes: { target: string[]; failureSummary: string }[];
  }[];
};

const LEVELS = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'];
/** What a theme can change: the rest is the same in both. */
const OF_A_THEME = { type: 'rule', values: ['color-contrast', 'link-in-text-block'] };

/** What axe-core finds against WCAG 2.2 A and AA, one line each: everything by day, and its colours by night. */
async function violations(page: Page): Promise<string[]> {
  await page.evaluate(AXE);
  await page.emulateMedia({ colorScheme: 'light', reducedMotion: 'reduce' });
  const light = await found(page, LEVELS);
  await page.emulateMedia({ colorScheme: 'dark', reducedMotion: 'reduce' });
  const dark = await found(page, OF_A_THEME);
  return [...light, ...dark.map((line) => `dark: ${line}`)];
}

async function found(page: Page, runOnly: typeof LEVELS | typeof OF_A_THEME): Promise<string[]> {
  const { violations: faults } = (await page.evaluate(
    (only) =>
      (window as never as { axe: { run: (root: Document, options: object) => Promise<unknown> } }).axe.run(
        document,
        { runOnly: only },
      ),
    runOnly,
  )) as AxeResult;
  return faults.flatMap((violation) =>
    violation.nodes.map(
      (node) =>
        `${violation.id}: ${violation.help} at ${node.target.join(' ')} — ${node.failureSummary.split('\n')[1] ?? ''}`,
    ),
  );
}

/** Every screen, with a job that has something on it at each stage. */
async function screens(page: Page): Promise<string[]> {
  await page.goto('/');
  const jobs = await page
    .getByRole('main')
    .getByRole('link')
    .evaluateAll((links) =>
      links
        .map((link) => link.getAttribute('href')!)
        .filter((href) => href.startsWith('/job/') && href !== '/job/new'),
    );
  const car = await page
    .getByRole('complementary')
    .getByRole('link', { name: /blue coupe/ })
    .last()
    .getAttribute('href');
  await page.goto('/ledger');
  const story = await page
    .getByRole('main')
    .getByRole('link', { name: /back straight/ })
    .getAttribute('href');
  const at = (stage: string) => jobs.find((href) => href.endsWith(`/${stage}`))!.replace(`/${stage}`, '');
  await page.goto('/');
  await page.getByRole('link', { name: /Spongy since the rear cylinders/ }).click();
  const run = await page.getByRole('main').getByRole('link', { name: 'Go on' }).first().getAttribute('href');
  return screensOf({
    ...{ checked: at('checks'), worked: at('work'), proved: at('proof') },
    ...{ run: run!, car: car!, story: story! },
  });
}

test('every screen: no accessibility fault, light or dark; nothing moves once it is drawn; never wider than its window, and touch targets big enough', async ({
  page,
}) => {
  test.slow();
  await page.addInitScript(notesWhatMoves);
  const faults: string[] = [];
  for (const path of await screens(page)) {
    await page.setViewportSize({ width: 1280, height: 800 });
    await page.goto(path);
    await page.getByRole('main').waitFor();
    faults.push(...(await violations(page)).map((line) => `${path} ${line}`));
    if ((await moved(page)).length > 0)
      faults.push(...(await movedAgain(page)).map((line) => `${path} moved: ${line}`));
    for (const [width, height] of [
      // The narrowest window WCAG 2.2 asks a page to fit in (1.4.10), and one of 1280 magnified four times.
      [320, 800],
      [390, 844],
      [1920, 1080],
    ] as const) {
      await page.setViewportSize({ width, height });
      faults.push(...(await tooWideOrSmall(page)).map((line) => `${path} at ${width}: ${line}`));
    }
  }
  expect(faults).toEqual([]);
});

test('with all opened that opens, nothing sticks out of a window that gets narrower', async ({ page }) => {
  await page.goto('/');
  const job = await page.getByRole('link', { name: /Long pedal after the kerbs/ }).getAttribute('href');
  const car = await page
    .getByRole('complementary')
    .getByRole('link', { name: /blue coupe/ })
    .last()
    .getAttribute('href');
  const faults: string[] = [];
  for (const path of [car!, job!.replace(/[a-z]+$/, 'proof'), '/ledger/parts', '/setup/knowledge']) {
    await page.setViewportSize({ width: 1180, height: 820 });
    await page.goto(path);
    const closed = page.getByRole('main').getByRole('button', { expanded: false });
    await closed.first().waitFor();
    for (let left = Math.min(8, await closed.count()); left > 0; left--) await closed.first().click();
    for (const width of [820, 390, 320]) {
      await page.setViewportSize({ width, height: 800 });
      faults.push(...(await tooWideOrSmall(page)).map((line) => `${path} at ${width}: ${line}`));
    }
  }
  expect(faults).toEqual([]);
});

/** What moves with letters that came in does so at the next paint. */
const AFTER_LETTERS_MS = 100;

type Moved = { at: number; share: number; what: string };
type Watched = { moves: Moved[]; lettersAt: number };

/** What moves by itself on a page, so that a finger on its way to one key would come down on another. */
function notesWhatMoves(): void {
  const watched: Watched = { moves: [], lettersAt: 0 };
  (window as never as { watched: Watched }).watched = watched;
  document.fonts.addEventListener('loadingdone', () => {
    watched.lettersAt = performance.now();
  });
  type Shift = PerformanceEntry & { value: number; sources: { node?: Node }[] };
  new PerformanceObserver((seen) => {
    for (const shift of seen.getEntries() as Shift[])
      watched.moves.push({
        at: shift.startTime,
        share: shift.value,
        what: shift.sources.map(({ node }) => node?.textContent).join(' | '),
      });
  }).observe({ type: 'layout-shift', buffered: true });
}

/**
 * Of what moved, what took more than a sliver of the window with it. On a machine that is busy enough letters may come in
 * after the page all the same: what moves with them is not counted, and that they are fetched with it is looked at by itself.
 */
async function moved(page: Page): Promise<string[]> {
  const { moves, lettersAt } = await page.evaluate(() => (window as never as { watched: Watched }).watched);
  return moves
    .filter(({ at, share }) => share > 0.01 && at > lettersAt + AFTER_LETTERS_MS)
    .map(({ what }) => what.slice(0, 80));
}

/** What is entered elsewhere in the shop shows on a page by itself, as other tests do all the time: that does not come again. */
async function movedAgain(page: Page): Promise<string[]> {
  await page.reload();
  await page.getByRole('main').waitFor();
  await page.waitForTimeout(3000);
  return moved(page);
}

test('the letters a page is written in are fetched with it', async ({ page }) => {
  await page.goto('/');
  const [asked, used] = await page.evaluate(async () => {
    await document.fonts.ready;
    const links = document.querySelectorAll<HTMLLinkElement>('link[rel="preload"][as="font"]');
    const fetched = performance.getEntriesByType('resource').map(({ name }) => name);
    return [[...links].map(({ href }) => href), fetched.filter((name) => name.endsWith('.woff2'))];
  });
  expect(asked).toHaveLength(2);
  expect([...new Set(used)].sort()).toEqual(asked.sort());
});

test('what was typed without a space to break at widens no page of a phone', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  const job = await atNewJob(page, 'Club saloon', `https://a.invalid/${'long'.repeat(24)}`);
  const car = await page.getByRole('region', { name: 'Job and stages' }).getByRole('link').first();
  const paths = ['complaint', 'checks', 'proof'].map((stage) => `${job}/${stage}`);
  paths.push((await car.getAttribute('href'))!, `${await car.getAttribute('href')}/report`, '/');
  for (const path of paths) {
    await page.goto(path);
    await page.getByText('longlonglong').first().waitFor({ state: 'attached' });
    expect([path, ...(await tooWideOrSmall(page))]).toEqual([path]);
  }
});

/** What sticks out of the window, and keys too low for a finger. */
async function tooWideOrSmall(page: Page): Promise<string[]> {
  // A chart follows its place a moment later.
  const fits = () => document.documentElement.scrollWidth <= document.documentElement.clientWidth;
  await page.waitForFunction(fits, undefined, { timeout: 5000 }).catch(() => undefined);
  return page.evaluate(() => {
    const { scrollWidth, clientWidth } = document.documentElement;
    const keys = 'button, select, textarea, input:not([type="radio"]):not([type="checkbox"])';
    const small = [...document.querySelectorAll<HTMLElement>(keys)]
      .filter((element) => element.offsetParent !== null && element.tabIndex >= 0)
      .map((element) => ({
        what: element.getAttribute('aria-label') ?? element.textContent?.slice(0, 30),
        height: element.getBoundingClientRect().height,
      }))
      .filter(({ height }) => height > 0 && height < 43.5)
      .map(({ what, height }) => `${what} is ${height} px high`);
    return scrollWidth > clientWidth ? [`${scrollWidth - clientWidth} px too wide`, ...small] : small;
  });
}

test('no accessibility fault in any way of measuring, light or dark', async ({ page }) => {
  test.slow();
  const faultsOf = async (what: string) => (await violations(page)).map((line) => `${what}: ${line}`);
  await page.goto('/');
  await page.getByRole('link', { name: /Long pedal after the kerbs/ }).click();
  await page.waitForURL(/\/job\//);
  await page.goto(page.url().replace(/[a-z]+$/, 'checks'));
  await page.getByRole('button', { name: /^front right/ }).click();
  for (const button of await page
    .getByRole('button', { name: /^(Measure it|What each looks like|.* How)$/ })
    .all())
    await button.click();
  await page.getByRole('region', { name: 'Hub face FR' }).waitFor();
  await page.getByRole('button', { name: 'Gauges' }).click();
  await page.getByRole('region', { name: 'Gauges' }).getByRole('button', { name: 'Dial indicator' }).click();
  await page.getByRole('button', { name: 'Keys off' }).click();
  await page.getByLabel('Runout FR station 1', { exact: true }).click();
  const faults = await faultsOf('questions');
  for (const mode of ['Walk round', 'Sheet']) {
    await page.getByRole('radio', { name: mode }).click();
    await page
      .getByRole('region', { name: mode === 'Sheet' ? 'Measuring sheet' : 'Walk round the car' })
      .waitFor();
    faults.push(...(await faultsOf(mode)));
  }
  expect(faults).toEqual([]);
});

test('on a phone the rail folds to one line and opens upward, and a corner is picked from the strip', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/');
  await page.getByRole('link', { name: /Long pedal after the kerbs/ }).click();
  const rail = page.getByRole('complementary', { name: 'Leaning rail' });
  await expect(rail).toContainText('Wheel bearing play FR');
  await expect(rail.getByText('Car stays here')).toBeHidden();
  await rail.getByRole('button', { name: /More/ }).click();
  await expect(rail.getByText('Car stays here')).toBeVisible();
  await rail.getByRole('button', { name: /Less/ }).click();
  await page.getByRole('complementary', { name: 'Corner plan' }).getByRole('button', { name: /^FR/ }).click();
  await expect(page.getByRole('radiogroup', { name: 'Wheel bearing play, FR' })).toBeVisible();
});

test('the theme chosen by hand is remembered', async ({ page }) => {
  await page.emulateMedia({ colorScheme: 'light' });
  await page.goto('/');
  await page.getByRole('button', { name: 'Light or dark' }).click();
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark');
  await page.reload();
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark');
});
