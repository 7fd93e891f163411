import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { database } from '../../server/db/sql';
import { onJobChange } from '../../server/live/changes';
import { beHere } from '../../server/live/presence';
import { addPerson } from '../../server/people/actions';
import { type Actor, as } from '../../server/people/actor';
import { freshDatabase } from '../support/database';
import { makeJob } from '../support/shop';

let drop: () => Promise<void>;
let mira: Actor;
let tobias: Actor;
beforeAll(async () => {
  ({ drop } = await freshDatabase());
  const actor = async (name: string): Promise<Actor> => {
    const { id } = await addPerson({ id: randomUUID(), name, role: 'technician' });
    return { id, name, role: 'technician' };
  };
  [mira, tobias] = [await actor('Mira'), await actor('Tobias')];
});
afterAll(() => drop());

const here = (actor: Actor, job: string, page: string, question = '', gone = false) =>
  as(actor, () => beHere(job, { page, stage: 'checks', question, gone }));

describe('who else has a job open', () => {
  it('is heard by each of the others, where they are, until they leave', async () => {
    const { job } = await makeJob();
    const [left, right] = [randomUUID(), randomUUID()];
    expect(await here(mira, job.id, left)).toEqual({ others: [] });
    expect(await here(tobias, job.id, right, 'Rotor, FL')).toEqual({
      others: [{ name: 'Mira', stage: 'checks', question: '' }],
    });
    expect((await here(mira, job.id, left)).others).toEqual([
      { name: 'Tobias', stage: 'checks', question: 'Rotor, FL' },
    ]);
    await here(tobias, job.id, right, '', true);
    expect((await here(mira, job.id, left)).others).toEqual([]);
  });

  it('forgets a page that is not heard of any more', async () => {
    const { job } = await makeJob();
    await here(tobias, job.id, randomUUID());
    await database(
      'open',
    )`update presence set seen_at = now() - interval '51 seconds' where job_id = ${job.id}`;
    expect((await here(mira, job.id, randomUUID())).others).toEqual([]);
  });

  it('takes nobody else’s page for its own', async () => {
    const { job } = await makeJob();
    const page = randomUUID();
    await here(mira, job.id, page);
    await here(tobias, job.id, page, 'Rotor, FL');
    const rows = await database()`select person_id, question from presence where page = ${page}`;
    expect(rows).toMatchObject([{ personId: mira.id, question: '' }]);
    await here(tobias, job.id, page, '', true);
    expect(await database()`select 1 from presence where page = ${page}`).toHaveLength(1);
  });

  it('is told as it changes, and not while it does not', async () => {
    const { job } = await makeJob();
    const heard: string[] = [];
    const off = onJobChange((told) => heard.push(told));
    await expect.poll(() => heard).toContain('');
    const page = randomUUID();
    const told = () => heard.filter((each) => each === `here ${job.id}`).length;
    await here(mira, job.id, page);
    await expect.poll(told).toBe(1);
    await here(mira, job.id, page);
    await here(mira, job.id, page, 'Rotor, FL');
    await expect.poll(told).toBe(2);
    await here(mira, job.id, page, '', true);
    await expect.poll(told).toBe(3);
    off();
  });
});
