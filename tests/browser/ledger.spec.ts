import { readFileSync } from 'node:fs';
import { openCase } from '../../core/exchange/casefile/open';
import { expect, key, test } from './test';

const lines = (page: import('@playwright/test').Page) => page.getByRole('main').locator('tbody > tr');

test('the ledger is searched by words, car, cause and outcome, from the keyboard too', async ({ page }) => {
  await page.goto('/ledger');
  await page.keyboard.press('/');
  await expect(page.getByLabel('Words')).toBeFocused();
  await page.keyboard.type('collapsed');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/words=collapsed/);
  await expect(lines(page)).toHaveCount(1);
  await expect(lines(page)).toContainText('Left front stays on after a stop');

  await page.getByLabel('Words').fill('');
  await page.getByLabel('Cause').selectOption('Drum shoes slack or adjuster seized');
  await page.getByRole('button', { name: 'Find', exact: true }).click();
  await expect(lines(page).first()).toContainText('Low pedal, second press is fine');
  await page.getByLabel('Cause').selectOption('');
  await page.getByLabel('Outcome').selectOption('Cured, something new');
  await page.getByRole('button', { name: 'Find', exact: true }).click();
  await expect(lines(page).first()).toContainText('Left front stays on');
  await page.getByLabel('Words').fill('zebra');
  await page.getByRole('button', { name: 'Find', exact: true }).click();
  await expect(page.getByRole('main')).toContainText('Nothing matches.');
});

test('a story tells the whole job, and goes out as a case that opens again', async ({ page }) => {
  await page.goto('/ledger?words=back+straight');
  await lines(page).first().getByRole('link').click();
  const story = page.getByRole('main');
  await expect(story).toContainText('Cured: Fluid boiled: too much water in it');
  await expect(story).toContainText('3.4 % water');
  await expect(story).toContainText('Ended');
  await expect(story).toContainText(
    'came out: dark, bubbles on the way: none, out in all 260 ml, clear at 220 ml',
  );
  await expect(story.getByRole('table').filter({ hasText: 'Check' })).toContainText('Holds');
  // Figures with their limits, what it took, and on paper the shop and lines to sign.
  await expect(story.getByRole('table').filter({ hasText: /^Figure/ })).toContainText(
    /3\.4 %, wet.*0\.1 %, dry/,
  );
  await expect(story).toContainText(/\d+ ml of DOT 5\.1/);
  await page.emulateMedia({ media: 'print' });
  await expect(story).toContainText('Work done by');
  await expect(story.getByText('Work done by')).toBeVisible();
  await page.emulateMedia({ media: 'screen' });
  await expect(story.getByText('Work done by')).toBeHidden();
  const download = page.waitForEvent('download');
  await story.getByRole('link', { name: 'Export' }).click();
  const file = JSON.parse(readFileSync((await (await download).path())!, 'utf8'));
  expect(openCase(file)).toMatchObject({ ok: true });
  expect(file.record).toMatchObject({ outcome: 'cured', confirmed: ['fluid_boiled_wet'] });
});

test('a closed job stays as it is', async ({ page }) => {
  await page.goto('/ledger?words=back+straight');
  await lines(page).first().getByRole('link').click();
  await page.getByRole('link', { name: 'Its stages' }).click();
  await page.getByRole('link', { name: /^Complaint/ }).click();
  await expect(key(page, 'Hard pedal', 'Yes')).toBeDisabled();
  await expect(page.getByLabel('In one line')).toHaveAttribute('readonly', '');
  await page.getByRole('link', { name: /^Proof/ }).click();
  await expect(page.getByRole('link', { name: 'The whole story' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Close and write the record' })).toHaveCount(0);
});

test('cases come in from a file, and what is wrong with one is named', async ({ page }) => {
  await page.goto('/ledger');
  const good = {
    format: 'bavrin-case',
    version: 1,
    car: { name: 'Visitor, red estate' },
    complaint: 'Brought along from another shop',
    findings: [{ id: 'pedal_spongy', state: 'yes' }],
    record: {
      outcome: 'better',
      confirmed: ['hose_expansion'],
      closedAt: '2026-02-03T10:00:00Z',
      openedAt: '2026-02-03T08:00:00Z',
      by: 'Elsewhere',
    },
  };
  const file = (name: string, content: unknown) => ({
    name,
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify(content)),
  });
  await page.getByLabel('Case files to import').setInputFiles(file('case.json', good));
  await expect(page.getByRole('dialog')).toContainText('1 case added.');
  await page.keyboard.press('Escape');
  await page.getByLabel('Case files to import').setInputFiles(file('again.json', good));
  await expect(page.getByRole('dialog')).toContainText('0 cases added, 1 already known.');
  await page.keyboard.press('Escape');
  await page
    .getByLabel('Case files to import')
    .setInputFiles(file('bad.json', [good, { ...good, findings: [{ id: 'pedal_spungy', state: 'yes' }] }]));
  await expect(page.getByRole('dialog')).toContainText('cases[1].findings[0].id is "pedal_spungy"');
  await page.keyboard.press('Escape');
  await page.goto('/ledger?words=another+shop');
  await expect(lines(page)).toHaveCount(1);
  await expect(lines(page)).toContainText('Visitor, red estate');
});

test('the ledger is a table put in order by its heads, narrowed by season and circuit, all of it in the address', async ({
  page,
}) => {
  await page.goto('/ledger');
  const heads = page.getByRole('columnheader');
  await expect(heads.filter({ hasText: 'Closed' })).toHaveAttribute('aria-sort', 'descending');
  const minutes = page.getByRole('link', { name: 'Minutes' });
  await minutes.click();
  await expect(page).toHaveURL(/sort=-minutes/);
  await expect(heads.filter({ hasText: 'Minutes' })).toHaveAttribute('aria-sort', 'descending');
  const figures = async () =>
    (await page.getByRole('row').locator('td:last-child').allTextContents()).map((text) =>
      Number(text.replace('–', '0')),
    );
  const down = await figures();
  expect(down).toEqual([...down].sort((left, right) => right - left));
  await minutes.click();
  await expect(page).toHaveURL(/sort=minutes/);
  const up = await figures();
  expect(up).toEqual([...up].sort((left, right) => left - right));
  const rows = await page.getByRole('row').count();
  await page.getByLabel('Circuit before it').selectOption('fast');
  await expect(page).toHaveURL(/circuit=fast/);
  await expect(page).toHaveURL(/sort=minutes/);
  await expect.poll(() => page.getByRole('row').count()).toBeLessThan(rows);
});
