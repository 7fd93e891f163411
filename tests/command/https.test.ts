import { spawnSync } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { chmodSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import type { IncomingHttpHeaders } from 'node:http';
import { request } from 'node:https';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { brotliDecompressSync, gzipSync } from 'node:zlib';
import { chromium } from '@playwright/test';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { BROWSER } from '../../scripts/system/browser';
import { ROOT } from '../../scripts/system/paths';
import { groupsOf } from '../../scripts/system/processes';
import { build } from '../../scripts/system/web';
import { limitNow } from '../support/pace';
import { SOFT_PEDAL } from '../support/shop';
import { demoPerson } from '../support/signIn';

const BAVRIN = fileURLToPath(new URL('../../bavrin', import.meta.url));
/** A car of the demo. */
const CAR = '00000000-0000-4000-8000-000000000001';
const DOORS = ['--https', '--servers', '2', '--host', '127.0.0.1'];
let home: string;
let out: string;

beforeAll(async () => {
  home = mkdtempSync(join(tmpdir(), 'bavrin-https-'));
  chmodSync(home, 0o755);
  await build('.next-test');
  const started = bavrin('demo', ...DOORS);
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
function ask(address: string, ca: string | undefined, body?: object, cookie = '') {
  return new Promise<{ status?: number; cookie: string; text: string }>((resolve, reject) => {
    const headers = { 'content-type': 'application/json', cookie };
    const asked = request(address, { ca, method: body ? 'POST' : 'GET', headers }, async (response) => {
      let text = '';
      for await (const part of response) text += part;
      resolve({ status: response.statusCode, cookie: String(response.headers['set-cookie']), text });
    });
    asked.on('error', reject);
    asked.end(body && JSON.stringify(body));
  });
}

/** What comes for an address, as it comes. */
function fetchOver(address: string, ca: string, encoding: string) {
  return new Promise<{ status?: number; headers: IncomingHttpHeaders; body: Buffer }>((resolve, reject) => {
    const headers = { 'accept-encoding': encoding };
    request(address, { ca, headers }, async (response) => {
      const parts: Buffer[] = [];
      for await (const part of response) parts.push(part as Buffer);
      resolve({ status: response.statusCode, headers: response.headers, body: Buffer.concat(parts) });
    })
      .on('error', reject)
      .end();
  });
}

/** A screen that follows a job, and follows it again when its line breaks. */
function follow(address: string, ca: string, cookie: string) {
  let heard = 0;
  let over = false;
  let end = () => {};
  const listen = () => {
    const asked = request(address, { ca, headers: { cookie } }, async (response) => {
      try {
        for await (const part of response) if (String(part).includes('data: changed')) heard += 1;
      } catch {
        // The server behind it is gone.
      }
      if (!over) setTimeout(listen, 50);
    });
    asked.on('error', () => over || setTimeout(listen, 50)).end();
    end = () => asked.destroy();
  };
  listen();
  return {
    heard: () => heard,
    end() {
      over = true;
      end();
    },
  };
}

/** The application's servers, and not what stands in front of them. */
const serverGroups = () =>
  groupsOf(join(home, 'data')).filter((group) =>
    readFileSync(`/proc/${group}/cmdline`, 'utf8').includes('next'),
  );

describe('a shop on a secure address', { timeout: 240_000 }, () => {
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

  it('gives out what was built packed as tightly as a browser unpacks, to be kept for good', async () => {
    const address = /https:\/\/\S+/.exec(out)![0];
    const ca = await (await fetch(/http:\/\/\S+\/bavrin\.crt/.exec(out)![0])).text();
    const { text } = await ask(`${address}/sign-in`, ca);
    const [script] = /\/_next\/static\/chunks\/[^"]+\.js/.exec(text)!;
    const file = join(ROOT, '.next-test', script!.replace('/_next/', ''));
    const packed = await fetchOver(`${address}${script}`, ca, 'br, gzip');
    expect(packed.headers).toMatchObject({
      'content-encoding': 'br',
      'content-type': expect.stringContaining('javascript'),
      'cache-control': 'public, max-age=31536000, immutable',
      'x-content-type-options': 'nosniff',
    });
    expect(brotliDecompressSync(packed.body).equals(readFileSync(file))).toBe(true);
    expect(packed.body.length).toBeLessThan(gzipSync(readFileSync(file)).length);
    const plain = await fetchOver(`${address}${script}`, ca, 'identity');
    expect(plain.body.equals(readFileSync(file))).toBe(true);
    for (const missing of ['chunks/no-such.js', '..%2fserver/app-paths-manifest.json']) {
      const { status, headers } = await fetchOver(`${address}/_next/static/${missing}`, ca, '');
      expect(status, missing).toBe(404);
      expect(headers['cache-control'] ?? '', missing).not.toContain('immutable');
    }
  });

  it('is found again', () => {
    const again = bavrin('demo', '--https');
    expect(again.stdout).toContain(`is already open: ${/https:\/\/\S+/.exec(out)![0]}`);
    expect(serverGroups()).toHaveLength(2);
  });

  it('has two servers under one address: one is killed while six people write, and nothing that stood is gone', async () => {
    const address = /https:\/\/\S+/.exec(out)![0];
    const ca = await (await fetch(/http:\/\/\S+\/bavrin\.crt/.exec(out)![0])).text();
    const { id: person } = demoPerson('Mira');
    const cookie = (await ask(`${address}/api/sign-in/demo`, ca, { person })).cookie.split(';')[0]!;
    const answering = async () => {
      const asked = await Promise.all(Array.from({ length: 8 }, () => ask(`${address}/api/health`, ca)));
      return new Set(asked.map(({ text }) => JSON.parse(text).instance as string));
    };
    expect((await answering()).size).toBe(2);

    // What one server took a screen on the other hears within a second: asked at each by its own port, past the proxy.
    const { server } = JSON.parse(readFileSync(join(home, 'data/run/served.json'), 'utf8'));
    const ports: number[] = [server, ...server.beside].map(({ port }) => port);
    const [near, far] = ports.map((port) => `http://127.0.0.1:${port}`) as [string, string];
    const post = (path: string, body: object) =>
      fetch(path, {
        method: 'POST',
        body: JSON.stringify(body),
        headers: { 'content-type': 'application/json', cookie },
      });
    const seen = randomUUID();
    await post(`${near}/api/jobs`, { id: seen, carId: CAR, complaint: 'On either', neededAt: null });
    const line = await fetch(`${far}/api/jobs/${seen}/changes`, { headers: { cookie } });
    const events = line.body!.pipeThrough(new TextDecoderStream()).getReader();
    while (!(await events.read()).value?.includes('data: changed'));
    const written = performance.now();
    expect((await post(`${near}/api/jobs/${seen}/answers`, { id: randomUUID(), ...SOFT_PEDAL })).status).toBe(
      200,
    );
    while (!(await events.read()).value?.includes('data: changed'));
    expect(performance.now() - written).toBeLessThan(limitNow(1000));
    await events.cancel();

    const write = async (path: string, body: object) => {
      for (;;) {
        const said = await ask(`${address}${path}`, ca, body, cookie).catch(() => undefined);
        if (said?.status === 200) return;
        if (said?.status && said.status < 500) throw new Error(`${said.status} ${said.text}`);
        await new Promise((resolve) => setTimeout(resolve, 30));
      }
    };
    const people = await Promise.all(
      Array.from({ length: 6 }, async () => {
        const id = randomUUID();
        await write('/api/jobs', { id, carId: CAR, complaint: 'Behind two servers', neededAt: null });
        return {
          job: id,
          told: [] as string[],
          screen: follow(`${address}/api/jobs/${id}/changes`, ca, cookie),
        };
      }),
    );
    const atWork = people.map(async ({ job, told }) => {
      while (told.length < 25) {
        const id = randomUUID();
        const answer = { finding: 'pedal_spongy', place: '', state: ['yes', 'no'][told.length % 2] };
        const body = { id, phase: 'before', ...answer, replaces: told.at(-1) ?? null, why: '' };
        await write(`/api/jobs/${job}/answers`, body);
        told.push(id);
      }
    });
    while (people.some(({ told }) => told.length < 8))
      await new Promise((resolve) => setTimeout(resolve, 20));
    process.kill(-serverGroups()[0]!, 'SIGKILL');
    await Promise.all(atWork);
    expect((await answering()).size).toBe(1);
    for (const { job, told, screen } of people) {
      const { text } = await ask(`${address}/api/jobs/${job}`, ca, undefined, cookie);
      const standing = (JSON.parse(text).answers as { id: string }[]).map(({ id }) => id);
      expect(standing).toEqual(told);
      // Whichever server a screen hangs on, or hung on, it hears of what the other one took.
      await expect.poll(screen.heard).toBeGreaterThan(0);
      screen.end();
    }
  });

  it('is whole again when it is opened anew, and ended with everything that was put in front of it', async () => {
    expect(bavrin('demo', ...DOORS).stdout).toContain('is open');
    expect(serverGroups()).toHaveLength(2);
    bavrin('stop');
    await expect.poll(() => groupsOf(join(home, 'data'))).toEqual([]);
    expect(bavrin('demo', '--servers', '2').stderr).toContain('--servers wants --https');
    expect(bavrin('demo', '--https', '--servers', '9').stderr).toContain('a whole number from 1 to 8');
  });
});
