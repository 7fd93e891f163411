import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { planOf } from '../../core/planning/run/run';
import { getBay } from '../../server/bay/queries';
import { finishFollowUp } from '../../server/cars/actions';
import { openFollowUps } from '../../server/cars/queries';
import { closeJob } from '../../server/jobs/close';
import { changeJob, openJob } from '../../server/jobs/open';
import { getSheet } from '../../server/jobs/queries';
import { addTick } from '../../server/jobs/work';
import { leftBy } from '../../server/ledger/left';
import { addEvent } from '../../server/wear/actions';
import { bleedAtHand, doSteps } from '../support/bleed';
import { freshDatabase } from '../support/database';
import { answer, failureOf, makeJob } from '../support/shop';

let drop: () => Promise<void>;
beforeAll(async () => {
  ({ drop } = await freshDatabase());
});
afterAll(() => drop());

const closing = { outcome: 'no_change', confirmed: [], summary: '', by: 'Mira' };
const TEMPORARY = { why: 'No boot here', successor: 'New boots', sessions: 5, km: 400 };

describe('a temporary repair', () => {
  it('needs a limit, counts down on the board by sessions and distance, and is ended by its successor', async () => {
    const { job } = await makeJob('Boot torn');
    const opened = await changeJob(job.id, { version: job.version, odometerKm: 50_000 });
    const next = { id: randomUUID(), what: 'Boot taped shut', dueOn: null, temporary: TEMPORARY };
    const bad = { ...next, temporary: { ...TEMPORARY, sessions: null, km: null } };
    const failure = await failureOf(closeJob(job.id, { ...closing, version: opened.version, next: [bad] }));
    expect(failure.detail.issues![0]).toMatchObject({ path: 'next[0].dueOn' });
    const at = new Date('2027-05-01T10:00:00Z');
    await closeJob(job.id, { ...closing, version: opened.version, next: [next] }, at);
    expect((await leftBy(job.id)).due[0]).toMatchObject({ what: 'Boot taped shut', temporary: TEMPORARY });

    const line = async (today: string) =>
      (await getBay(today, true)).due.cars
        .find(({ carId }) => carId === job.carId)
        ?.lines.find(({ what }) => what === next.what);
    expect(await line('2027-05-10')).toMatchObject({ dueOn: null });
    for (const [onDate, sessions] of [
      ['2027-05-08', 3],
      ['2027-06-20', 4],
    ] as const)
      await addEvent(job.carId, { id: randomUUID(), name: 'Day', onDate, sessions });
    expect(await line('2027-05-10')).toMatchObject({
      dueOn: '2027-06-20',
      why: 'Temporary since 2027-05-01: No boot here. 3 of 5 sessions run, good for 400 km, the odometer not read since. Then: New boots.',
    });
    const later = await openJob(
      { id: randomUUID(), carId: job.carId, complaint: 'Service', neededAt: null },
      new Date('2027-05-11T08:00:00Z'),
    );
    // 200 km in ten days: the other 200 take ten more.
    await changeJob(later.job.id, { version: later.job.version, odometerKm: 50_200 });
    expect(await line('2027-05-12')).toMatchObject({ dueOn: '2027-05-21' });
    await finishFollowUp(next.id, { version: 1 });
    expect(await openFollowUps('2027-05-12', job.carId)).toEqual([]);
  });
});

describe('what a bleed taught', () => {
  it('is kept with the car when its job closes, and its next plan begins there', async () => {
    const { job, work } = await bleedAtHand();
    await doSteps(work);
    const bleeder = planOf(work).steps.find((step) => step.ml)!;
    const record = { clearAt: 310, ml: 340 };
    await addTick(work.id, { id: randomUUID(), step: bleeder.id, done: true, note: '', record });
    for (const [finding, state] of [
      ['pedal_now', 'firm'],
      ['pedal_hold', 'holds'],
    ] as const) {
      const said = (await getSheet(job.id)).answers.findLast(
        (row) => row.phase === 'after' && row.finding === finding,
      );
      await answer(job.id, { phase: 'after', finding, state, replaces: said?.id ?? null });
    }
    const { version } = (await getSheet(job.id)).job;
    await closeJob(job.id, { ...closing, version, next: [] });
    const again = await openJob({ id: randomUUID(), carId: job.carId, complaint: 'Again', neededAt: null });
    expect(again.clearAtMl).toEqual({ [`${bleeder.corner} single`]: 310 });
  });
});
