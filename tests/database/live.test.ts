import { randomUUID } from 'node:crypto';
import postgres from 'postgres';
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import { saveCar } from '../../server/cars/actions';
import { getCar } from '../../server/cars/queries';
import { database } from '../../server/db/sql';
import { addAnswer } from '../../server/jobs/append';
import { changeJob } from '../../server/jobs/open';
import { onJobChange } from '../../server/live/changes';
import { changeStream } from '../../server/live/stream';
import { freshDatabase } from '../support/database';
import { makeJob } from '../support/shop';

let drop: () => Promise<void>;
beforeAll(async () => {
  ({ drop } = await freshDatabase());
});
afterAll(() => drop());

/** Longer than any pause of a busy machine, ms: what is told at all is told long before. */
const IN_THE_END = 20_000;

const answer = (jobId: string) =>
  addAnswer(jobId, {
    ...{ id: randomUUID(), phase: 'before', finding: 'pedal_spongy', place: '', state: 'yes' },
    ...{ replaces: null, why: '' },
  });

/** Jobs as they are told of. */
async function listening(): Promise<{ told: string[]; off: () => void }> {
  const told: string[] = [];
  const off = onJobChange((id) => told.push(id));
  const { job } = await makeJob();
  // The line to the database is there once something comes over it.
  await vi.waitFor(async () => {
    await changeJob(job.id, { history: `${Math.random()}`, version: await versionOf(job.id) });
    expect(told).toContain(job.id);
  }, IN_THE_END);
  await new Promise((resolve) => setTimeout(resolve, 100));
  told.length = 0;
  return { told, off };
}

async function versionOf(id: string): Promise<number> {
  return (await database()<{ version: number }[]>`select version from jobs where id = ${id}`)[0]!.version;
}

describe('what is written of a job', () => {
  it('is told at once: answers, and fields of the job itself, each of its own job', async () => {
    const { told, off } = await listening();
    const { job } = await makeJob();
    await vi.waitFor(() => expect(told).toContain(job.id), IN_THE_END);
    told.length = 0;
    await answer(job.id);
    await vi.waitFor(() => expect(told).toEqual([job.id]), IN_THE_END);
    told.length = 0;
    await changeJob(job.id, { history: 'Opened in May', version: await versionOf(job.id) });
    await vi.waitFor(() => expect(told).toEqual([job.id]), IN_THE_END);
    off();
  });

  it('is told of a car to its open jobs and to whoever looks at the shop, of the shop itself to everybody', async () => {
    const { told, off } = await listening();
    const [{ job }, { job: another }] = [await makeJob(), await makeJob()];
    const hear = async (expected: string[]) => {
      await vi.waitFor(() => expect(told).toEqual(expect.arrayContaining(expected)), IN_THE_END);
      told.length = 0;
    };
    await hear([job.id, another.id]);
    const { version, id, ...spec } = await getCar(job.carId);
    await saveCar(id, { ...spec, massKg: 1399, version });
    await vi.waitFor(() => expect(told.toSorted()).toEqual([job.id, 'shop'].toSorted()), IN_THE_END);
    told.length = 0;
    await database()`insert into follow_ups ${database()({ id: randomUUID(), carId: id, what: 'Look again', dueOn: '2026-12-01' })}`;
    await hear(['shop']);
    await database()`update shop set name = 'Another'`;
    await hear(['']);
    off();
  });

  it('is looked for once the line to the database is back', async () => {
    const { told, off } = await listening();
    await database()`
      select pg_terminate_backend(pid) from pg_stat_activity
      where query ilike 'listen%' and datname = current_database() and pid <> pg_backend_pid()`;
    await vi.waitFor(() => expect(told).toContain(''), IN_THE_END);
    const { job } = await makeJob();
    await answer(job.id);
    await vi.waitFor(() => expect(told).toContain(job.id), IN_THE_END);
    off();
  });

  it.each([
    ['came after they listened', true],
    ['stood when the first page came', false],
  ])(
    'is looked for and heard again after an outage that %s',
    async (_, listenedBefore) => {
      const url = new URL(process.env.DATABASE_URL!);
      const name = url.pathname.slice(1);
      url.pathname = '/postgres';
      const beside = postgres(url.href, { max: 1 });
      const told: string[] = [];
      const earlier = listenedBefore ? await listening() : undefined;
      await beside.unsafe(`alter database "${name}" allow_connections false`);
      await beside`select pg_terminate_backend(pid) from pg_stat_activity where datname = ${name} and query ilike 'listen%'`;
      const off = onJobChange((id) => told.push(id));
      await new Promise((resolve) => setTimeout(resolve, 1500));
      await beside.unsafe(`alter database "${name}" allow_connections true`);
      await vi.waitFor(() => expect(told).toContain(''), IN_THE_END);
      // What is written while the line is made anew is told by the '' that follows; what comes after it by its name.
      const later: string[] = [];
      await vi.waitFor(
        async () => {
          later.push((await makeJob()).job.id);
          await vi.waitFor(() => expect(later.some((id) => told.includes(id))).toBe(true), 300);
        },
        { timeout: IN_THE_END },
      );
      off();
      earlier?.off();
      await beside.end();
    },
    60_000,
  );

  it('goes to the pages of that job, and to those of all, as an event', async () => {
    const { told, off } = await listening();
    const { job } = await makeJob();
    const { job: other } = await makeJob();
    await vi.waitFor(() => expect(told).toContain(other.id), IN_THE_END);
    const streamOf = (id?: string) => {
      const reader = changeStream(new Request('http://127.0.0.1/'), id).body!.getReader();
      const seen: string[] = [];
      const read = async () => {
        for (;;) {
          const { done, value } = await reader.read();
          if (done) return;
          seen.push(new TextDecoder().decode(value));
        }
      };
      void read();
      return { seen, end: () => reader.cancel() };
    };
    const [own, others, all] = [streamOf(job.id), streamOf(other.id), streamOf()];
    const events = ({ seen }: typeof own) => seen.join('').split('data: changed').length - 1;
    // The first tells each to look at what was written before it heard.
    await vi.waitFor(() => expect([own, others, all].map(events)).toEqual([1, 1, 1]), IN_THE_END);
    await answer(job.id);
    await vi.waitFor(() => expect([own, others, all].map(events)).toEqual([2, 1, 2]), IN_THE_END);
    await Promise.all([own.end(), others.end(), all.end()]);
    off();
  });
});
