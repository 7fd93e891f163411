import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { memory } from '@/tests/support/memory';
import {
  answerEntry as answer,
  changeEntry as change,
  outboxOn,
  pages,
  queued,
  type Said,
  settle,
  tickEntry as tick,
} from '@/tests/support/queue';
import type { News } from './outbox';
import { type Entry, isWrite } from './write';

const REFUSED: Said = { status: 422, body: { code: 'refused', message: 'No' } };
const STALE: Said = {
  status: 409,
  body: { code: 'stale', message: 'Somebody else', current: { id: 'x', state: 'no' } },
};

beforeEach(() => void vi.useFakeTimers());
afterEach(() => void vi.useRealTimers());

describe('the outbox', () => {
  it('sends in the order of entry and forgets what has landed', async () => {
    const { outbox, device, sent, ids } = outboxOn();
    const news: News[] = [];
    outbox.onNews((each) => news.push(each));
    outbox.add(answer('a'));
    outbox.add(answer('b'));
    expect(ids()).toEqual(['a', 'b']);
    await settle();
    expect(sent.map(({ path, body }) => [path, body.id])).toEqual([
      ['/api/jobs/j/answers', 'a'],
      ['/api/jobs/j/answers', 'b'],
    ]);
    expect(news).toMatchObject([{ landing: { write: { id: 'a' } } }, { landing: { write: { id: 'b' } } }]);
    expect(outbox.snapshot()).toMatchObject({ loaded: true, writes: [], phase: 'idle', unkept: null });
    expect(device.ids()).toEqual([]);
  });

  it('keeps everything while the server is away, says so, and sends it once it is back', async () => {
    const away: Said = { status: 503, body: { message: 'The database does not answer.' } };
    const { outbox, device, sent } = outboxOn(['away', away]);
    outbox.add(answer('a'));
    await settle();
    expect(outbox.snapshot()).toMatchObject({
      phase: 'waiting',
      trouble: expect.stringMatching('not answer'),
    });
    expect(device.ids()).toEqual(['a']);
    await settle(1000);
    expect(outbox.snapshot().trouble).toBe('The database does not answer.');
    await settle(3000);
    expect(outbox.snapshot()).toMatchObject({ writes: [], trouble: null, phase: 'idle' });
    expect(sent.map(({ body }) => body.id)).toEqual(['a', 'a', 'a']);
  });

  it('tries at once when it is woken', async () => {
    const { outbox, sent } = outboxOn(['away']);
    outbox.add(answer('a'));
    await settle();
    outbox.wake();
    await settle();
    expect(sent).toHaveLength(2);
    expect(outbox.snapshot().writes).toEqual([]);
    await settle(60_000);
    expect(sent).toHaveLength(2);
  });

  it('does not wait for its next try once the line is back, and disturbs nothing where nothing waits', async () => {
    const { outbox, sent } = outboxOn(['away']);
    outbox.wakeWaiting();
    expect(outbox.snapshot().phase).toBe('idle');
    outbox.add(answer('a'));
    await settle();
    outbox.wakeWaiting();
    await settle();
    expect(sent).toHaveLength(2);
    expect(outbox.snapshot().writes).toEqual([]);
  });

  it.each([401, 408, 425, 429])(
    'keeps a write that %i puts off, and does not call it refused',
    async (status) => {
      const { outbox, sent } = outboxOn([{ status, body: { code: 'later', message: 'Not now.' } }]);
      outbox.add(answer('a'));
      await settle();
      expect(outbox.snapshot()).toMatchObject({ trouble: 'Not now.', writes: [{ id: 'a' }] });
      expect(outbox.snapshot().writes[0]!.refusal).toBeUndefined();
      await settle(1000);
      expect(sent).toHaveLength(2);
      expect(outbox.snapshot().writes).toEqual([]);
    },
  );

  it('waits as long as a busy server asks for', async () => {
    const busy: Said = { status: 429, body: { message: 'Busy' }, headers: { 'retry-after': '7' } };
    const { outbox, sent } = outboxOn([busy]);
    outbox.add(answer('a'));
    await settle(6900);
    expect(sent).toHaveLength(1);
    await settle(200);
    expect(sent).toHaveLength(2);
  });

  it('sends again what was taken but whose answer broke off on the way', async () => {
    const { outbox, device, sent } = outboxOn(['cut off']);
    outbox.add(answer('a'));
    await settle();
    expect(device.ids()).toEqual(['a']);
    await settle(5000);
    expect(sent.map(({ body }) => body.id)).toEqual(['a', 'a']);
    expect(device.ids()).toEqual([]);
  });

  it('tries again when the page itself could not send', async () => {
    let broken = true;
    const lock = async (work: () => Promise<void>) => {
      if (broken) throw new DOMException('provoked', 'InvalidStateError');
      await work();
    };
    const { outbox, sent } = outboxOn([], { lock });
    outbox.add(answer('a'));
    await settle();
    expect(outbox.snapshot()).toMatchObject({ phase: 'waiting', trouble: expect.stringContaining('kept') });
    broken = false;
    await settle(1000);
    expect(sent).toHaveLength(1);
    expect(outbox.snapshot().writes).toEqual([]);
  });

  it('gives each write its place after the last, even where the clock was set back', async () => {
    const { outbox } = outboxOn(['away']);
    outbox.add(answer('a'));
    vi.setSystemTime(Date.now() - 3_600_000);
    outbox.add(answer('b'));
    const [first, second] = outbox.snapshot().writes;
    expect(second!.order).toBeGreaterThan(first!.order);
  });
});

