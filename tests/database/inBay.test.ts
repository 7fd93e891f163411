import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { getInspection } from '../../server/inspect/queries';
import { inBayOf } from '../../server/jobs/inBay';
import { openJob } from '../../server/jobs/open';
import { freshDatabase } from '../support/database';
import { answer, makeJob } from '../support/shop';

let drop: () => Promise<void>;
beforeAll(async () => {
  ({ drop } = await freshDatabase());
});
afterAll(() => drop());

describe('what a car stands in the bay for', () => {
  it('is each of its open jobs with what keeps it there and what was found wrong, however many there are', async () => {
    const { job } = await makeJob('Knocks');
    const said = { finding: 'bearing_play', place: 'FR', state: 'excess' };
    await answer(job.id, said);
    for (let more = 0; more < 6; more++)
      await openJob({ id: randomUUID(), carId: job.carId, complaint: `More ${more}`, neededAt: null });
    const jobs = await inBayOf(job.carId);
    expect(jobs).toHaveLength(7);
    expect(jobs.at(-1)).toMatchObject({
      number: job.number,
      holds: [{ id: 'bearing_play' }],
      wrong: [{ id: 'bearing_play', place: 'FR', state: 'excess' }],
    });
    const { report, inBay } = await getInspection(job.carId);
    expect([report.found, inBay]).toEqual([0, jobs]);
  });

  it('is over what was found right after the work, not over its hold before somebody signs for it', async () => {
    const { job } = await makeJob('Knocks again');
    await answer(job.id, { finding: 'bearing_play', place: 'FR', state: 'excess' });
    await answer(job.id, { phase: 'after', finding: 'bearing_play', place: 'FR', state: 'ok' });
    expect(await inBayOf(job.carId)).toMatchObject([{ holds: [{ id: 'bearing_play' }], wrong: [] }]);
  });
});
