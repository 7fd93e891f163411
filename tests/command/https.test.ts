import { spawnSync } from 'node:child_process';
import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import { request } from 'node:https';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { chromium } from '@playwright/test';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { BROWSER } from '../../scripts/system/browser';
import { groupsOf } from '../../scripts/system/processes';
import { build } from '../../scripts/system/web';
import { demoPerson } from '../support/signIn';

const BAVRIN = fileURLToPath(new URL('../../bavrin', import.meta.url));
let home: string;
let out: string;

beforeAll(async () => {
  home = mkdtempSync(join(tmpdir(), 'bavrin-https-'));
  chmodSync(home, 0o755);
  await build('.next-test');
  const started = bavrin('demo', '--https', '--host', '127.0.0.1');
  expect(started.status, started.stderr).toBe(0);
  out = started.stdout + started.stderr;
}, 240_000);
afterAll(() => {
  bavrin('stop');
  rmSync(home, { recursive: true, force: true });
});

function bavrin(...args: string[]) {
  const { DATABASE_URL: _, ...outer } = process.env;
  const env = { ...outer, BAVRIN_DATA: join(home, 'data'), BAVRIN_DIST: '.next-test' };
  return spawnSync(BAVRIN, args, { encoding: 'utf8', env });
}

/** Asks over https, trusting one authority and no other. */
function ask(address: string, ca: string | undefined, body?: object) {
  return new Promise<{ status?: number; cookie: string; text: string }>((resolve, reject) => {
    const headers = { 'content-type': 'application/json' };
    const asked = request(address, { ca, method: body ? 'POST' : 'GET', headers }, async (response) => {
      let text = '';
      for await (const part of response) text += part;
      resolve({ status: response.statusCode, cookie: String(response.headers['set-cookie']), text });
    });
    asked.on('error', reject);
    asked.end(body && JSON.stringify(body));
  });
}

describe('a shop on a secure address', { timeout: 120_000 }, () => {
  it('answers under a certificate of its own, which it gives out in plain, and nothing else there', async () => {
    const address = /https:\/\/\S+/.exec(out)![0];
    const plain = /http:\/\/\S+\/bavrin\.crt/.exec(out)![0];
    const answer = await fetch(plain);
    expect(answer.headers.get('content-type')).toBe('application/x-x509-ca-cert');
    const ca = await answer.text();
    expect(await ask(`${address}/api/health`, ca)).toMatchObject({ status: 200 });
    await expect(ask(`${address}/api/health`, undefined)).rejects.toThrow(/certificate/);
    const elsewhere = await fetch(plain.replace('/bavrin.crt', '/api/health'), { redirect: 'manual' });
    expect([elsewhere.status, elsewhere.headers.get('location')]).toEqual([302, `${address}/api/health`]);

    const { id: person } = demoPerson('Mira');
    const { status, cookie } = await ask(`${address}/api/sign-in/demo`, ca, { person });
    expect(status).toBe(200);
    expect(cookie).toMatch(/HttpOnly; SameSite=Lax; Secure$/);
  });

  it('is one to a browser that trusts it, and shows a phone the way in', async () => {
    const address = /https:\/\/\S+/.exec(out)![0];
    const browser = await chromium.launch({ executablePath: BROWSER.program, args: ['--no-sandbox'] });
    try {
      const context = await browser.newContext({ ignoreHTTPSErrors: true, serviceWorkers: 'block' });
      const page = await context.newPage();
      await page.goto(`${address}/setup/phone`);
      await page.getByRole('button', { name: /^Mira/ }).click();
      await page.getByRole('heading', { name: '1. Fetch the certificate' }).waitFor();
      expect(await page.getByRole('img', { name: `Code for ${address}` }).count()).toBe(1);
      expect(await page.evaluate(() => window.isSecureContext)).toBe(true);
    } finally {
      await browser.close();
    }
  });

  it('is found again, and ended with everything that was put in front of it', async () => {
    const again = bavrin('demo', '--https');
    expect(again.stdout).toContain(`is already open: ${/https:\/\/\S+/.exec(out)![0]}`);
    expect(groupsOf(join(home, 'data')).length).toBeGreaterThan(1);
    bavrin('stop');
    await expect.poll(() => groupsOf(join(home, 'data'))).toEqual([]);
  });
});