describe('what the server refuses', () => {
  it('stays with its reason, over a reload too, while the rest goes on', async () => {
    const { outbox, device, sent } = outboxOn([STALE]);
    outbox.add(answer('a'));
    outbox.add(answer('b'));
    await settle();
    expect(sent.map(({ body }) => body.id)).toEqual(['a', 'b']);
    expect(outbox.snapshot().writes).toMatchObject([{ id: 'a', refusal: { code: 'stale' } }]);
    const next = outboxOn([], { device });
    next.outbox.wake();
    await settle();
    expect(next.sent).toEqual([]);
    expect(next.outbox.snapshot().writes).toMatchObject([{ id: 'a', refusal: { code: 'stale' } }]);
  });

  it('holds up what builds on it, and nothing else', async () => {
    const { outbox, sent, ids } = outboxOn([REFUSED]);
    outbox.add(answer('a'));
    outbox.add(answer('b', 'a'));
    outbox.add(answer('c', 'b'));
    outbox.add(answer('other'));
    await settle();
    expect(sent.map(({ body }) => body.id)).toEqual(['a', 'other']);
    expect(ids()).toEqual(['a', 'b', 'c']);
  });

  it('is followed by what builds on it, when it goes again under another id', async () => {
    const { outbox, sent, device } = outboxOn([STALE]);
    outbox.add(answer('a'));
    outbox.add(answer('b', 'a'));
    await settle();
    outbox.retry('a', (write) => ({ ...write, id: 'a2', body: { ...write.body, id: 'a2' } }) as typeof write);
    await settle();
    expect(sent.slice(1).map(({ body }) => [body.id, body.replaces])).toEqual([
      ['a2', null],
      ['b', 'a2'],
    ]);
    expect(device.ids()).toEqual([]);
  });

  it('goes with its steps when it is given up; a later answer is asked for by itself', async () => {
    const { outbox, sent, ids } = outboxOn([REFUSED]);
    const news: News[] = [];
    outbox.add(answer('w'));
    outbox.add(tick('t', 'w'));
    outbox.add(answer('b', 'w'));
    await settle();
    outbox.onNews((each) => news.push(each));
    outbox.drop('w');
    await settle();
    expect(sent.map(({ body }) => body.id)).toEqual(['w', 'b']);
    expect(news.map((each) => ('dropped' in each ? each.dropped.id : ''))).toEqual(['w', 't', '']);
    expect(ids()).toEqual([]);
  });

  it('holds a later change of the same field of the job, not one of another', async () => {
    const current = { version: 8, whenWhere: 'Turn 9', history: '', closedAt: null };
    const { outbox, sent } = outboxOn([{ status: 409, body: { code: 'stale', message: 'x', current } }]);
    outbox.add(change('whenWhere', 'Turn 4', ''));
    outbox.add(change('whenWhere', 'Turn 5', 'Turn 4'));
    outbox.add(change('history', 'Nothing', ''));
    await settle();
    expect(sent.map(({ body }) => body.whenWhere ?? body.history)).toEqual(['Turn 4', 'Nothing']);
  });
});

