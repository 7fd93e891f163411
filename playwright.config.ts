import { defineConfig } from '@playwright/test';
import { BROWSER } from './scripts/system/browser';
import { SIGNED_IN } from './tests/support/signIn';

/** Files that take longest: they go first, or one of them runs alone at the end. */
const LONGEST = /(work|bleeding|story|screens|counted|offline|handOver|gauges|measuring)\.spec\.ts$/;

/** Debian's Chromium, headless; the server and its database are made by the set-up and ended by the tear-down. */
export default defineConfig({
  testDir: 'tests/browser',
  outputDir: '.data/playwright',
  globalSetup: './tests/browser/setup.ts',
  fullyParallel: false,
  workers: 2,
  projects: [
    { name: 'longest', testMatch: LONGEST },
    { name: 'rest', testIgnore: LONGEST },
  ],
  // No second try: what works only sometimes does not work.
  retries: 0,
  // Waits are longer than any pause a busy machine makes; how quick a thing has to be is said where it is tested.
  timeout: 240_000,
  expect: { timeout: 40_000 },
  reporter: [['list'], ['json']],
  use: {
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    timezoneId: 'UTC',
    trace: 'off',
    // The owner of the demo, unless a test says who else.
    storageState: SIGNED_IN,
    // What stands before every page is tried where that is the question; elsewhere each request is its own.
    serviceWorkers: 'block',
    actionTimeout: 40_000,
    navigationTimeout: 60_000,
    launchOptions: {
      executablePath: BROWSER.program,
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
});
