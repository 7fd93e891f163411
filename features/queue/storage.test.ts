import 'fake-indexeddb/auto';
import { openDB } from 'idb';
import { describe, expect, it } from 'vitest';
import { answerEntry, queued, tickEntry } from '@/tests/support/queue';
import { earlier } from './earlier';
import { createStorage } from './storage';

let made = 0;
const freshName = () => `queue-${++made}`;
const quiet = () => {};

describe('the queue in the device’s database', () => {
  it('gives back what was put there, in order, also to a page that comes later', async () => {
    const name = freshName();
    const storage = createStorage(name, quiet);
    const [first, second] = [queued(answerEntry('z'), 1), queued(tickEntry('a', 'w'), 2)];
    await storage.put(second);
    await storage.put(first);
    expect(await createStorage(name, quiet).all()).toEqual([first, second]);
    await storage.remove('z');
    expect(await storage.all()).toEqual([second]);
  });

  it('keeps one of an id: the newest', async () => {
    const storage = createStorage(freshName(), quiet);
    const write = queued(answerEntry('a'));
    await storage.put(write);
    const refused = { ...write, refusal: { code: 'stale', message: 'Somebody else' } };
    await storage.put(refused);
    expect(await storage.all()).toEqual([refused]);
  });

  it('sets aside what no page can read, as it was, and says so', async () => {
    const name = freshName();
    let told = 0;
    const storage = createStorage(name, () => {
      told += 1;
    });
    const good = queued(answerEntry('good'));
    await storage.put(good);
    const rubbish = { id: 'r', kind: 'unheard of', order: 5 };
    await storage.put(rubbish as never);
    expect(await storage.all()).toEqual([good]);
    expect(await storage.all()).toEqual([good]);
    expect(told).toBe(1);
    const database = await openDB(name);
    expect(await database.getAll('unread')).toEqual([rubbish]);
  });
});

describe('what a version before the device’s database left behind', () => {
  function setUp(text: string | null) {
    const texts = new Map(text === null ? [] : [['bavrin.outbox', text]]);
    const aside: string[] = [];
    const storage = earlier(
      createStorage(freshName(), quiet),
      {
        read: (key) => texts.get(key) ?? null,
        remove: (key) => texts.delete(key),
        setAside(key) {
          aside.push(texts.get(key)!);
          texts.delete(key);
        },
      },
      () => 5000,
    );
    return { storage, texts, aside };
  }
  const parcel = { ...answerEntry('a'), method: 'POST', path: '/api/jobs/j/answers' };

  it('is taken over once, in its order', async () => {
    const { storage, texts, aside } = setUp(JSON.stringify([parcel, { ...parcel, id: 'b' }]));
    expect((await storage.all()).map(({ id, order }) => [id, order])).toEqual([
      ['a', 4998],
      ['b', 4999],
    ]);
    expect(await storage.all()).toHaveLength(2);
    expect([texts.size, aside]).toEqual([0, []]);
  });

  it.each(['5', '{"a":1}', '[null]', 'not json', '[{"id":1}]'])(
    'is set aside as it was: %s',
    async (rubbish) => {
      const { storage, aside } = setUp(rubbish);
      expect(await storage.all()).toEqual([]);
      expect(aside).toEqual([rubbish]);
    },
  );

  it('gives what can be read of a list with rubbish in it', async () => {
    const { storage, aside } = setUp(JSON.stringify([null, parcel, 7]));
    expect(await storage.all()).toMatchObject([{ id: 'a' }]);
    expect(aside).toHaveLength(1);
  });
});
