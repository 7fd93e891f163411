import { expect, key, newJob, saved, test } from './test';

test('a temporary repair is closed with its limit, and counts down on the board until it is replaced', async ({
  page,
}) => {
  const words = 'Boot taped shut for now';
  const job = await newJob(page, 'Shop hatch', 'Boot torn on the inside');
  await page.goto(`${job}/proof`);
  await key(page, 'Outcome', 'No change').click();
  await page.getByRole('button', { name: 'A temporary repair' }).click();
  await page.getByLabel('What was done for now').fill(words);
  await page.getByLabel('What replaces it').fill('New boots, rear left');
  await page.getByLabel('Closed by').fill('Mira');
  await saved(page);
  await page.getByRole('button', { name: 'Close and write the record' }).click();
  await expect(page.getByLabel('Why not for good')).toHaveAccessibleDescription(
    /why it is not the real repair/,
  );
  await expect(page.getByLabel('By', { exact: true })).toHaveAccessibleDescription(
    /a day, sessions or a distance/,
  );
  await page.getByLabel('Why not for good').fill('No such boot here');
  await page.getByLabel('Or distance').fill('100 mi');
  await page.reload();
  await expect(page.getByLabel('What was done for now')).toHaveValue(words);
  await page.getByRole('button', { name: 'Close and write the record' }).click();
  await expect(page).toHaveURL(/ledger/);
  await expect(page.getByRole('main')).toContainText(
    'Temporary: Boot taped shut for now, 161 km at most (No such boot here; then New boots, rear left)',
  );
  await page.goto('/?due=all');
  const line = page.getByRole('complementary').getByRole('listitem').filter({ hasText: words }).last();
  await expect(line).toContainText('No such boot here');
  await line.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByRole('complementary')).not.toContainText(words);
});
