import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { closeJob } from '../../server/jobs/close';
import { comeBack, sendOut } from '../../server/jobs/proofDrive';
import { getSheet } from '../../server/jobs/queries';
import { freshDatabase } from '../support/database';
import { answer, failureOf, makeJob } from '../support/shop';

let drop: () => Promise<void>;
beforeAll(async () => {
  ({ drop } = await freshDatabase());
});
afterAll(() => drop());

describe('a drive on proof', () => {
  it('lets a car out on proof once it is firm at rest, one drive at a time, and takes it back once', async () => {
    const { job } = await makeJob();
    await answer(job.id, { finding: 'pedal_spongy', state: 'yes' });
    const drive = { driver: 'Mira', conditions: 'Hot, five laps', dueOn: '2027-01-09' };
    const failure = await failureOf(sendOut(job.id, { id: randomUUID(), ...drive }));
    expect(failure.detail.issues!.map((issue) => issue.path)).toEqual([
      'proof.pedal_now',
      'proof.pedal_hold',
    ]);
    await answer(job.id, { phase: 'after', finding: 'pedal_now', state: 'firm' });
    await answer(job.id, { phase: 'after', finding: 'pedal_hold', state: 'holds' });
    const out = await sendOut(job.id, { id: randomUUID(), ...drive });
    expect(out).toMatchObject({ ...drive, back: null });
    expect((await failureOf(sendOut(job.id, { id: randomUUID(), ...drive }))).code).toBe('stale');
    const away = { outcome: 'better', confirmed: ['air_in_lines'], summary: '', by: 'Mira', next: [] };
    const { version } = (await getSheet(job.id)).job;
    expect((await failureOf(closeJob(job.id, { ...away, version }))).detail.issues![0]).toMatchObject({
      path: 'drive',
      value: 'not back yet',
    });
    const wrong = await failureOf(comeBack(out.id, { id: randomUUID(), laps: 2.5, airC: 90, note: '' }));
    expect(wrong.detail.issues!.map(({ path, accepted }) => `${path}: ${accepted}`)).toEqual([
      'laps: a whole number is needed',
      'airC: -40 to 60 °C is accepted',
    ]);
    const back = await comeBack(out.id, { id: randomUUID(), laps: 5, airC: 21.5, note: 'Firm throughout' });
    expect(back.back).toMatchObject({ laps: 5, note: 'Firm throughout' });
    expect(back.back!.airC).toBeCloseTo(21.5, 9);
    expect(
      (await failureOf(comeBack(out.id, { id: randomUUID(), laps: 6, airC: null, note: '' }))).code,
    ).toBe('stale');
    expect((await getSheet(job.id)).proofDrives).toEqual([back]);
  });
});
