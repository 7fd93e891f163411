import type { Page } from '@playwright/test';
import { expect, newJob, row, saved, test } from './test';

const RUNOUT = ['0', '.02', '.05', '.06', '.05', '.03', '-.01', '-.02'];
const THICKNESS = ['19.9', '19.91', '19.9', '19.9', '19.9', '19.9', '19.9', '19.9'];

/** The checks of a new job on the hatch, at its front left corner. */
async function frontLeft(page: Page): Promise<void> {
  await page.goto(`${await newJob(page, 'Shop hatch', 'Measure it')}/checks`);
  await page
    .getByRole('complementary', { name: 'Corner plan' })
    .getByRole('button', { name: /^(front left|FL)/ })
    .click();
}

test('a rotor is typed with nothing but digits and Enter, and the trace says what it is', async ({
  page,
}) => {
  await frontLeft(page);
  await page.getByLabel('Runout FL station 1').focus();
  for (const reading of RUNOUT) {
    await page.keyboard.type(reading);
    await page.keyboard.press('Enter');
  }
  const rotor = page.getByRole('region', { name: 'Rotor FL' });
  await expect(rotor).toContainText('0.030 over 0.050');
  await expect(rotor).toContainText('high at 136°');
  await expect(rotor).toContainText('disc itself is flat');
  // Station 1 again would close the round; nothing there goes on to the thickness.
  await expect(page.getByLabel('Station 1 again FL')).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Thickness FL station 1')).toBeFocused();

  // Half a set survives a reload.
  await page.reload();
  await page
    .getByRole('complementary', { name: 'Corner plan' })
    .getByRole('button', { name: /^front left/ })
    .click();
  await expect(page.getByLabel('Runout FL station 4')).toHaveValue('.06');

  await page.getByLabel('Thickness FL station 1').focus();
  for (const reading of THICKNESS) {
    await page.keyboard.type(reading);
    await page.keyboard.press('Enter');
  }
  await saved(page);
  await expect(row(page, 'Rotor runout, FL')).toContainText('Rotor reading FL: high.');
  await expect(row(page, 'Shape of the runout trace, FL')).toContainText('Rotor reading FL: wobble.');
  await expect(row(page, 'Rotor thickness against minimum, FL')).toContainText('Rotor reading FL: enough.');
  await expect(page.getByRole('complementary', { name: 'Leaning rail' })).toContainText(
    'Rotor runs out sideways FL',
  );
});

test('a figure in another unit is asked about, not swallowed, and another count keeps what was read', async ({
  page,
}) => {
  await frontLeft(page);
  const rotor = page.getByRole('region', { name: 'Rotor FL' });
  await page.getByLabel('Runout FL station 1').fill('25');
  await expect(rotor.getByRole('alert')).toContainText('Runout at station 1 is 25: was 0.25 meant?');
  await page.getByLabel('Runout FL station 1').fill('0.001 in');
  await page.getByLabel('Thickness FL station 1').fill('24');
  await expect(rotor.getByRole('alert')).toContainText('is 24: more than new (20.0 mm); another rotor?');
  await page.getByLabel('Thickness FL station 1').fill('');
  await rotor.getByRole('radiogroup', { name: 'Stations, FL' }).getByRole('radio', { name: '12' }).click();
  await expect(page.getByLabel('Runout FL station 12')).toBeVisible();
  await expect(page.getByLabel('Runout FL station 1', { exact: true })).toHaveValue('0.001 in');
  await rotor.getByRole('button', { name: 'Take the reading FL' }).click();
  await expect(rotor.getByRole('alert')).toContainText('Station 2 has no runout yet');
});

test('a rotor is measured by touch on a phone', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await frontLeft(page);
  for (const [station, reading] of RUNOUT.entries())
    await page.getByLabel(`Runout FL station ${station + 1}`).fill(reading);
  const rotor = page.getByRole('region', { name: 'Rotor FL' });
  await page.getByLabel('Thickness FL station 1').fill('19.95');
  const cutOff = (cells: HTMLElement[]) =>
    (cells as HTMLInputElement[])
      .filter(({ scrollWidth, clientWidth }) => scrollWidth > clientWidth)
      .map(({ value }) => value);
  const cells = rotor.getByRole('textbox', { name: / station / });
  expect(await cells.evaluateAll(cutOff)).toEqual([]);
  await rotor.getByRole('button', { name: 'One more round' }).click();
  await page.getByLabel('Round 2 FL station 1').fill('0.025');
  expect(await cells.evaluateAll(cutOff)).toEqual([]);
  await rotor.getByRole('button', { name: 'Drop the last round' }).click();
  await page.getByLabel('Thickness FL station 1').fill('');
  await rotor.getByRole('button', { name: 'Take the reading FL' }).click();
  await expect(row(page, 'Rotor runout, FL')).toContainText('Rotor reading FL: high.');
  const overflow = await page.evaluate(
    () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
  );
  expect(overflow).toBeLessThanOrEqual(0);
});
