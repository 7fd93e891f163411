import { expect, handOnLine, test } from './test';

test('anything is found by some of its letters, from any screen, by one key', async ({ page }) => {
  await page.goto('/shelf');
  await page.getByRole('heading', { name: 'Shelf' }).first().waitFor();
  await page.keyboard.press('f');
  const box = page.getByRole('dialog', { name: 'Find anything' });
  await box.getByRole('combobox').fill('coupe blu');
  await expect(box.getByRole('option').first()).toContainText('Car 14, blue coupe');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Car 14, blue coupe' })).toBeVisible();

  // From a field, where f is a letter.
  await page.goto('/job/new');
  await page.getByLabel('What the driver says, in one line').fill('of');
  await page.keyboard.press('Control+k');
  await box.getByRole('combobox').fill('flush');
  await box.getByRole('option', { name: /^Flush and bleed/ }).click();
  await expect(page.getByLabel('What the driver says, in one line')).toHaveValue('Flush and bleed');

  await page.goto('/');
  await page.getByRole('button', { name: 'Find anything' }).click();
  await box.getByRole('combobox').fill('too much water');
  await box.getByRole('option').filter({ hasText: 'What speaks for it' }).first().click();
  await expect(page.getByLabel('Find a cause, a finding or a reason')).toHaveValue(/too much water/i);
  await page.keyboard.press('f');
  await expect(page.getByLabel('Find a cause, a finding or a reason')).not.toBeFocused();
});

test.describe(() => {
  test.use({ provoked: [/ERR_FAILED/] });
  test('without a network it finds what this device saw last, and a slip still finds', async ({ page }) => {
    await handOnLine(page);
    await page.goto('/');
    await page.keyboard.press('f');
    const box = page.getByRole('dialog', { name: 'Find anything' });
    await box.getByRole('combobox').fill('cuope');
    await expect(box.getByText('Nothing is called that.')).toBeVisible();
    await box.getByRole('combobox').fill('coupa');
    await expect(box.getByRole('option').first()).toContainText('blue coupe');
    await page.keyboard.press('Escape');
    await expect(box).toBeHidden();
    await page.route('**/api/find', (route) => route.abort());
    await page.keyboard.press('f');
    await expect(box).toContainText('as it was last seen here');
    await box.getByRole('combobox').fill('two-seater');
    await expect(box.getByRole('option').first()).toContainText('Number 7, open two-seater');
  });
});