describe('a job’s own fields', () => {
  it('carry the version last seen, and go on with the one the server answers', async () => {
    const { outbox, sender, sent } = outboxOn([{ status: 200, body: { version: 4 } }]);
    sender.sawVersion('j', 3);
    outbox.add(change('whenWhere', 'Turn 4', ''));
    outbox.add(change('history', 'Nothing', ''));
    await settle();
    expect(sent.map(({ body }) => body)).toEqual([
      { whenWhere: 'Turn 4', version: 3 },
      { history: 'Nothing', version: 4 },
    ]);
  });

  it.each([
    ['other fields only: by itself', '', [3, 8], 0],
    ['this one: asked', 'Turn 9', [3], 1],
  ])('go over a newer version that changed %s', async (_, whenWhere, versions, left) => {
    const current = { version: 8, whenWhere, closedAt: null };
    const { outbox, sender, sent } = outboxOn([
      { status: 409, body: { code: 'stale', message: 'x', current } },
    ]);
    sender.sawVersion('j', 3);
    outbox.add(change('whenWhere', 'Turn 4', ''));
    await settle();
    expect(sent.map(({ body }) => body.version)).toEqual(versions);
    expect(outbox.snapshot().writes).toHaveLength(left);
  });
});

describe('a job’s own field, changed while its page hears of another', () => {
  it('goes over the newer version all the same', async () => {
    const current = { version: 8, whenWhere: '', closedAt: null };
    const { outbox, sender, sent } = outboxOn([
      {
        status: 409,
        get body() {
          // The page takes the newest sheet between the send and its answer.
          sender.sawVersion('j', 8);
          return { code: 'stale', message: 'x', current };
        },
      },
    ]);
    sender.sawVersion('j', 3);
    outbox.add(change('whenWhere', 'Turn 4', ''));
    await settle();
    expect(sent.map(({ body }) => body.version)).toEqual([3, 8]);
    expect(outbox.snapshot().writes).toEqual([]);
  });
});

describe('the device', () => {
  it('gives what an earlier page left behind', async () => {
    const device = memory([queued(answer('left'))]);
    const { outbox, sent } = outboxOn([], { device });
    expect(outbox.snapshot().loaded).toBe(false);
    outbox.wake();
    await settle();
    expect(sent.map(({ body }) => body.id)).toEqual(['left']);
    expect(device.ids()).toEqual([]);
  });

  it.each(['full', 'denied'] as const)('that is %s is said, and all is sent from the page', async (name) => {
    const device = memory();
    device.trouble[name] = true;
    const { outbox, sent, ids } = outboxOn(['away', 'away'], { device });
    outbox.add(answer('a'));
    outbox.add(answer('b'));
    await settle();
    expect(outbox.snapshot().unkept).toBe(name);
    expect(ids()).toEqual(['a', 'b']);
    await settle(10_000);
    expect(sent.map(({ body }) => body.id)).toEqual(['a', 'a', 'a', 'b']);
    expect(outbox.snapshot().writes).toEqual([]);
  });

  it('keeps what it would not keep before, once there is room', async () => {
    const device = memory([queued(answer('theirs'))]);
    device.trouble.full = true;
    const { outbox } = outboxOn(['away', 'away', 'away'], { device });
    outbox.add(answer('mine'));
    await settle();
    expect(outbox.snapshot().writes.map(({ id }) => id)).toEqual(['theirs', 'mine']);
    expect(device.ids()).toEqual(['theirs']);
    device.trouble.full = false;
    outbox.add(answer('last'));
    outbox.wake();
    await settle();
    expect(device.ids().sort()).toEqual(['last', 'mine', 'theirs']);
    expect(outbox.snapshot().unkept).toBeNull();
  });

  it('that does not let go of what has landed does not make it go twice', async () => {
    const device = memory([queued(answer('a'))]);
    device.trouble.stuck = true;
    const { outbox, sent } = outboxOn([], { device });
    outbox.wake();
    await settle();
    outbox.add(answer('b'));
    await settle();
    expect(sent.map(({ body }) => body.id)).toEqual(['a', 'b']);
    expect(outbox.snapshot().writes).toEqual([]);
  });
});

