import type { Page } from '@playwright/test';
import { expect, saved } from './test';

/** Chooses a job of the library in the planner, and waits for its plan. */
export async function choose(page: Page, label: string): Promise<void> {
  // A choice made before the page is awake is not heard: make it until it is.
  await expect(async () => {
    await page.getByLabel('Or another job').selectOption({ label });
    await expect(
      page.getByRole('region', { name: 'Plan of the work' }).getByRole('heading').first(),
    ).toContainText(label, { timeout: 500 });
  }).toPass();
}

/** Steps done so far, as the head of the run counts them. */
async function done(page: Page): Promise<number> {
  return Number((await page.getByTestId('run-count').textContent())!.trim().split(' ')[0]);
}

/**
 * Presses on through a run, each check with its good answer, up to the step with this title or to its end. Clocks are
 * passed as somebody with another clock would.
 */
export async function runOn(page: Page, upTo?: string | RegExp): Promise<void> {
  await page.getByTestId('run-count').waitFor();
  for (;;) {
    const end = page.getByRole('region', { name: 'End of the work' });
    // The end comes with a part of the page of its own: it is waited for like any step.
    await page.locator('[data-run]').first().or(end).waitFor();
    if (upTo && (await page.getByRole('region', { name: upTo }).count()) > 0) return;
    if ((await end.count()) > 0) return;
    const before = await done(page);
    const other = page.getByRole('button', { name: 'Timed by another clock' });
    if ((await other.count()) > 0) await other.click();
    const next = page.locator('[data-run="next"]');
    if ((await next.count()) > 0) await next.click();
    else await page.locator('[data-run="answer"]').first().click();
    // What the job is judged by is not passed over without a word.
    const wanted = page.getByRole('main').getByRole('alert').filter({ hasText: 'A figure, or a note' });
    if ((await wanted.count()) > 0) {
      await page.getByLabel('Note', { exact: true }).fill('Judged by hand');
      await next.click();
    }
    // What a step is there to write down: a figure, or the first of its keys.
    const field = page
      .getByRole('main')
      .getByRole('alert')
      .filter({ hasText: / first\.$/ });
    if ((await field.count()) > 0) {
      const label = (await field.textContent())!.replace(/ first\.$/, '');
      const keys = page.getByRole('radiogroup', { name: label });
      if ((await keys.count()) > 0) await keys.getByRole('radio').first().click();
      else {
        await page.getByLabel(label, { exact: true }).fill('1');
        await page.getByLabel(label, { exact: true }).blur();
      }
      await page.locator('[data-run]').first().click();
    }
    await expect
      .poll(() => page.getByTestId('run-count').textContent())
      .not.toMatch(new RegExp(`^${before} of`));
  }
}

/** The same, from the work stage, and back when everything has reached the server. */
export async function runThrough(page: Page): Promise<void> {
  await runOn(page);
  await saved(page);
}

/** How far a run is, as its head says. */
export const count = (page: Page) => page.getByTestId('run-count');

/** Keeps what the page would say aloud: the browser here has no voice. */
export async function listen(page: Page): Promise<void> {
  await page.addInitScript(() => {
    const said: string[] = [];
    Object.assign(window, { said });
    Object.defineProperty(window, 'speechSynthesis', {
      value: { cancel: () => {}, speak: (line: { text: string }) => said.push(line.text) },
    });
    Object.assign(window, {
      SpeechSynthesisUtterance: class {
        constructor(readonly text: string) {}
      },
    });
  });
}

/** What it has said so far. */
export const spoken = (page: Page) => page.evaluate(() => (window as unknown as { said: string[] }).said);

/** The dry test held: released, the new fluid poured in, pumped up again, each by its own press. */
export async function fillPot(page: Page): Promise<void> {
  await expect(page.getByRole('region', { name: /^Release it slowly, then pour/ })).toBeVisible();
  await page.locator('[data-run="next"]').click();
  await expect(page.getByRole('region', { name: 'Pump up again' })).toBeVisible();
  await page.locator('[data-run="next"]').click();
}
