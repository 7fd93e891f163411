import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { database } from '../../server/db/sql';
import { confirmedCauses, jobsLike } from '../../server/learn/queries';
import { freshDemo } from '../support/database';
import { makeJob } from '../support/shop';

let drop: () => Promise<void>;
beforeAll(async () => {
  ({ drop } = await freshDemo());
});
afterAll(() => drop());

/** The same, counted over the whole past. */
async function counted(): Promise<Record<string, number>> {
  const rows = await database()`
    select cause, count(*)::int as jobs from job_causes join jobs on jobs.id = job_causes.job_id
    where closed_at is not null and outcome not in ('no_change', 'withdrawn') group by cause`;
  return Object.fromEntries(rows.map((row) => [row.cause, row.jobs]));
}

async function close(job: string, outcome: string, causes: readonly string[]): Promise<void> {
  await database('work').begin(async (tx) => {
    await tx`update jobs set outcome = ${outcome}, closed_by = 'x', summary = 'y', closed_at = opened_at + interval '1 hour' where id = ${job}`;
    await tx`insert into job_causes ${tx(causes.map((cause) => ({ jobId: job, cause })))}`;
  });
}

describe('the kept count of confirmed causes', () => {
  it('is what counting gives: as jobs come in, close each way, and lose what they had', async () => {
    const before = await counted();
    expect(Object.keys(before).length).toBeGreaterThan(2);
    expect(await confirmedCauses()).toEqual(before);
    for (const outcome of ['cured', 'better', 'no_change', 'withdrawn', 'cured_new_fault']) {
      const { job } = await makeJob();
      await close(job.id, outcome, ['air_in_lines', 'rotor_runout']);
      expect(await confirmedCauses()).toEqual(await counted());
    }
    const after = await counted();
    expect(after.air_in_lines! - (before.air_in_lines ?? 0)).toBe(3);
    await database()`delete from job_causes where cause = 'rotor_runout'`;
    expect(await confirmedCauses()).toEqual(await counted());
    expect(await confirmedCauses()).not.toHaveProperty('rotor_runout');
  });

  it('holds when many close at once with the same causes in any order', async () => {
    const jobs = await Promise.all(Array.from({ length: 8 }, () => makeJob()));
    const causes = ['pads_worn', 'air_in_lines', 'hose_restricted'];
    await Promise.all(
      jobs.map(({ job }, place) => close(job.id, 'cured', place % 2 ? causes : [...causes].reverse())),
    );
    expect(await confirmedCauses()).toEqual(await counted());
  });
});

describe('jobs like this one', () => {
  it('are the latest that complained alike, by what they turned out to be', async () => {
    const { job: asking } = await makeJob();
    expect(await jobsLike(['droning_wheel'], asking.id)).toEqual({ total: 0, causes: [] });
    for (const outcome of ['cured', 'no_change', 'cured']) {
      const { job } = await makeJob();
      await database()`
        insert into findings ${database()({ id: randomUUID(), jobId: job.id, phase: 'before', finding: 'droning_wheel', state: 'yes', recordedAt: new Date() })}`;
      await close(job.id, outcome, ['wheel_bearing_play']);
    }
    expect(await jobsLike(['droning_wheel'], asking.id)).toEqual({
      total: 2,
      causes: [{ cause: 'wheel_bearing_play', jobs: 2 }],
    });
  });
});
