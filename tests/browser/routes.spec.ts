import { randomUUID } from 'node:crypto';
import { startingSet } from '../../core/car/startingSets';
import { freePort } from '../../scripts/system/port';
import { endGroup, serve } from '../../scripts/system/web';
import { expect, test } from './test';

const json = { 'content-type': 'application/json' };

test('health answers', async ({ request }) => {
  const response = await request.get('/api/health');
  expect(await response.json()).toMatchObject({ app: 'bavrin', ok: true });
});

test('bad bodies are refused with field, value and range', async ({ request }) => {
  const post = (path: string, data: string) => request.post(path, { headers: json, data: Buffer.from(data) });
  const malformed = await post('/api/cars', '{"name":');
  expect(malformed.status()).toBe(422);
  expect((await malformed.json()).issues[0]).toMatchObject({
    path: 'body',
    accepted: expect.stringContaining('JSON'),
  });
  const car = await post(
    '/api/cars',
    JSON.stringify({ id: randomUUID(), ...startingSet('saloon'), name: 'X', massKg: 'heavy', wheels: 4 }),
  );
  expect(car.status()).toBe(422);
  expect((await car.json()).issues.map((issue: { path: string }) => issue.path)).toEqual(
    expect.arrayContaining(['massKg', 'wheels']),
  );
  for (const data of ['null', '[]', '"x"', '1']) expect((await post('/api/jobs', data)).status()).toBe(422);
});

test('an address cut short leads to where its pages begin', async ({ request }) => {
  for (const [short, begins] of [
    ['/bench', '/bench/fluid'],
    ['/job', '/'],
    ['/car', '/'],
  ]) {
    const response = await request.get(short!);
    expect([response.status(), new URL(response.url()).pathname]).toEqual([200, begins]);
  }
});

test('huge bodies are refused before they are read', async ({ request }) => {
  const response = await request.post('/api/jobs', {
    headers: json,
    data: JSON.stringify({ complaint: 'x'.repeat(3_000_000) }),
  });
  expect(response.status()).toBe(413);
  expect((await response.json()).message).toContain('1024 kB');
});

test.describe(() => {
  test.use({ provoked: [/404 \(Not Found\)/] });
  test('unknown and impossible ids are simply not there', async ({ request, page }) => {
    for (const id of [randomUUID(), 'nonsense', '%27%3B--']) {
      expect((await request.get(`/api/jobs/${id}`)).status()).toBe(404);
      expect(
        (
          await request.post(`/api/jobs/${id}/answers`, {
            headers: json,
            data: {
              id: randomUUID(),
              phase: 'before',
              finding: 'leak',
              place: '',
              state: 'none',
              replaces: null,
              why: '',
            },
          })
        ).status(),
      ).toBe(404);
    }
    for (const path of [
      `/job/${randomUUID()}/checks`,
      '/car/nonsense',
      '/ledger/nonsense',
      '/job/nonsense',
      '/nowhere',
    ]) {
      await page.goto(path);
      await expect(page.getByRole('heading', { name: 'Nothing here under that address' })).toBeVisible();
    }
  });
});

test('a page of another site cannot write here', async ({ request }) => {
  const foreign = await request.post('/api/jobs', {
    headers: { ...json, 'sec-fetch-site': 'cross-site' },
    data: {},
  });
  expect(foreign.status()).toBe(403);
  const form = await request.post('/api/jobs', { form: { complaint: 'x' } });
  expect(form.status()).toBe(403);
});

test('a car saved over a version that is no longer there is refused with the one that is', async ({
  request,
}) => {
  const id = randomUUID();
  const spec = { ...startingSet('saloon'), name: 'Versions' };
  await request.post('/api/cars', { headers: json, data: { id, ...spec } });
  const put = (version: number, massKg: number) =>
    request.put(`/api/cars/${id}`, { headers: json, data: { ...spec, massKg, version } });
  expect((await put(1, 1400)).status()).toBe(200);
  const stale = await put(1, 1500);
  expect(stale.status()).toBe(409);
  expect(await stale.json()).toMatchObject({ code: 'stale', current: { massKg: 1400, version: 2 } });
});

test('the ledger goes out as one case a line and a case comes back in', async ({ request }) => {
  const text = await (await request.get('/api/ledger/export')).text();
  const lines = text
    .trim()
    .split('\n')
    .map((line) => JSON.parse(line));
  expect(lines.length).toBeGreaterThanOrEqual(5);
  expect(lines[0]).toMatchObject({ format: 'bavrin-case', version: 1 });
  const again = await request.post('/api/cases', {
    headers: json,
    data: JSON.stringify({ ...lines[0], complaint: 'Brought from elsewhere' }),
  });
  expect(await again.json()).toMatchObject({ added: 1, known: 0 });
});

test('several servers serve one shop: what one takes, the other shows', async ({ request }) => {
  const other = await serve({
    port: await freePort(),
    host: '127.0.0.1',
    url: process.env.BAVRIN_SHOP_URL!,
    dist: '.next-test',
  });
  try {
    const id = randomUUID();
    await request.post('/api/cars', {
      headers: json,
      data: { id, ...startingSet('hatch'), name: 'Seen by both' },
    });
    const seen = await request.get(`${other.address}/api/cars/${id}`);
    expect(await seen.json()).toMatchObject({ name: 'Seen by both' });
  } finally {
    endGroup(other.pid);
  }
});

test('shelf, parts and ticks refuse what cannot be, and are not there under unknown ids', async ({
  request,
}) => {
  const send = (method: 'post' | 'patch', path: string, data: object) =>
    request[method](path, { headers: json, data });
  const lot = { kind: 'fluid', what: 'DOT 4', batch: '', quantity: 1, fluidClass: 'DOT4', sizeMl: 500 };
  const bad = await send('post', '/api/shelf', { id: randomUUID(), ...lot, quantity: 0, sizeMl: 50 });
  expect(bad.status()).toBe(422);
  expect((await bad.json()).issues.map((issue: { path: string }) => issue.path).sort()).toEqual([
    'quantity',
    'sizeMl',
  ]);
  expect((await send('post', '/api/shelf', { ...lot })).status()).toBe(422);

  const added = await (await send('post', '/api/shelf', { id: randomUUID(), ...lot })).json();
  const stale = await send('patch', `/api/shelf/${added.id}`, {
    quantity: 4,
    remainingMl: null,
    dropped: false,
    version: added.version + 3,
  });
  expect(stale.status()).toBe(409);
  expect((await stale.json()).current).toMatchObject({ id: added.id, quantity: 1 });
  const gone = await send('patch', `/api/shelf/${added.id}`, {
    quantity: 1,
    remainingMl: null,
    dropped: true,
    version: added.version,
  });
  expect(gone.ok()).toBe(true);
  expect((await send('post', `/api/shelf/${added.id}/open`, { id: randomUUID() })).status()).toBe(404);

  for (const id of [randomUUID(), 'nonsense']) {
    const part = {
      id: randomUUID(),
      kind: 'pads',
      place: 'front',
      what: 'Pads',
      batch: '',
      fittedOn: '2026-01-01',
      jobId: null,
      shelfId: null,
    };
    expect((await send('post', `/api/cars/${id}/parts`, part)).status()).toBe(404);
    expect(
      (
        await send('post', `/api/works/${id}/ticks`, { id: randomUUID(), step: 'lift', done: true, note: '' })
      ).status(),
    ).toBe(404);
    expect((await send('post', `/api/shelf/${id}/open`, { id: randomUUID() })).status()).toBe(404);
  }
});
