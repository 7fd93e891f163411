import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { caseFromSheet } from '../../core/exchange/casefile/fromSheet';
import { passingRecord } from '../../core/planning/run/passing';
import type { WorkRow } from '../../core/planning/run/rows';
import { LEFT_UNDONE, planOf, runOf } from '../../core/planning/run/run';
import { TOOK } from '../../core/planning/run/took';
import { getCar } from '../../server/cars/queries';
import { database } from '../../server/db/sql';
import { addReading } from '../../server/jobs/append';
import { closeJob } from '../../server/jobs/close';
import { changeJob, openJob } from '../../server/jobs/open';
import { getSheet } from '../../server/jobs/queries';
import { addTick, addWork, proveHold, recordVerdict } from '../../server/jobs/work';
import { timesTaken } from '../../server/learn/minutes';
import { doSteps } from '../support/bleed';
import { freshDatabase } from '../support/database';
import { answer, drivenFor, failureOf, makeCar, makeJob } from '../support/shop';

let drop: () => Promise<void>;
beforeAll(async () => {
  ({ drop } = await freshDatabase());
});
afterAll(() => drop());

describe('answers are append-only', () => {
  it('keeps the old row when a correction names it', async () => {
    const { job } = await makeJob();
    const first = await answer(job.id, { finding: 'pedal_hold', state: 'holds' });
    const second = await answer(job.id, { finding: 'pedal_hold', state: 'sinks', replaces: first.id });
    const { answers } = await getSheet(job.id);
    expect(answers.map((row) => [row.id, row.state, row.replaces])).toEqual([
      [first.id, 'holds', null],
      [second.id, 'sinks', first.id],
    ]);
  });

  it('refuses to change or delete a row, whoever asks', async () => {
    const { job } = await makeJob();
    const row = await answer(job.id, { finding: 'pedal_hold', state: 'holds' });
    const sql = database();
    await expect(sql`update findings set state = 'sinks' where id = ${row.id}`).rejects.toThrow(
      /append-only/,
    );
    await expect(sql`delete from findings where id = ${row.id}`).rejects.toThrow(/append-only/);
  });

  it('holds one chain a slot in the database itself', async () => {
    const { job } = await makeJob();
    const first = await answer(job.id, { finding: 'pedal_hold', state: 'holds' });
    const sql = database();
    const raw = (replaces: string | null, finding = 'pedal_hold') =>
      sql`insert into findings ${sql({ id: randomUUID(), jobId: job.id, phase: 'before', finding, state: 'sinks', replaces, recordedAt: new Date() })}`;
    await expect(raw(null)).rejects.toThrow(/findings_first/);
    await expect(raw(first.id, 'pedal_pump')).rejects.toThrow(/foreign key/);
    await raw(first.id);
    await expect(raw(first.id)).rejects.toThrow(/unique/);
  });

  it('lands a repeated send once, and refuses the same id for something else', async () => {
    const { job } = await makeJob();
    const sent = { id: randomUUID(), finding: 'pedal_pump', state: 'rises' };
    const once = await answer(job.id, sent);
    expect(await answer(job.id, sent)).toEqual(once);
    expect((await getSheet(job.id)).answers).toHaveLength(1);
    expect((await failureOf(answer(job.id, { ...sent, state: 'same' }))).code).toBe('stale');
  });

  it('refuses an answer to what its author did not see, with what stands', async () => {
    const { job } = await makeJob();
    const theirs = await answer(job.id, { finding: 'pedal_pump', state: 'rises' });
    const failure = await failureOf(answer(job.id, { finding: 'pedal_pump', state: 'same' }));
    expect(failure).toMatchObject({ code: 'stale', detail: { current: { id: theirs.id, state: 'rises' } } });
  });

  it('lets only one of two at the same moment through', async () => {
    const { job } = await makeJob();
    const both = await Promise.allSettled([
      answer(job.id, { finding: 'leak', state: 'none' }),
      answer(job.id, { finding: 'leak', state: 'line_or_hose' }),
    ]);
    expect(both.map((each) => each.status).sort()).toEqual(['fulfilled', 'rejected']);
  });

  it('takes several states of one face in one answer, in the vocabulary’s order; of other questions one', async () => {
    const { job } = await makeJob();
    const face = { finding: 'rotor_surface', place: 'FL' };
    await answer(job.id, { ...face, state: 'grooves,cracked' });
    const { findings } = caseFromSheet(await getSheet(job.id));
    expect(findings).toEqual([
      { id: 'rotor_surface', state: 'grooves', corner: 'FL' },
      { id: 'rotor_surface', state: 'cracked', corner: 'FL' },
    ]);
    for (const [sent, accepted] of [
      [{ ...face, place: 'FR', state: 'cracked,grooves' }, 'grooves,cracked'],
      [{ ...face, place: 'FR', state: 'smooth,cracked' }, 'cracked'],
      [{ finding: 'bearing_play', place: 'FR', state: 'ok,excess' }, 'ok'],
    ] as const)
      expect((await failureOf(answer(job.id, sent))).detail.issues![0]).toMatchObject({
        path: 'answer.state',
        accepted,
      });
    const unknown = await failureOf(answer(job.id, { ...face, place: 'FR', state: 'grooves,craked' }));
    expect(unknown.detail.issues![0]).toMatchObject({ value: '"craked"' });
  });

  it('names field, value and range of what it refuses', async () => {
    const { job } = await makeJob();
    const unknown = await failureOf(answer(job.id, { finding: 'pedal_pumb', state: 'rises' }));
    expect(unknown.detail.issues![0]).toMatchObject({
      path: 'finding',
      value: '"pedal_pumb"',
      accepted: expect.stringContaining('pedal_pump'),
    });
    const place = await failureOf(answer(job.id, { finding: 'pedal_pump', state: 'rises', place: 'FL' }));
    expect(place.detail.issues![0]!.path).toBe('answer.corner');
    expect((await failureOf(answer(randomUUID(), { finding: 'pedal_pump', state: 'rises' }))).code).toBe(
      'not_found',
    );
    expect((await failureOf(answer('no-id', { finding: 'pedal_pump', state: 'rises' }))).code).toBe(
      'not_found',
    );
  });
});

