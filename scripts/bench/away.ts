import { randomUUID } from 'node:crypto';
import { createOutbox } from '../../features/queue/outbox';
import { createSender } from '../../features/queue/send';
import { database } from '../../server/db/sql';
import { memory, onePage } from '../../tests/support/memory';
import { signIn } from '../../tests/support/signIn';
import { Wire } from '../../tests/support/wire';
import { freePort } from '../system/port';
import { endGroup, serve } from '../system/web';
import { openJob } from './writer';

const PEOPLE = 8;
const BEFORE_MS = 5_000;
const AWAY_MS = 60_000;
/** How often each of them enters something, ms. */
const EVERY_MS = 1_000;

/** The database is gone for a minute while eight people go on entering: what of it does not stand once it is back, and how soon it does. */
export async function awayFigures(url: string): Promise<void> {
  const { wire, url: near } = await Wire.to(url);
  const server = await serve({ port: await freePort(), host: '127.0.0.1', url: near });
  try {
    const cookie = await signIn(server.address);
    const cars = await database()<{ id: string }[]>`select id from cars order by id`;
    const people = await Promise.all(
      Array.from({ length: PEOPLE }, async (_, at) => {
        const job = await openJob(server.address, cookie, cars[at % cars.length]!.id);
        return person(server.address, cookie, job);
      }),
    );
    await pause(BEFORE_MS);
    await wire.cut();
    await pause(AWAY_MS);
    await wire.mend();
    const back = performance.now();
    const entered = people.flatMap(({ stop }) => stop());
    while (people.some(({ waits }) => waits() > 0)) await pause(20);
    const landedMs = performance.now() - back;
    const rows = await database()`select id from findings where id = any(${entered})`;
    console.log(
      `database away ${AWAY_MS / 1000} s while ${PEOPLE} people entered ${entered.length} answers: lost ${entered.length - rows.length}; all stood ${(landedMs / 1000).toFixed(1)} s after it was back`,
    );
  } finally {
    endGroup(server.pid);
    await wire.cut();
  }
}

/** Somebody at a page: its outbox, and an answer every now and then, each over the one before. */
function person(address: string, cookie: string, job: string) {
  const outbox = createOutbox({
    storage: memory().storage,
    send: createSender({
      fetch: (path, init) =>
        fetch(`${address}${path}`, {
          ...init,
          headers: { ...init.headers, cookie },
          signal: AbortSignal.timeout(25_000),
        }),
      passOf: () => undefined,
      onPassEnded: async () => {},
    }).send,
    ...onePage(),
  });
  const entered: string[] = [];
  const timer = setInterval(() => {
    const id = randomUUID();
    const answer = {
      finding: 'pedal_spongy',
      place: '',
      state: entered.length % 2 === 0 ? 'yes' : 'no',
    } as const;
    const body = { id, phase: 'before', ...answer, replaces: entered.at(-1) ?? null, why: '' } as const;
    outbox.add({ id, jobId: job, kind: 'answer', label: id, body });
    entered.push(id);
  }, EVERY_MS);
  return {
    stop() {
      clearInterval(timer);
      return entered;
    },
    waits: () => outbox.snapshot().writes.length,
  };
}

const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));
