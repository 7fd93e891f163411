import { MessageChannel } from 'node:worker_threads';
import { expose } from 'comlink';
import { describe, expect, it } from 'vitest';
import { workerClient } from './workerClient';

const shop = {
  double: (value: number) => value * 2,
  fail: () => {
    throw new RangeError('not that');
  },
  never: () => new Promise<number>(() => {}),
};

/** A worker that is a port of this process; says how often one was begun and ended. */
function setUp(endsWithCall: boolean) {
  const seen = { begun: 0, ended: 0, break: () => {} };
  const client = workerClient<typeof shop>(
    () => {
      seen.begun += 1;
      const { port1, port2 } = new MessageChannel();
      expose(shop, port2 as never);
      seen.break = () => void port1.dispatchEvent(new Event('error'));
      const terminate = () => {
        seen.ended += 1;
        port1.close();
      };
      return Object.assign(port1, { terminate }) as never;
    },
    { endsWithCall },
  );
  return { client, seen };
}

describe('a worker as a client', () => {
  it('is begun when it is first asked, and answers and throws as what it exposes', async () => {
    const { client, seen } = setUp(false);
    expect(seen.begun).toBe(0);
    expect(await client.call((remote) => remote.double(21))).toBe(42);
    await expect(client.call((remote) => remote.fail())).rejects.toThrow('not that');
    expect(seen).toMatchObject({ begun: 1, ended: 0 });
  });

  it('that could not be fetched refuses who waits, and is begun anew by whoever asks next', async () => {
    const { client, seen } = setUp(false);
    client.ready();
    client.ready();
    expect(seen.begun).toBe(1);
    const call = client.call((remote) => remote.never());
    await new Promise((resolve) => setTimeout(resolve, 10));
    seen.break();
    await expect(call).rejects.toThrow('the worker could not be begun');
    expect(await client.call((remote) => remote.double(4))).toBe(8);
    expect(seen).toMatchObject({ begun: 2, ended: 1 });
  });

  it('drops the answer of a call that is given up, and goes on', async () => {
    const { client, seen } = setUp(false);
    const wanted = new AbortController();
    const call = client.call((remote) => remote.never(), { signal: wanted.signal });
    wanted.abort();
    await expect(call).rejects.toThrow(/abort/i);
    expect(await client.call((remote) => remote.double(2))).toBe(4);
    expect(seen).toMatchObject({ begun: 1, ended: 0 });
  });

  it('ends with a call that is given up, where it was begun for that, and is begun anew', async () => {
    const { client, seen } = setUp(true);
    const wanted = new AbortController();
    const call = client.call((remote) => remote.never(), { signal: wanted.signal });
    wanted.abort();
    await expect(call).rejects.toThrow(/abort/i);
    expect(await client.call((remote) => remote.double(2))).toBe(4);
    expect(seen).toMatchObject({ begun: 2, ended: 1 });
  });

  it('does not end under somebody else who waits', async () => {
    const { client, seen } = setUp(true);
    const wanted = new AbortController();
    const given = client.call((remote) => remote.never(), { signal: wanted.signal });
    const other = client.call((remote) => remote.double(3));
    wanted.abort();
    await expect(given).rejects.toThrow(/abort/i);
    expect(await other).toBe(6);
    expect(seen.ended).toBe(0);
  });

  it('is not asked when the call was given up before', async () => {
    const { client, seen } = setUp(true);
    await expect(
      client.call((remote) => remote.double(1), { signal: AbortSignal.abort() }),
    ).rejects.toThrow();
    expect(seen.begun).toBe(0);
  });
});