describe('two pages of one device', () => {
  /** A lock as the browser's: one works, the others wait their turn. */
  function oneAtATime() {
    let turn = Promise.resolve();
    return (work: () => Promise<void>) => {
      turn = turn.then(work);
      return turn;
    };
  }

  it('send each write once, and both hear that it has landed', async () => {
    const [device, page, lock] = [memory(), pages(), oneAtATime()];
    const one = outboxOn(['away'], { device, page: page(), lock });
    const other = outboxOn([], { device, page: page(), lock });
    const heard: string[] = [];
    other.outbox.onNews((each) => 'landing' in each && heard.push(each.landing.write.id));
    one.outbox.add(answer('a'));
    await settle();
    expect(other.ids()).toEqual(['a']);
    other.outbox.add(answer('b'));
    await settle(30_000);
    expect([...one.sent.slice(1), ...other.sent].map(({ body }) => body.id)).toEqual(['a', 'b']);
    expect([one.ids(), other.ids()]).toEqual([[], []]);
    expect(heard).toEqual(['a', 'b']);
  });
});

describe('what somebody else entered', () => {
  const MIRA = { id: 'm', name: 'Mira' };
  const TOBIAS = { id: 't', name: 'Tobias' };
  const leftBy = async () => {
    const device = memory();
    const { outbox } = outboxOn(Array(9).fill('away'), { device, who: () => MIRA });
    outbox.add(answer('a'));
    outbox.add(tick('a-step', 'a'));
    await settle();
    return device;
  };

  it('waits until they are back, with what builds on it, while one’s own goes', async () => {
    const device = await leftBy();
    const { outbox, sent, ids } = outboxOn([], { device, who: () => TOBIAS });
    outbox.wake();
    outbox.add(answer('b'));
    await settle();
    expect(sent.map(({ body }) => body.id)).toEqual(['b']);
    expect(ids()).toEqual(['a', 'a-step']);
    const back = outboxOn([], { device, who: () => MIRA });
    back.outbox.wake();
    await settle();
    expect(back.sent.map(({ body }) => body.id)).toEqual(['a', 'a-step']);
    expect(device.ids()).toEqual([]);
  });

  it('goes under another name when that person says so', async () => {
    const device = await leftBy();
    const { outbox, sent } = outboxOn([], { device, who: () => TOBIAS });
    outbox.wake();
    await settle();
    expect(sent).toEqual([]);
    outbox.takeOver();
    await settle();
    expect(sent.map(({ body }) => body.id)).toEqual(['a', 'a-step']);
  });

  it('goes under their own name, in its order, where they left their pass on the device', async () => {
    const device = await leftBy();
    const open = new Map([['m', 'pass of Mira']]);
    const { outbox, sent } = outboxOn([], { device, who: () => TOBIAS, open });
    outbox.wake();
    await settle();
    outbox.add(answer('b'));
    await settle();
    expect(sent.map(({ body, pass }) => [body.id, pass])).toEqual([
      ['a', 'pass of Mira'],
      ['a-step', 'pass of Mira'],
      ['b', undefined],
    ]);
  });

  it('waits for them where the shop takes that pass no more, and holds up nobody', async () => {
    const device = await leftBy();
    const open = new Map([['m', 'an old pass']]);
    const ended: Said = { status: 401, body: { code: 'signed_out', message: 'Sign in again.' } };
    const { outbox, sent, ids } = outboxOn([ended], { device, who: () => TOBIAS, open });
    outbox.wake();
    outbox.add(answer('b'));
    await settle(2000);
    expect(sent.map(({ body }) => body.id)).toEqual(['a', 'b']);
    expect(ids()).toEqual(['a', 'a-step']);
  });

  it('is anybody’s where it was entered before there were names', async () => {
    const device = memory([queued(answer('old'))]);
    const { outbox, sent } = outboxOn([], { device, who: () => TOBIAS });
    outbox.wake();
    await settle();
    expect(sent).toHaveLength(1);
  });
});