describe('readings', () => {
  it('are taken only when their calc takes them', async () => {
    const { job } = await makeJob();
    const reading = (input: unknown, replaces: string | null = null) =>
      addReading(job.id, {
        id: randomUUID(),
        phase: 'before',
        kind: 'fluid',
        corner: '',
        input,
        replaces,
        why: '',
      });
    const refused = await failureOf(reading({ class: 'DOT4', moisturePct: 40 }));
    expect(refused.detail.issues![0]).toMatchObject({ path: 'moisturePct', value: '40' });
    const first = await reading({ class: 'DOT4', moisturePct: 3.1 });
    await reading({ class: 'DOT4', moisturePct: 0.2 }, first.id);
    expect((await getSheet(job.id)).readings).toHaveLength(2);
  });
});

describe('a job’s own fields', () => {
  it('carry the version their author saw', async () => {
    const { job } = await makeJob();
    const changed = await changeJob(job.id, { version: job.version, whenWhere: 'Turn 4' });
    expect(changed.version).toBe(job.version + 1);
    const failure = await failureOf(changeJob(job.id, { version: job.version, whenWhere: 'Turn 9' }));
    expect(failure).toMatchObject({ code: 'stale', detail: { current: { whenWhere: 'Turn 4' } } });
    expect((await failureOf(changeJob(job.id, { whenWhere: 'x' }))).detail.issues![0]!.path).toBe('version');
    expect((await failureOf(changeJob(job.id, { version: 2, nonsense: 1 }))).detail.issues![0]!.path).toBe(
      'nonsense',
    );
  });

  it('open once for a repeated send', async () => {
    const car = await makeCar();
    const sent = { id: randomUUID(), carId: car.id, complaint: 'Long', neededAt: null };
    const [first, second] = [await openJob(sent), await openJob(sent)];
    expect(second.job.number).toBe(first.job.number);
  });
});

