import { afterEach, describe, expect, it, vi } from 'vitest';
import { createOutbox, type Parcel } from './outbox';

/** What the server says to each request, in turn; 'away' is no answer at all. */
type Said = { status: number; body: Record<string, unknown> } | 'away' | 'cut off';

type Storage = { full?: boolean; denied?: boolean; stuck?: boolean };

/** An outbox on ground of the test's own, and what it sent and stored. */
function setUp(replies: Said[] = [], stored = new Map<string, string>(), trouble: Storage = {}) {
  vi.useFakeTimers();
  const sent: { path: string; body: Record<string, unknown> }[] = [];
  const aside: string[] = [];
  const write = (key: string, value: string) => {
    if (trouble.full || trouble.denied) return false;
    stored.set(key, value);
    return true;
  };
  const outbox = createOutbox({
    storage: {
      read: (key) => (trouble.denied ? null : (stored.get(key) ?? null)),
      write,
      remove(key) {
        if (trouble.denied || trouble.stuck) return false;
        stored.delete(key);
        return true;
      },
      setAside(key) {
        aside.push(stored.get(key)!);
        stored.delete(key);
      },
    },
    async fetch(path, init) {
      sent.push({ path, body: JSON.parse(init.body as string) });
      const reply = replies.shift() ?? { status: 200, body: { version: 9 } };
      if (reply === 'away') throw new TypeError('no network');
      if (reply === 'cut off') return new Response('{"half', { status: 200 });
      return Response.json(reply.body, { status: reply.status });
    },
    alone: (work) => work(),
    now: () => Date.now(),
  });
  return { outbox, stored, sent, aside, trouble };
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

/** Lets everything that is under way finish, timers included. */
const settle = (ms = 0) => vi.advanceTimersByTimeAsync(ms);

describe('the outbox', () => {
  afterEach(() => vi.useRealTimers());

  it('sends in the order of entry and forgets what has landed', async () => {
    const { outbox, stored, sent } = setUp();
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
    const { outbox, stored, sent } = setUp([
      'away',
      { status: 503, body: { message: 'The database does not answer.' } },
    ]);
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
    const { outbox, sent } = setUp([{ status: 409, body: refusal }]);
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
    const { outbox } = setUp([{ status: 422, body: { code: 'refused', message: 'No' } }]);
    outbox.add(answer('a'));
    await settle();
    outbox.drop('a');
    expect(outbox.snapshot().parcels).toEqual([]);
  });

  it('carries the version last seen, and goes on with the one the server answers', async () => {
    const { outbox, sent } = setUp([{ status: 200, body: { version: 4 } }]);
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
    const first = setUp([newer('')]);
    first.outbox.sawVersion('j', 3);
    first.outbox.add(change('whenWhere', 'Turn 4', ''));
    await settle();
    expect(first.sent.map((each) => each.body.version)).toEqual([3, 8]);
    expect(first.outbox.snapshot().parcels).toEqual([]);

    const second = setUp([newer('Turn 9')]);
    second.outbox.sawVersion('j', 3);
    second.outbox.add(change('whenWhere', 'Turn 4', ''));
    await settle();
    expect(second.sent).toHaveLength(1);
    expect(second.outbox.snapshot().parcels[0]!.refusal!.code).toBe('stale');
  });

  it('picks up what an earlier page left behind', async () => {
    const { outbox, stored, sent } = setUp(
      [],
      new Map([['bavrin.outbox', JSON.stringify([answer('left')])]]),
    );
    outbox.look();
    await settle();
    expect(sent.map((each) => each.body.id)).toEqual(['left']);
    expect(stored.has('bavrin.outbox')).toBe(false);
  });

  it('sends again what was taken but whose answer broke off on the way', async () => {
    const { outbox, stored, sent } = setUp(['cut off']);
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
    const { outbox, stored } = setUp();
    outbox.add(answer('a'));
    await settle();
    // A reload: the page is new, the device's storage is not.
    const next = setUp([], stored).outbox;
    expect(next.hasLanded('j')).toBe(true);
    await settle(30_000);
    expect(next.hasLanded('j')).toBe(false);
  });

  it.each([[{ full: true }], [{ denied: true }]])(
    'sends and keeps what the device would not: %o',
    async (trouble) => {
      const { outbox, sent, stored } = setUp(['away', 'away'], new Map(), trouble);
      outbox.add(answer('a'));
      outbox.add(answer('b'));
      await settle();
      expect(outbox.snapshot().parcels.map((parcel) => parcel.id)).toEqual(['a', 'b']);
      expect(outbox.snapshot().trouble).toContain('does not answer');
      await settle(10_000);
      expect(sent.map((each) => each.body.id)).toEqual(['a', 'a', 'a', 'b']);
      expect(outbox.snapshot()).toEqual({ parcels: [], trouble: null });
      expect(stored.size).toBe(0);
    },
  );

  it('lets nothing of another tab go when this one could not be stored, and stores all once there is room', async () => {
    const stored = new Map([['bavrin.outbox', JSON.stringify([answer('theirs')])]]);
    const { outbox, trouble } = setUp(['away', 'away', 'away'], stored, { full: true });
    outbox.add(answer('mine'));
    await settle();
    expect(outbox.snapshot().parcels.map((parcel) => parcel.id)).toEqual(['theirs', 'mine']);
    stored.set('bavrin.outbox', JSON.stringify([answer('theirs'), answer('their next')]));
    trouble.full = false;
    outbox.add(answer('last'));
    await settle();
    const kept = JSON.parse(stored.get('bavrin.outbox')!) as Parcel[];
    expect(kept.map((parcel) => parcel.id)).toEqual(['theirs', 'their next', 'mine', 'last']);
  });

  it('does not send again what landed while the device would not let it go', async () => {
    const stored = new Map([['bavrin.outbox', JSON.stringify([answer('a')])]]);
    const { outbox, sent } = setUp([], stored, { full: true, stuck: true });
    outbox.look();
    await settle();
    outbox.add(answer('b'));
    await settle();
    expect(sent.map((each) => each.body.id)).toEqual(['a', 'b']);
    expect(outbox.snapshot().parcels).toEqual([]);
  });

  it.each(['5', '{"a":1}', '[null]', 'not json', '[{"id":1}]'])(
    'sets rubbish aside as it was: %s',
    async (rubbish) => {
      const { outbox, sent, aside } = setUp([], new Map([['bavrin.outbox', rubbish]]));
      outbox.look();
      outbox.add(answer('a'));
      await settle();
      expect(aside).toEqual([rubbish]);
      expect(sent.map((each) => each.body.id)).toEqual(['a']);
    },
  );

  it('still sends what can be read of a list with rubbish in it', async () => {
    const { outbox, sent } = setUp([], new Map([['bavrin.outbox', JSON.stringify([null, answer('a'), 7])]]));
    outbox.look();
    await settle();
    expect(sent.map((each) => each.body.id)).toEqual(['a']);
  });

  it.each([401, 408, 425, 429])(
    'keeps a parcel that %i puts off, and does not call it refused',
    async (status) => {
      const { outbox, sent } = setUp([{ status, body: { code: 'later', message: 'Not now.' } }]);
      outbox.add(answer('a'));
      await settle();
      expect(outbox.snapshot()).toMatchObject({ trouble: 'Not now.', parcels: [{ id: 'a' }] });
      expect(outbox.snapshot().parcels[0]!.refusal).toBeUndefined();
      await settle(1000);
      expect(sent).toHaveLength(2);
      expect(outbox.snapshot().parcels).toEqual([]);
    },
  );
});