describe('a form that waits', () => {
  const fluid: Entry = {
    ...{ id: 'taken', jobId: 'j', kind: 'form', label: '300 ml taken off the shelf' },
    ...{ path: '/api/works/w/fluid', workId: 'w', body: { id: 'taken', taken: true, lot: null } },
  };
  const event: Entry = {
    ...{ id: 'day', jobId: '', kind: 'form', label: 'Day on track' },
    ...{ path: '/api/cars/c/events', body: { id: 'day', name: 'Test day' } },
  };
  const work = queued({ ...answer('w'), kind: 'work' } as unknown as Entry);

  it('goes to its own address, behind the work it is of', async () => {
    const { outbox, sent } = outboxOn([], { device: memory([work]) });
    outbox.add(fluid);
    outbox.add(event);
    await settle();
    expect(sent.map(({ path, body }) => [path, body.id])).toEqual([
      ['/api/jobs/j/works', 'w'],
      ['/api/works/w/fluid', 'taken'],
      ['/api/cars/c/events', 'day'],
    ]);
  });

  it('waits with a work that was refused, and is given up with it; one of no work goes on', async () => {
    const { outbox, sent, ids } = outboxOn([REFUSED], { device: memory([work]) });
    outbox.add(fluid);
    outbox.add(event);
    await settle();
    expect(sent.map(({ body }) => body.id)).toEqual(['w', 'day']);
    expect(ids()).toEqual(['w', 'taken']);
    outbox.drop('w');
    expect(ids()).toEqual([]);
  });

  it('is sent to no address that forms do not have', () => {
    expect(isWrite(queued(event))).toBe(true);
    for (const path of [
      '/api/shop',
      '/api/cars/c',
      '/api/cars/c/events/../../shop',
      'https://elsewhere.example/',
      undefined,
    ])
      expect(isWrite({ ...queued(event), path }), String(path)).toBe(false);
  });
});

describe('a job that begins and ends on the device', () => {
  const opening: Entry = {
    ...{ id: 'j', jobId: 'j', kind: 'opening', label: 'Opening' },
    body: { id: 'j', carId: 'c', complaint: 'Soft', neededAt: null },
  };
  const closing: Entry = {
    ...{ id: 'end', jobId: 'j', kind: 'closing', label: 'Closing' },
    body: { outcome: 'no_change', confirmed: [], summary: '', by: 'Mira', next: [], version: 2 },
  };
  const whole = (version: number): Said => ({ status: 200, body: { job: { version } } });

  it('goes in its order, each to its own address, over the version its author saw', async () => {
    const { outbox, sent } = outboxOn([
      whole(1),
      { status: 200, body: {} },
      { status: 200, body: { version: 2 } },
      whole(3),
    ]);
    outbox.add(opening);
    outbox.add(answer('a'));
    outbox.add(change('history', 'New pads', ''));
    outbox.add(closing);
    await settle();
    expect(sent.map(({ path, body }) => [path, body.version])).toEqual([
      ['/api/jobs', undefined],
      ['/api/jobs/j/answers', undefined],
      ['/api/jobs/j', 1],
      ['/api/jobs/j/close', 2],
    ]);
  });

  it('waits as a whole where its opening is refused, and is given up with it', async () => {
    const { outbox, sent, ids } = outboxOn([REFUSED]);
    outbox.add(opening);
    outbox.add(answer('a'));
    outbox.add(closing);
    await settle();
    expect(sent).toHaveLength(1);
    expect(ids()).toEqual(['j', 'a', 'end']);
    outbox.drop('j');
    await settle();
    expect(ids()).toEqual([]);
  });

  it('does not end over an entry that was refused', async () => {
    const { outbox, sent, ids } = outboxOn([REFUSED, { status: 200, body: {} }]);
    outbox.add(answer('a'));
    outbox.add(closing);
    outbox.add(answer('b'));
    await settle();
    expect(sent.map(({ body }) => body.id)).toEqual(['a', 'b']);
    expect(ids()).toEqual(['a', 'end']);
  });
});
