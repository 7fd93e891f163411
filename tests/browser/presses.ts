import type { Page } from '@playwright/test';

/** Presses and keys of somebody at the car, counted in the page over all its loads. */
export async function countPresses(page: Page): Promise<() => Promise<{ presses: number; keys: number }>> {
  await page.addInitScript(() => {
    const count = (name: string) => {
      const key = `counted.${name}`;
      sessionStorage.setItem(key, String(Number(sessionStorage.getItem(key) ?? 0) + 1));
    };
    addEventListener('pointerdown', () => count('presses'), { capture: true });
    addEventListener('keydown', () => count('keys'), { capture: true });
  });
  return () =>
    page.evaluate(() => ({
      presses: Number(sessionStorage.getItem('counted.presses') ?? 0),
      keys: Number(sessionStorage.getItem('counted.keys') ?? 0),
    }));
}
