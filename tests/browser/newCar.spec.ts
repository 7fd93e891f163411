import { expect, test } from './test';

/** A phone: what fits there fits a desk. */
const WIDTH = 390;

test(`a new car says of each figure whether it was typed, from a set, or measured`, async ({ page }) => {
  await page.setViewportSize({ width: WIDTH, height: 844 });
  await page.goto('/car/new');
  await page.getByLabel('What the shop calls it').fill(`Yard car ${WIDTH}`);
  await page.getByRole('button', { name: /^Saloon/ }).click();
  const assist = page.getByLabel('Assist', { exact: true });
  await expect(assist).toHaveValue('vacuum');
  await expect(assist).toHaveAccessibleDescription('From the starting set');
  await page.getByRole('button', { name: 'The rest, where it is known' }).click();
  const ratio = page.getByLabel('Pedal ratio', { exact: true });
  await expect(ratio).toHaveAccessibleDescription('From the starting set');
  const mass = page.getByLabel('Mass', { exact: true });
  await mass.fill('1391');
  await expect(mass).not.toHaveAccessibleDescription('From the starting set');
  await ratio.fill('4.1');
  // By keyboard: the key is there while the field is.
  await ratio.press('Tab');
  const key = page.getByRole('button', { name: 'Pedal ratio: measured' });
  await expect(key).toBeFocused();
  await page.keyboard.press('Space');
  await expect(ratio).toHaveAccessibleDescription('Measured');
  await page.reload();
  await expect(ratio).toHaveAccessibleDescription('Measured');
  await page.getByRole('button', { name: 'Save the car' }).click();
  await page.waitForURL(/\/car\/[0-9a-f-]{36}$/);
  const figures = page.getByRole('region', { name: 'Figures' });
  await expect(figures).toContainText('4.10measured');
  await expect(figures).toContainText('vacuum boosterfrom the starting set');
  await expect(figures).toContainText('1391 kgTyre');
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(WIDTH);
  // Opened again it stands as it was said, and what is changed is typed.
  await page.getByRole('link', { name: 'Edit' }).click();
  await expect(ratio).toHaveAccessibleDescription('Measured');
  await page.getByLabel('Assist', { exact: true }).selectOption({ label: 'None' });
  await page.getByRole('button', { name: 'Save the car' }).click();
  await page.waitForURL(/\/car\/[0-9a-f-]{36}$/);
  await expect(figures).toContainText('4.10measured');
  await expect(figures).not.toContainText('nonefrom the starting set');
});
