import { atNewJob, expect, saved, test } from './test';

/** A phone: what fits there fits a desk. */
const WIDTH = 390;

test(`a fill is noted with its product’s own points, says what it changes, and can be dropped`, async ({
  page,
}) => {
  await page.setViewportSize({ width: WIDTH, height: 844 });
  await page.goto('/car/new');
  await page.getByLabel('What the shop calls it').fill(`Yard fill ${WIDTH}`);
  await page.getByRole('button', { name: /^Saloon/ }).click();
  await page.getByRole('button', { name: 'Save the car' }).click();
  await page.waitForURL(/\/car\/[0-9a-f-]{36}$/);
  const fluid = page.getByRole('region', { name: 'Fluid' });
  const note = async (product: string, fields: Record<string, string>) => {
    await fluid.getByRole('button', { name: 'Note a fill' }).click();
    await fluid.getByLabel('Product').fill(product);
    for (const [label, value] of Object.entries(fields))
      await fluid.getByLabel(label, { exact: true }).fill(value);
    await fluid.getByRole('button', { name: 'Note it' }).click();
  };
  await note('Street fluid', { 'Its dry point': '250', Odometer: '120000', Colour: 'amber' });
  await expect(fluid.getByText('both points of the product, wet below dry, or neither')).toBeVisible();
  // Nothing typed is lost by a refusal, nor by a reload.
  await page.reload();
  await fluid.getByRole('button', { name: 'Note a fill' }).click();
  await expect(fluid.getByLabel('Product')).toHaveValue('Street fluid');
  await fluid.getByLabel('Its wet point').fill('160');
  await fluid.getByRole('button', { name: 'Note it' }).click();
  await expect(fluid).toContainText('250 °C dry, 160 °C wet · amber · at 120000 km');

  await note('Race fluid', { 'Its dry point': '590 °F', 'Its wet point': '400 °F', Colour: 'clear' });
  await expect(fluid).toContainText('310 °C dry, 204 °C wet');
  await expect(fluid).toContainText('Changed the colour from amber to clear');
  await fluid
    .getByRole('button', { name: /^Drop the fill/ })
    .first()
    .click();
  await expect(fluid).not.toContainText('Race fluid');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(fluid).toContainText('Race fluid');
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(WIDTH);

  // At the next job the odometer is held beside what it showed.
  const job = await atNewJob(page, `Yard fill ${WIDTH}`, 'Soft');
  const odometer = page.getByLabel('Odometer');
  await expect(odometer).toHaveAccessibleDescription(/^Last 120000 km on /);
  await odometer.fill('119000');
  await expect(odometer).toHaveAccessibleDescription(/^Less than the 120000 km on .*a slip/);
  await odometer.fill('4000000');
  await odometer.blur();
  await expect(odometer).toHaveAccessibleDescription(/4000000 is not taken: 0 to 3000000 km/);
  await odometer.fill('121500');
  await odometer.blur();
  await saved(page);
  await page.goto(`${job}/complaint`);
  await expect(odometer).toHaveValue('121500');
});
