import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { database } from '../../server/db/sql';
import { freshDatabase } from '../support/database';
import { allRoutes, call, type RouteEntry } from '../support/routes';
import { BY_CONTENT, BY_ID, BY_NATURE, BY_VERSION } from '../support/writes';

let drop: () => Promise<void>;
let routes: Map<string, RouteEntry>;
beforeAll(async () => {
  ({ drop } = await freshDatabase());
  routes = new Map((await allRoutes()).map((entry) => [entry.name, entry]));
});
afterAll(() => drop());

describe('every write lands once', () => {
  it('and every one there is, is in this table', () => {
    const writes = [...routes.keys()].filter((name) => !name.startsWith('GET '));
    expect([...Object.keys(BY_ID), ...Object.keys(BY_VERSION), ...BY_CONTENT, ...BY_NATURE].sort()).toEqual(
      writes.sort(),
    );
  });

  describe.each(Object.keys(BY_ID))('%s', (name) => {
    it('sent again, at once and in capitals it is one; elsewhere or with other content it is refused', async () => {
      const { params, body, other, count, elsewhere } = await BY_ID[name]!();
      const send = (to: Record<string, string>, what: object) => call(routes.get(name)!, to, what);
      const id = randomUUID();
      const before = await count();
      const first = await send(params, { id, ...body });
      expect(first, JSON.stringify(first.json)).toMatchObject({ status: 200 });
      const written = (await count()) - before;
      expect(await send(params, { id, ...body })).toEqual(first);
      expect(await send(params, { id: id.toUpperCase(), ...body })).toEqual(first);
      if (JSON.stringify(other) !== JSON.stringify(body))
        expect(await send(params, { id, ...other })).toMatchObject({ status: 409, json: { code: 'stale' } });
      if (elsewhere)
        expect(await send(elsewhere, { id, ...body })).toMatchObject({
          status: 409,
          json: { code: 'stale' },
        });
      expect(await count()).toBe(before + written);
    });

    it('sent twenty times at once it is one, and all twenty are told so', async () => {
      const { params, body, count } = await BY_ID[name]!();
      const id = randomUUID();
      const before = await count();
      const all = await Promise.all(
        Array.from({ length: 20 }, () => call(routes.get(name)!, params, { id, ...body })),
      );
      expect(all.map((each) => each.status)).toEqual(Array(20).fill(200));
      expect(new Set(all.map((each) => JSON.stringify(each.json))).size).toBe(1);
      expect(await count()).toBe(before + 1);
    });
  });

  describe.each(Object.keys(BY_VERSION))('%s', (name) => {
    it('sent again and at once it says what stands; another content over the same version is refused', async () => {
      const { params, body, other } = await BY_VERSION[name]!();
      const send = (what: object) => call(routes.get(name)!, params, what);
      const all = await Promise.all(Array.from({ length: 10 }, () => send(body)));
      expect(
        all.map((each) => each.status),
        JSON.stringify(all[0]!.json),
      ).toEqual(Array(10).fill(200));
      expect(new Set(all.map((each) => JSON.stringify(each.json))).size).toBe(1);
      expect(await send(body)).toEqual(all[0]);
      expect(await send(other)).toMatchObject({ status: 409, json: { code: 'stale' } });
    });
  });

  it('an entry that landed is answered even after the job was closed by somebody else', async () => {
    const { params, body } = await BY_ID['POST /api/jobs/[id]/answers']!();
    const sent = { id: randomUUID(), ...body };
    const first = await call(routes.get('POST /api/jobs/[id]/answers')!, params, sent);
    await database()`update jobs set closed_at = now(), outcome = 'no_change', closed_by = 'x' where id = ${params.id!}`;
    expect(await call(routes.get('POST /api/jobs/[id]/answers')!, params, sent)).toEqual(first);
    expect(
      await call(routes.get('POST /api/jobs/[id]/answers')!, params, { ...sent, id: randomUUID() }),
    ).toMatchObject({
      status: 409,
    });
  });

  it('the same cases from five uploads at once are taken in once', async () => {
    const cases = Array.from({ length: 3 }, (_, index) => ({
      format: 'bavrin-case',
      version: 1,
      complaint: `Upload ${index}`,
      car: { name: 'Uploaded' },
      findings: [],
    }));
    const all = await Promise.all(
      Array.from({ length: 5 }, () => call(routes.get('POST /api/cases')!, {}, cases)),
    );
    expect(all.map((each) => each.status)).toEqual(Array(5).fill(200));
    expect(all.reduce((sum, each) => sum + Number(each.json.added), 0)).toBe(3);
    expect(await database()`select 1 from cars where name = 'Uploaded'`).toHaveLength(1);
  });
});
