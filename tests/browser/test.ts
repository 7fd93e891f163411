import { test as base, type Locator, type Page } from '@playwright/test';

/** Pages start at the shop that the set-up opened; a page that throws fails its test. */
export const test = base.extend<{ quiet: undefined }>({
  // biome-ignore lint/correctness/noEmptyPattern: Playwright wants a destructured argument
  baseURL: async ({}, use) => {
    await use(process.env.BAVRIN_BASE);
  },
  quiet: [
    async ({ page }, use) => {
      const errors: string[] = [];
      page.on('pageerror', (error) => errors.push(error.message));
      await use(undefined);
      if (errors.length > 0) throw new Error(`the page threw: ${errors.join('; ')}`);
    },
    { auto: true },
  ],
});

export { expect } from '@playwright/test';

/** The row of a question, by what it is called. */
export function row(page: Page, label: string): Locator {
  return page.locator('main li').filter({ has: page.getByRole('radiogroup', { name: label, exact: true }) });
}

/** One of the keys of a question. */
export function key(page: Page, question: string, state: string): Locator {
  return page
    .getByRole('radiogroup', { name: question, exact: true })
    .getByRole('radio', { name: state, exact: true });
}

/** Waits until everything entered has reached the server. */
export async function saved(page: Page): Promise<void> {
  await page.waitForFunction(() => localStorage.getItem('bavrin.outbox') === null);
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
