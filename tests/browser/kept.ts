import type { Page } from '@playwright/test';
import { expect } from './test';

/** All that a device keeps is there in a quarter of a minute; a machine that is shared may take several times as long. */
const LONGEST_MS = 150_000;

/** Waits until the device has a page for when there is no network. */
export async function kept(page: Page, address: string): Promise<void> {
  await expect
    .poll(() => page.evaluate(async (path) => (await caches.match(path)) !== undefined, address), {
      message: `kept: ${address}`,
      timeout: LONGEST_MS,
    })
    .toBe(true);
}
