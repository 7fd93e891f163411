import type { Page } from '@playwright/test';
import { expect, tabTo, test } from './test';

/** Types over what stands in a field that was reached by Tab. */
async function over(page: Page, label: string, text: string): Promise<void> {
  await tabTo(page, page.getByLabel(label, { exact: true }));
  await page.keyboard.press('Control+a');
  await page.keyboard.type(text);
}

/** From the top of the page again: Tab goes one way. */
async function fromTop(page: Page): Promise<void> {
  await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
  await page.keyboard.press('Escape');
}

for (const width of [1280, 390] as const) {
  test.describe(`by keyboard alone, ${width} wide, in the dark`, () => {
    test.use({ viewport: { width, height: 800 }, colorScheme: 'dark' });

    test('the fluid’s bench says the margin', async ({ page }) => {
      await page.goto('/bench/fluid');
      await over(page, 'Water', '2');
      await over(page, 'Altitude', '1500');
      await over(page, 'Caliper peak', '160');
      const main = page.getByRole('main');
      await expect(main).toContainText('17 short of 30');
      await fromTop(page);
      const use = page.getByRole('radiogroup', { name: 'Use' });
      await tabTo(page, use.getByRole('radio', { checked: true }));
      await page.keyboard.press('ArrowRight');
      await expect(use.getByRole('radio', { name: 'Road' })).toBeFocused();
      await page.keyboard.press('Enter');
      await expect(main).toContainText('inside, 0 needed');

      // A row of keys is one stop of the tab key, wherever in it the focus is, and goes round.
      await page.keyboard.press('Home');
      await expect(use.getByRole('radio').first()).toBeFocused();
      await page.keyboard.press('ArrowLeft');
      await expect(use.getByRole('radio').last()).toBeFocused();
      await page.keyboard.press('Tab');
      await expect(use.locator(':focus')).toHaveCount(0);
      await page.keyboard.press('Shift+Tab');
      await expect(use.getByRole('radio', { name: 'Road' })).toBeFocused();
    });

    test('the heat’s bench names the lap, and what is measured fits it', async ({ page }) => {
      await page.goto('/bench/heat');
      const main = page.getByRole('main');
      await expect(main).toContainText('inside 600 °C');
      await over(page, 'Pads good to', '350');
      await expect(main).toContainText(/lap \d+past 350 °C from there/);
      await fromTop(page);
      await over(page, 'Lap, row 1', '20');
      await over(page, 'Rotor, paint, row 1', '300');
      await expect(main).toContainText('Fitted to what was measured');
    });

    test('the balance’s bench says who locks first, and what another bore asks', async ({ page }) => {
      await page.goto('/bench/balance');
      const main = page.getByRole('main');
      await expect(main).toContainText('over 6.43, the least of UN R13-H type 0');
      await over(page, 'Foot presses', '60');
      await expect(main).toContainText('under 6.43, the least of UN R13-H type 0');
      await over(page, 'Effort wanted', '220');
      await expect(main).toContainText(/with 220 N: a bore of \d\d\.\d mm/);
      await over(page, 'Front friction', '0.3');
      await over(page, 'Rear friction', '0.95');
      await expect(main).toContainText(/Locks firstrear/);
      expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(width);
    });
  });
}