describe('from hold to closed', () => {
  async function wetJob() {
    const sheet = await makeJob('Went to the floor');
    await answer(sheet.job.id, { finding: 'pedal_to_floor', state: 'yes' });
    await tested(sheet.job.id, 'before', 3.4);
    return sheet.job;
  }
  const tested = (jobId: string, phase: 'before' | 'after', moisturePct: number) =>
    addReading(jobId, {
      id: randomUUID(),
      phase,
      kind: 'fluid',
      corner: '',
      input: { class: 'DOT4', moisturePct },
      replaces: null,
      why: '',
    });
  const closing = { outcome: 'cured', confirmed: ['fluid_boiled_wet'], summary: 'Wet', by: 'Mira', next: [] };

  it('does not close while a hold is open, a pedal unproved or no cause confirmed', async () => {
    const job = await wetJob();
    const failure = await failureOf(closeJob(job.id, { ...closing, confirmed: [], version: job.version }));
    expect(failure.detail.issues!.map((issue) => issue.path)).toEqual([
      'holds.pedal_to_floor',
      'holds.fluid_wet',
      'proof.pedal_now',
      'proof.pedal_hold',
      'drive',
      'confirmed',
    ]);
  });

  it('closes once all is proved, writes the verdict, the fill date and what is due, and stays as it is', async () => {
    const job = await wetJob();
    const verdict = await recordVerdict(job.id, { id: randomUUID(), decided: 'fluid_boiled_wet' });
    expect(verdict.leading[0]!.id).toBe('fluid_boiled_wet');
    const work = await addWork(job.id, {
      id: randomUUID(),
      procedure: 'flush',
      cause: 'fluid_boiled_wet',
      title: 'Flush and bleed',
      before: '3.4 % water',
    });
    await doSteps(work);
    const took = (minutes: number) =>
      addTick(work.id, { id: randomUUID(), step: TOOK, done: true, note: '', record: { minutes } });
    expect((await failureOf(took(0))).detail.issues![0]).toMatchObject({ path: 'record.minutes' });
    await took(42);
    const said = { phase: 'after', place: '' } as const;
    for (const [finding, state] of [
      ['pedal_now', 'firm'],
      ['pedal_hold', 'holds'],
      ['leak', 'none'],
    ] as const)
      await answer(job.id, { ...said, finding, state });
    await tested(job.id, 'after', 0.1);
    for (const hold of ['pedal_to_floor', 'fluid_wet'])
      await proveHold(job.id, { id: randomUUID(), hold, how: 'Flushed, firm, held 30 s', by: 'Mira' });
    await drivenFor(job.id);
    const body = {
      ...closing,
      version: job.version,
      next: [{ id: randomUUID(), what: 'Moisture again', dueOn: '2027-05-01' }],
    };
    const closed = await closeJob(job.id, body, new Date('2027-01-02T10:00:00Z'));
    expect(closed.job).toMatchObject({ outcome: 'cured', confirmed: ['fluid_boiled_wet'], closedBy: 'Mira' });
    expect(closed.verdicts).toHaveLength(2);
    expect((await getCar(closed.job.carId)).fluidFilledOn).toBe('2027-01-02');
    // The next plan of the same job goes by it.
    expect((await timesTaken()).flush).toEqual({ jobs: 1, minutes: 42 });
    // The same closing sent again is answered with the record; anything else is refused.
    expect((await closeJob(job.id, body)).job.closedAt).toBe(closed.job.closedAt);
    expect((await failureOf(answer(job.id, { finding: 'leak', state: 'none' }))).code).toBe('stale');
    expect((await failureOf(changeJob(job.id, { version: closed.job.version, summary: 'x' }))).code).toBe(
      'stale',
    );
  });

  it('withdraws one that was opened by mistake; it stays in the ledger, and goes out in no export', async () => {
    const { job } = await makeJob('Twice on the board');
    const withdrawn = { outcome: 'withdrawn', confirmed: [], by: 'Mira', next: [], version: job.version };
    const failure = await failureOf(closeJob(job.id, { ...withdrawn, summary: '' }));
    expect(failure.detail.issues!.map((issue) => issue.path)).toEqual(['summary']);
    const closed = await closeJob(job.id, { ...withdrawn, summary: 'The same car is on already' });
    expect(closed.job).toMatchObject({ outcome: 'withdrawn', summary: 'The same car is on already' });
    expect(caseFromSheet(closed).record).toBeUndefined();
  });

  it('puts the hold on again when the same thing is found after its proof', async () => {
    const job = await wetJob();
    const first = await answer(job.id, { finding: 'pedal_hold', state: 'sinks' });
    const good = await answer(job.id, { phase: 'after', finding: 'pedal_hold', state: 'holds' });
    await proveHold(job.id, { id: randomUUID(), hold: 'pedal_sinks', how: 'New seal, holds', by: 'Mira' });
    expect(
      (
        await failureOf(
          proveHold(job.id, { id: randomUUID(), hold: 'pedal_sinks', how: 'Twice', by: 'Mira' }),
        )
      ).code,
    ).toBe('stale');
    const away = await answer(job.id, { finding: 'pedal_hold', state: 'holds', replaces: first.id });
    await answer(job.id, { finding: 'pedal_hold', state: 'sinks', replaces: away.id });
    // What was proved before it came on again is no proof of now.
    const again = { id: randomUUID(), hold: 'pedal_sinks', how: 'Another seal', by: 'Mira' };
    expect((await failureOf(proveHold(job.id, again))).code).toBe('refused');
    await answer(job.id, { phase: 'after', finding: 'pedal_hold', state: 'holds', replaces: good.id });
    await proveHold(job.id, { id: randomUUID(), hold: 'pedal_sinks', how: 'Another seal', by: 'Mira' });
    expect((await getSheet(job.id)).proofs).toHaveLength(2);
  });

  describe('in one visit', () => {
    const add = (jobId: string, procedure: string, visit: string | null = null) =>
      addWork(jobId, {
        ...{ id: randomUUID(), procedure, cause: null, title: procedure, before: '', visit },
        corners: ['FL', 'FR'],
      });
    const worksOf = async (jobId: string) => (await getSheet(jobId)).works;
    const idsOf = (row: WorkRow) => planOf(row).steps.map((step) => step.id);

    it('share what they share, and have their own back when the other is left undone', async () => {
      const { job } = await makeJob();
      const hose = await add(job.id, 'hose');
      const pads = await add(job.id, 'pads', hose.id);
      const [first, second] = await worksOf(job.id);
      expect(idsOf(first!)).not.toContain('wheels');
      expect(idsOf(second!)).not.toContain('lift');
      expect(planOf(second!).bleed).toBeDefined();
      for (const step of idsOf(first!))
        await addTick(hose.id, {
          ...{ id: randomUUID(), step, done: true, note: '' },
          record: passingRecord(planOf(first!).steps.find((each) => each.id === step)!),
        });
      // The car is apart: nothing closes over it.
      const open = await failureOf(
        closeJob(job.id, { ...closing, outcome: 'no_change', confirmed: [], version: job.version }),
      );
      expect(open.detail.issues!.map((issue) => issue.path)).toContain(`works.${pads.id}`);
      await addTick(pads.id, {
        ...{ id: randomUUID(), step: LEFT_UNDONE, done: true, note: 'no pads' },
        record: {},
      });
      const [again] = await worksOf(job.id);
      expect(again!.plan).toEqual(hose.plan);
      expect(runOf(again!, (await getSheet(job.id)).ticks).current!.id).toBe('approved');
    });

    it('take in no work once the car is being closed, nor one that shares nothing', async () => {
      const { job } = await makeJob();
      const { job: elsewhere } = await makeJob();
      const hose = await add(job.id, 'hose');
      const refused = async (of: Promise<unknown>) => (await failureOf(of)).detail.issues![0]!.path;
      expect(await refused(add(job.id, 'brace', hose.id))).toBe('visit');
      expect(await refused(add(elsewhere.id, 'pads', hose.id))).toBe('visit');
      await doSteps(hose, 'first bleeder');
      expect(await refused(add(job.id, 'pads', hose.id))).toBe('visit');
    });
  });

  it('passes a reading past its limit only when it is said what now', async () => {
    const { job } = await makeJob();
    const work = await addWork(job.id, {
      id: randomUUID(),
      procedure: 'bearing',
      cause: null,
      title: 'Bearing',
      before: '',
      corners: ['FR'],
    });
    const read = (playMm: number, replaces: string | null) =>
      addReading(job.id, {
        ...{ id: randomUUID(), phase: 'after', kind: 'bearing', corner: 'FR', input: { playMm }, replaces },
        why: '',
      });
    const pass = (record: Record<string, string>, note = '') =>
      addTick(work.id, { id: randomUUID(), step: 'again-fr', done: true, note, record });
    const first = await read(0.09, null);
    const refused = await failureOf(pass({ figure: 'taken' }));
    expect(refused.detail.issues![0]).toMatchObject({ path: 'record.way', code: 'refused' });
    await pass({ figure: 'taken', way: 'left' }, 'no bearing until Monday');
    await read(0.02, first.id);
    await pass({ figure: 'taken' });
  });

  it('ticks only steps that the work has', async () => {
    const job = await wetJob();
    const work = await addWork(job.id, {
      id: randomUUID(),
      procedure: 'other',
      cause: null,
      title: 'Brace',
      before: '',
      options: { touches: ['none'] },
    });
    const failure = await failureOf(
      addTick(work.id, { id: randomUUID(), step: 'bleed-1', done: true, note: '' }),
    );
    expect(failure.detail.issues![0]).toMatchObject({
      path: 'step',
      accepted: 'one of before, do, after, firm, hold, left-undone, took',
    });
  });
});
