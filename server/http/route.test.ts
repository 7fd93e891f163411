import { describe, expect, it } from 'vitest';
import { toFailure } from '../db/failures';
import { Failure, refused, stale } from '../failure';
import { knownId, newId } from '../ids';
import { sameContent } from '../once';
import { readBytes, readJson, route } from './route';
import { fieldsOf, versioned } from './versioned';

process.env.BAVRIN_LOG = 'silent';

const context = { params: Promise.resolve({}) };
const post = (body: BodyInit, headers: Record<string, string> = { 'content-type': 'application/json' }) =>
  new Request('http://127.0.0.1/api/x', { method: 'POST', headers, body });
const issueOf = (work: () => unknown) => {
  try {
    work();
  } catch (error) {
    return (error as Failure).detail.issues?.[0] ?? (error as Failure).code;
  }
  return undefined;
};

describe('a route', () => {
  it('answers with what its handler gives, and failures with their code and words', async () => {
    const answer = async (give: () => unknown) => {
      const response = await route(async () => give())(post('{}'), context);
      return [response.status, await response.json()];
    };
    expect(await answer(() => ({ a: 1 }))).toEqual([200, { a: 1 }]);
    expect(await answer(() => undefined)).toEqual([200, {}]);
    const fail = (failure: unknown) => () => {
      throw failure;
    };
    expect(await answer(fail(refused([])))).toMatchObject([422, { code: 'refused', issues: [] }]);
    expect(await answer(fail(stale('That', { id: 1 })))).toMatchObject([
      409,
      { code: 'stale', current: { id: 1 } },
    ]);
    expect(await answer(fail(new Error('secret')))).toEqual([
      500,
      { code: 'broken', message: 'Something broke on our side. Nothing was saved.' },
    ]);
  });

  it('gives up in time', async () => {
    const response = await route(() => new Promise(() => {}), { withinMs: 20, open: true })(
      post('{}'),
      context,
    );
    expect(response.status).toBe(503);
    expect(await response.json()).toMatchObject({ code: 'unavailable' });
  });

  it('takes JSON only, and nothing from another site', async () => {
    const handler = route(async () => ({}));
    const status = async (headers: Record<string, string>) =>
      (await handler(post('{}', headers), context)).status;
    expect(await status({ 'content-type': 'application/json; charset=utf-8' })).toBe(200);
    expect(await status({ 'content-type': 'application/x-ndjson' })).toBe(200);
    expect(await status({ 'content-type': 'text/plain' })).toBe(403);
    expect(await status({ 'content-type': 'application/json', 'sec-fetch-site': 'cross-site' })).toBe(403);
    const head = new Request('http://127.0.0.1/api/x', {
      method: 'HEAD',
      headers: { 'sec-fetch-site': 'cross-site' },
    });
    expect((await handler(head, context)).status).toBe(200);
  });

  it('reads no more than it takes, whatever the sender says of its length', async () => {
    expect(new TextDecoder().decode(await readBytes(post('héllo')))).toBe('héllo');
    await expect(readBytes(post('x'.repeat(101)), 100)).rejects.toMatchObject({ code: 'too_large' });
    let pulled = 0;
    const endless = new ReadableStream({
      pull(controller) {
        pulled += 1;
        controller.enqueue(new Uint8Array(64));
      },
    });
    const request = new Request('http://127.0.0.1/', {
      method: 'POST',
      body: endless,
      duplex: 'half',
    } as RequestInit);
    await expect(readBytes(request, 1000)).rejects.toMatchObject({ code: 'too_large' });
    expect(pulled).toBeLessThan(30);
    await expect(readJson(post('{'))).rejects.toMatchObject({ code: 'refused' });
  });
});

describe('what comes in beside the content', () => {
  it('is a version that the database can count to', () => {
    expect(versioned({ version: 3, a: 1 })).toEqual({ version: 3, body: { a: 1 } });
    for (const version of [-1, 1.5, 2 ** 31, 9e15, '3', null, { toString: 1 }])
      expect(
        issueOf(() => versioned({ version })),
        String(JSON.stringify(version)),
      ).toMatchObject({ path: 'version', code: 'out_of_range' });
    for (const input of [null, [], 'x', 5, {}])
      expect(issueOf(() => versioned(input))).toMatchObject({ path: 'version', code: 'missing' });
    expect(fieldsOf('text')).toEqual({});
  });

  it('is an id in one spelling', () => {
    const id = 'ABCDEF00-0000-4000-8000-00000000000A';
    expect([newId(id), knownId('job', id)]).toEqual([id.toLowerCase(), id.toLowerCase()]);
    expect(issueOf(() => newId('nonsense'))).toMatchObject({ path: 'id', value: '"nonsense"' });
    expect(issueOf(() => newId(undefined))).toMatchObject({ code: 'missing' });
    expect(issueOf(() => knownId('job', '\0'))).toBe('not_found');
  });
});

describe('the same content', () => {
  it('whatever the order of its fields and the last bits of its figures', () => {
    expect(sameContent({ a: 1, b: [{ c: 0.1 + 0.2, d: null }] }, { b: [{ d: null, c: 0.3 }], a: 1 })).toBe(
      true,
    );
    expect(sameContent({ a: 1 }, { a: 1.0000001 })).toBe(false);
    expect(sameContent([1, 2], [2, 1])).toBe(false);
    expect(sameContent({ a: undefined }, {})).toBe(true);
    expect(sameContent({ a: null }, {})).toBe(false);
  });
});

describe('what the database’s own errors come to', () => {
  it.each([
    ['ECONNREFUSED', 'unavailable', 'does not answer'],
    ['08006', 'unavailable', 'does not answer'],
    ['57P01', 'unavailable', 'does not answer'],
    ['57014', 'unavailable', 'took too long'],
    ['53100', 'unavailable', 'disk is full'],
    ['53300', 'unavailable', 'out of room'],
    ['40001', 'unavailable', 'Two entries met'],
    ['23505', 'stale', 'changed by somebody else'],
    ['23514', 'refused', 'cannot be right'],
    ['22P05', 'refused', 'cannot be right'],
  ])('%s', (code, failure, words) => {
    expect(toFailure({ code, message: 'x' })).toMatchObject({
      code: failure,
      message: expect.stringContaining(words),
    });
  });

  it('is nothing to be told plainly where nobody foresaw it', () => {
    expect(toFailure({ code: '42703', message: 'no such column' })).toBeUndefined();
    expect(toFailure(new TypeError('x'))).toBeUndefined();
    const own = new Failure('foreign', 'x');
    expect(toFailure(own)).toBe(own);
  });
});
