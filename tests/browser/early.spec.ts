import type { Page } from '@playwright/test';
import { expect, isAwake, key, newJob, saved, test } from './test';

/** Holds the page's scripts back until they are let go, as a slow tablet does. */
async function asleep(page: Page): Promise<() => void> {
  let wake = () => {};
  const woken = new Promise<void>((resolve) => {
    wake = resolve;
  });
  await page.route('**/_next/static/**/*.js', async (route) => {
    await woken;
    await route.continue();
  });
  return wake;
}

test('what is pressed before the page is awake counts, in order, and once', async ({ page }) => {
  const job = await newJob(page, 'Shop hatch', 'Pressed early');
  const wake = await asleep(page);
  await page.goto(`${job}/complaint`, { waitUntil: 'commit' });
  await key(page, 'Spongy pedal', 'Yes').click();
  await key(page, 'Hard pedal', 'Yes').click();
  await expect(key(page, 'Spongy pedal', 'Yes')).toHaveAttribute('data-state', 'off');
  wake();
  await expect(key(page, 'Spongy pedal', 'Yes')).toHaveAttribute('data-state', 'on');
  await expect(key(page, 'Hard pedal', 'Yes')).toHaveAttribute('data-state', 'on');
  await saved(page);
  const sheet = await (await page.request.get(`/api${job.replace('/job', '/jobs')}`)).json();
  expect(sheet.answers.map((row: { finding: string; state: string }) => [row.finding, row.state])).toEqual([
    ['pedal_spongy', 'yes'],
    ['pedal_hard', 'yes'],
  ]);
});

test('what is typed and sent before the page is awake is not lost', async ({ page }) => {
  const wake = await asleep(page);
  await page.goto('/job/new', { waitUntil: 'commit' });
  await page.getByLabel('What the driver says, in one line').fill('Typed early');
  await page.getByText('Shop hatch, grey').click();
  wake();
  await expect(page.getByLabel('What the driver says, in one line')).toHaveValue('Typed early');
  await page.getByRole('button', { name: 'Open the job' }).click();
  await expect(page.getByRole('heading', { name: /What the driver says/ })).toBeVisible();
  await expect(page.getByLabel('In one line')).toHaveValue('Typed early');
});

test('a key pressed before the page is awake goes where it leads', async ({ page }) => {
  const job = await newJob(page, 'Shop hatch', 'Keyed early');
  const wake = await asleep(page);
  await page.goto(`${job}/complaint`, { waitUntil: 'commit' });
  await page.getByRole('heading', { name: /What the driver says/ }).waitFor();
  await page.keyboard.press('v');
  wake();
  await expect(page).toHaveURL(/\/verdict$/);
});

test('a key pressed while only a part of the page is awake is heard once', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('link', { name: 'New complaint' }).first().waitFor();
  // One button that React does not know yet; the shortcuts listen by then.
  await page.reload({ waitUntil: 'commit' });
  await page.evaluate(() => {
    const add = () => {
      const button = document.createElement('button');
      button.id = 'not-awake';
      document.body.append(button);
    };
    if (document.body) add();
    else document.addEventListener('DOMContentLoaded', add);
  });
  await page.getByRole('button', { name: 'Shortcuts and help' }).click();
  await page.getByRole('dialog').waitFor();
  // Escape would be kept too.
  await page.getByRole('dialog').getByRole('button', { name: 'Close' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.keyboard.press('g');
  await page.keyboard.press('n');
  await page.evaluate(() => document.querySelector('#not-awake')!.remove());
  await page.waitForURL('**/job/new');
  // A letter that were heard again would make this one a way to the shelf.
  await page.keyboard.press('h');
  await page.waitForTimeout(500);
  expect(new URL(page.url()).pathname).toBe('/job/new');
});

test('a heavy part wakes after the page around it, and what was pressed on it by then counts', async ({
  page,
}) => {
  const job = await newJob(page, 'Club saloon', 'Planned early');
  const drawn = await (await page.request.get(`${job}/work`)).text();
  let wake = () => {};
  const woken = new Promise<void>((resolve) => {
    wake = resolve;
  });
  // What the page itself asks for comes at once.
  await page.route('**/_next/static/**/*.js', async (route) => {
    if (!drawn.includes(new URL(route.request().url()).pathname)) await woken;
    await route.continue();
  });
  await page.goto(`${job}/work`);
  const plan = page.getByRole('region', { name: 'Plan of the work' });
  await expect(plan.getByRole('heading').first()).toContainText('Flush and bleed');
  const others = page.getByLabel('Or another job');
  await expect.poll(() => isAwake(page.getByRole('button', { name: 'Shortcuts and help' }))).toBe(true);
  expect(await isAwake(others)).toBe(false);
  await others.selectOption({ label: 'New pads, axle set' });
  await expect(plan.getByRole('heading').first()).toContainText('Flush and bleed');
  wake();
  await expect(plan.getByRole('heading').first()).toContainText('New pads, axle set');
});

test('what is typed into a form on file before the page is awake stays', async ({ page }) => {
  const wake = await asleep(page);
  await page.goto('/car/00000000-0000-4000-8000-000000000001/edit', { waitUntil: 'commit' });
  const mass = page.getByLabel('Mass', { exact: true });
  await mass.fill('1512');
  wake();
  // Once it is awake the page keeps it on the device.
  const kept = () => page.evaluate(() => JSON.stringify({ ...localStorage }));
  await expect.poll(kept).toContain('1512');
  await expect(mass).toHaveValue('1512');
  await page.reload();
  await expect(mass).toHaveValue('1512');
});

test('a file that is chosen while the page wakes, its change told when it is awake, is taken once', async ({
  page,
}) => {
  let taken = 0;
  await page.route('**/api/cases', (route) => {
    taken += 1;
    return route.fulfill({ json: { added: 1, known: 0 } });
  });
  const wake = await asleep(page);
  await page.goto('/ledger', { waitUntil: 'commit' });
  const told = page.getByLabel('Case files to import').evaluate(async (field: HTMLInputElement) => {
    const files = new DataTransfer();
    const good = { format: 'bavrin-case', version: 1, findings: [{ id: 'pedal_spongy', state: 'yes' }] };
    files.items.add(new File([JSON.stringify(good)], 'case.json', { type: 'application/json' }));
    field.files = files.files;
    // A browser tells of a chosen file twice, one right after the other: here the page wakes in between.
    field.dispatchEvent(new Event('input', { bubbles: true }));
    while (!Object.keys(field).some((each) => each.startsWith('__reactProps$')))
      await new Promise((resolve) => setTimeout(resolve));
    await new Promise((resolve) => setTimeout(resolve, 5));
    field.dispatchEvent(new Event('change', { bubbles: true }));
  });
  wake();
  await told;
  await expect(page.getByRole('dialog')).toContainText('1 case added.');
  // One that was told twice would have sent the second by now.
  await page.waitForLoadState('networkidle');
  expect(taken).toBe(1);
});
