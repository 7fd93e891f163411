import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Parcel } from './outbox';

/** What the server says to each request, in turn; 'away' is no answer at all. */
type Said = { status: number; body: Record<string, unknown> } | 'away' | 'cut off';

function setUp(...replies: Said[]) {
  vi.resetModules();
  vi.useFakeTimers();
  const stored = new Map<string, string>();
  vi.stubGlobal('localStorage', {
    getItem: (key: string) => stored.get(key) ?? null,
    setItem: (key: string, value: string) => stored.set(key, value),
    removeItem: (key: string) => stored.delete(key),
  });
  vi.stubGlobal('window', { addEventListener: () => {} });
  vi.stubGlobal('navigator', {});
  const sent: { path: string; body: Record<string, unknown> }[] = [];
  vi.stubGlobal('fetch', async (path: string, init: { body: string }) => {
    sent.push({ path, body: JSON.parse(init.body) });
    const reply = replies.shift() ?? { status: 200, body: { version: 9 } };
    if (reply === 'away') throw new TypeError('no network');
    if (reply === 'cut off')
      return { ok: true, status: 200, json: () => Promise.reject(new TypeError('the body broke off')) };
    return { ok: reply.status < 400, status: reply.status, json: async () => reply.body };
  });
  return { stored, sent };
}

const answer = (id: string): Parcel => ({
  id,
  kind: 'answer',
  jobId: 'j',
  method: 'POST',
  path: '/api/jobs/j/answers',
  body: { id },
  label: id,
});
const change = (field: string, value: string, was: string): Parcel => ({
  id: `${field}${value}`,
  kind: 'job',
  jobId: 'j',
  method: 'PATCH',
  path: '/api/jobs/j',
  body: { changes: { [field]: value }, was: { [field]: was } },
  label: field,
});
const load = async () => (await import('./outbox')).outbox;

/** Lets everything that is under way finish, timers included. */
const settle = (ms = 0) => vi.advanceTimersByTimeAsync(ms);

describe('the outbox', () => {
  beforeEach(() => {
    vi.useRealTimers();
    vi.unstubAllGlobals();
  });

  it('sends in the order of entry and forgets what has landed', async () => {
    const { stored, sent } = setUp();
    const outbox = await load();
    const landed: string[] = [];
    outbox.onDelivered((parcel) => landed.push(parcel.id));
    outbox.add(answer('a'));
    outbox.add(answer('b'));
    await settle();
    expect(sent.map((each) => each.body.id)).toEqual(['a', 'b']);
    expect(landed).toEqual(['a', 'b']);
    expect([outbox.hasLanded('j'), outbox.hasLanded('other')]).toEqual([true, false]);
    expect(stored.has('bavrin.outbox')).toBe(false);
  });

  it('keeps everything while the server is away, says so, and sends it once it is back', async () => {
    const { stored, sent } = setUp('away', {
      status: 503,
      body: { message: 'The database does not answer.' },
    });
    const outbox = await load();
    outbox.add(answer('a'));
    await settle();
    expect(outbox.snapshot().trouble).toContain('does not answer');
    expect(JSON.parse(stored.get('bavrin.outbox')!)).toHaveLength(1);
    await settle(1000);
    expect(outbox.snapshot().trouble).toBe('The database does not answer.');
    await settle(3000);
    expect(outbox.snapshot()).toEqual({ parcels: [], trouble: null });
    expect(sent.map((each) => each.body.id)).toEqual(['a', 'a', 'a']);
  });

  it('keeps a refused parcel with its reason, sends the rest, and leaves the decision to the person', async () => {
    const refusal = { code: 'stale', message: 'Somebody else', current: { id: 'x', state: 'no' } };
    const { sent } = setUp({ status: 409, body: refusal });
    const outbox = await load();
    outbox.add(answer('a'));
    outbox.add(answer('b'));
    await settle();
    expect(outbox.snapshot().parcels).toMatchObject([{ id: 'a', refusal }]);
    outbox.retry('a', { body: { id: 'a2', replaces: 'x' } });
    await settle();
    expect(outbox.snapshot().parcels).toEqual([]);
    expect(sent.at(-1)!.body).toEqual({ id: 'a2', replaces: 'x' });
  });

  it('drops what the person drops', async () => {
    setUp({ status: 422, body: { code: 'refused', message: 'No' } });
    const outbox = await load();
    outbox.add(answer('a'));
    await settle();
    outbox.drop('a');
    expect(outbox.snapshot().parcels).toEqual([]);
  });

  it('carries the version last seen, and goes on with the one the server answers', async () => {
    const { sent } = setUp({ status: 200, body: { version: 4 } });
    const outbox = await load();
    outbox.sawVersion('j', 3);
    outbox.add(change('whenWhere', 'Turn 4', ''));
    outbox.add(change('history', 'Nothing', ''));
    await settle();
    expect(sent.map((each) => each.body)).toEqual([
      { whenWhere: 'Turn 4', version: 3 },
      { history: 'Nothing', version: 4 },
    ]);
  });

  it('goes over a newer version by itself when only other fields changed, and asks when this one did', async () => {
    const newer = (whenWhere: string) => ({
      status: 409,
      body: { code: 'stale', message: 'x', current: { version: 8, whenWhere, closedAt: null } },
    });
    const first = setUp(newer(''));
    let outbox = await load();
    outbox.sawVersion('j', 3);
    outbox.add(change('whenWhere', 'Turn 4', ''));
    await settle();
    expect(first.sent.map((each) => each.body.version)).toEqual([3, 8]);
    expect(outbox.snapshot().parcels).toEqual([]);

    const second = setUp(newer('Turn 9'));
    outbox = await load();
    outbox.sawVersion('j', 3);
    outbox.add(change('whenWhere', 'Turn 4', ''));
    await settle();
    expect(second.sent).toHaveLength(1);
    expect(outbox.snapshot().parcels[0]!.refusal!.code).toBe('stale');
  });

  it('picks up what an earlier page left behind', async () => {
    const { stored, sent } = setUp();
    stored.set('bavrin.outbox', JSON.stringify([answer('left')]));
    const outbox = await load();
    outbox.start();
    await settle();
    expect(sent.map((each) => each.body.id)).toEqual(['left']);
    expect(stored.has('bavrin.outbox')).toBe(false);
  });

  it('sends again what was taken but whose answer broke off on the way', async () => {
    const { stored, sent } = setUp('cut off');
    const outbox = await load();
    const landed: unknown[] = [];
    outbox.onDelivered((_, reply) => landed.push(reply));
    outbox.add(answer('a'));
    await settle();
    expect(landed).toEqual([]);
    expect(JSON.parse(stored.get('bavrin.outbox')!)).toHaveLength(1);
    await settle(5000);
    expect(sent.map((each) => each.body.id)).toEqual(['a', 'a']);
    expect(landed).toEqual([{ version: 9 }]);
  });

  it('remembers for a while what has just landed: the page loaded at that moment knows nothing of it', async () => {
    setUp();
    (await load()).add(answer('a'));
    await settle();
    // A reload: the module is new, the device's storage is not.
    vi.resetModules();
    const next = await load();
    expect(next.hasLanded('j')).toBe(true);
    await settle(30_000);
    expect(next.hasLanded('j')).toBe(false);
  });
});
