import { type BrowserContext, chromium } from '@playwright/test';
import { signedIn } from '../../tests/support/signIn';
import { BROWSER } from '../system/browser';
import { freePort } from '../system/port';
import { endGroup, serve } from '../system/web';

/** Serves a database for as long as something is measured in Chromium, somebody signed in. */
export async function onBrowser(
  url: string,
  measure: (context: BrowserContext, address: string) => Promise<void>,
): Promise<void> {
  const { address, pid } = await serve({ port: await freePort(), host: '127.0.0.1', url });
  const browser = await chromium.launch({ executablePath: BROWSER.program, args: ['--no-sandbox'] });
  try {
    await measure(await browser.newContext({ storageState: await signedIn(address) }), address);
  } finally {
    await browser.close();
    endGroup(pid);
  }
}
