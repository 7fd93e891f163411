import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { passingRecord } from '../../core/planning/run/passing';
import { planOf, runOf } from '../../core/planning/run/run';
import { getCar } from '../../server/cars/queries';
import { changePoured } from '../../server/jobs/fluid';
import { getSheet } from '../../server/jobs/queries';
import { addTick, addWork, proveHold } from '../../server/jobs/work';
import { fitPart } from '../../server/parts/actions';
import { carParts } from '../../server/parts/queries';
import { addShelfItem, changeShelfItem, openBottle } from '../../server/shelf/actions';
import { getShelf } from '../../server/shelf/queries';
import { bleedAtHand, doSteps, usedMl } from '../support/bleed';
import { freshDatabase } from '../support/database';
import { answer, failureOf, makeCar, makeJob } from '../support/shop';

let drop: () => Promise<void>;
beforeAll(async () => {
  ({ drop } = await freshDatabase());
});
afterAll(() => drop());

const work = (changes: Record<string, unknown> = {}) => ({
  id: randomUUID(),
  procedure: 'flush',
  cause: null,
  title: 'Flush',
  before: '',
  ...changes,
});
const tick = (step: string, changes: Record<string, unknown> = {}) => ({
  id: randomUUID(),
  step,
  done: true,
  note: '',
  ...changes,
});

describe('a work', () => {
  it('is planned on the server for this car and kept as planned', async () => {
    const { job } = await makeJob();
    const row = await addWork(
      job.id,
      work({
        procedure: 'pads',
        corners: ['FR'],
        cause: 'pad_worn_out',
        measuredBy: { reading: 'pads', corner: 'FR' },
      }),
    );
    expect(planOf(row)).toMatchObject({ procedure: 'pads', corners: ['FL', 'FR'] });
    expect(planOf(row).library).toMatch(/^\d{4}\.\d{2}\.\d+$/);
    expect((await getSheet(job.id)).works[0]).toEqual(row);
    expect(row).toMatchObject({ measuredBy: { reading: 'pads', corner: 'FR' } });
  });

  it('lands once, however often it is sent', async () => {
    const { job } = await makeJob();
    const sent = work();
    const row = await addWork(job.id, sent);
    expect(await addWork(job.id, sent)).toEqual(row);
    expect((await getSheet(job.id)).works).toHaveLength(1);
  });

  it('refuses a pressure over the reservoir’s ceiling, with field, value and range', async () => {
    const { job } = await makeJob();
    const failure = await failureOf(
      addWork(job.id, work({ options: { bleed: { method: 'pressure', pressureKPa: 260 } } })),
    );
    expect(failure.detail.issues![0]).toMatchObject({
      path: 'pressureKPa',
      accepted: expect.stringContaining('not above ceilingKPa'),
    });
    const impossible = await failureOf(addWork(job.id, work({ options: { bleed: { bottleMl: 5 } } })));
    expect(impossible.detail.issues![0]).toMatchObject({
      path: 'options.bleed.bottleMl',
      value: '5',
      accepted: expect.stringContaining('100 to 25000 ml'),
    });
    expect((await getSheet(job.id)).works).toEqual([]);
  });

  it('keeps what was written down at a step, and where the run stood', async () => {
    const { job } = await makeJob();
    const row = await addWork(job.id, work());
    await addTick(
      row.id,
      tick('leak-hold', { done: false, record: { clockFrom: '2026-05-01T10:00:00.000Z' } }),
    );
    await addTick(
      row.id,
      tick('bleed-1', {
        record: { colour: 'dark', bubbles: 'many', ml: 210, clearAt: 180 },
      }),
    );
    const { ticks } = await getSheet(job.id);
    const run = runOf(row, ticks);
    expect(run.last.get('bleed-1')!.record).toEqual({
      colour: 'dark',
      bubbles: 'many',
      ml: 210,
      clearAt: 180,
    });
    expect(run.last.get('leak-hold')!.record.clockFrom).toBe('2026-05-01T10:00:00.000Z');
  });

  it('does not let a check between corners be passed without its answer', async () => {
    const { job } = await makeJob();
    const row = await addWork(job.id, work());
    const failure = await failureOf(addTick(row.id, tick('leak-hold')));
    expect(failure.detail.issues![0]).toMatchObject({ path: 'record.answer', accepted: 'one of held' });
    expect((await failureOf(addTick(row.id, tick('leak-hold', { record: { answer: 'fell' } })))).code).toBe(
      'refused',
    );
  });

  it('does not let a held car be driven, and does once the hold is proved', async () => {
    const { job } = await makeJob();
    await answer(job.id, { finding: 'bearing_play', state: 'excess', place: 'FR' });
    const row = await addWork(job.id, work({ procedure: 'bed_in' }));
    const road = planOf(row).steps.find((step) => step.id === 'road');
    const sent = () => addTick(row.id, tick('road', { record: passingRecord(road!) }));
    expect((await failureOf(sent())).detail.issues![0]!.value).toContain('wheel bearing loose');
    const sign = () =>
      proveHold(job.id, {
        id: randomUUID(),
        hold: 'bearing_play',
        how: 'New bearing, 0.01 mm',
        by: 'Mira',
      });
    // Words prove nothing: the play is found gone first.
    expect((await failureOf(sign())).detail.issues![0]!.path).toBe('evidence.bearing_play.FR');
    await answer(job.id, { phase: 'after', finding: 'bearing_play', state: 'ok', place: 'FR' });
    await sign();
    expect((await sent()).done).toBe(true);
  });
});

describe('the shelf', () => {
  const lot = (changes: Record<string, unknown> = {}) => ({
    id: randomUUID(),
    kind: 'fluid',
    what: 'DOT 4',
    batch: 'A1',
    quantity: 2,
    fluidClass: 'DOT4',
    sizeMl: 500,
    ...changes,
  });

  const clearFluid = async () => {
    for (const item of (await getShelf()).filter(({ kind }) => kind === 'fluid'))
      await changeShelfItem(item.id, {
        quantity: item.quantity,
        remainingMl: item.remainingMl,
        dropped: true,
        version: item.version,
      });
  };

  it('opens a bottle out of its lot, with the moment it was opened', async () => {
    const item = await addShelfItem(lot());
    const id = randomUUID();
    const opened = await openBottle(item.id, { id }, new Date('2026-05-01T10:00:00Z'));
    expect(opened).toMatchObject({ quantity: 1, openedAt: '2026-05-01T10:00:00.000Z', remainingMl: 500 });
    expect(await openBottle(item.id, { id })).toEqual(opened);
    expect((await getShelf()).find((each) => each.id === item.id)!.quantity).toBe(1);
    await openBottle(item.id, { id: randomUUID() });
    expect((await failureOf(openBottle(item.id, { id: randomUUID() }))).code).toBe('refused');
    expect((await getShelf()).some((each) => each.id === item.id)).toBe(false);
  });

  it('keeps when a bottle was opened without a network; a clock that is ahead opens nothing later than now', async () => {
    const now = new Date('2026-05-03T10:00:00Z');
    const open = async (openedAt: string) => {
      const item = await addShelfItem(lot({ quantity: 1 }));
      return openBottle(item.id, { id: randomUUID(), openedAt }, now);
    };
    expect((await open('2026-05-01T08:00:00Z')).openedAt).toBe('2026-05-01T08:00:00.000Z');
    expect((await open('2026-05-04T08:00:00Z')).openedAt).toBe(now.toISOString());
    expect((await failureOf(open('yesterday'))).detail.issues![0]).toMatchObject({ path: 'openedAt' });
  });

  it('gives what a finished bleed used, the opened bottle first, and takes it back', async () => {
    await clearFluid();
    const { job, work: flush } = await bleedAtHand();
    const sealed = await addShelfItem(lot({ quantity: 40, batch: 'B2' }));
    const opened = await openBottle(sealed.id, { id: randomUUID() });
    const there = async () =>
      (await getShelf())
        .filter(({ kind, batch }) => kind === 'fluid' && batch === 'B2')
        .map(({ quantity, remainingMl }) => remainingMl ?? quantity)
        .sort((left, right) => left - right);
    await doSteps(flush);
    const used = await usedMl(job.id, flush);
    const fluid = async () => (await getSheet(job.id)).works.find((each) => each.id === flush.id)!.fluid!;
    const taken = await fluid();
    expect(taken).toMatchObject({ taken: true, ml: used });
    expect(taken.pours[0]).toMatchObject({ lot: opened.id, ml: 500, bottles: 0, leftMl: 0 });
    const bottles = Math.ceil((used - 500) / 500);
    expect(taken.pours[1]).toMatchObject({ lot: sealed.id, bottles, leftMl: bottles * 500 - (used - 500) });

    const back = { id: randomUUID(), taken: false, lot: null };
    expect(await changePoured(flush.id, back)).toMatchObject({ taken: false });
    expect(await changePoured(flush.id, back)).toMatchObject({ taken: false });
    expect(await there()).toEqual([39, 500]);
    expect((await failureOf(changePoured(flush.id, { ...back, id: randomUUID() }))).code).toBe('refused');

    await changePoured(flush.id, { id: randomUUID(), taken: true, lot: sealed.id });
    expect((await fluid()).pours.map(({ lot: from }) => from)).toEqual([sealed.id]);
    // Somebody poured from the rest: nobody can tell any more what to put back.
    const rest = (await getShelf()).find(
      (each) => each.batch === 'B2' && each.remainingMl !== null && each.id !== opened.id,
    )!;
    await changeShelfItem(rest.id, { quantity: 1, remainingMl: 1, dropped: false, version: rest.version });
    const refusal = await failureOf(changePoured(flush.id, { ...back, id: randomUUID() }));
    expect(refusal.detail.issues![0]!.value).toBe('a bottle that was used since');
  });

  it('is left as it stands where a run done anew cannot give back what it took', async () => {
    await clearFluid();
    const { job, work: flush } = await bleedAtHand();
    const sealed = await addShelfItem(lot({ quantity: 40 }));
    await openBottle(sealed.id, { id: randomUUID() });
    await doSteps(flush);
    const rest = (await getShelf()).find(({ remainingMl }) => remainingMl !== null)!;
    await changeShelfItem(rest.id, { quantity: 1, remainingMl: 1, dropped: false, version: rest.version });
    const before = await getShelf();
    const bleeder = planOf(flush).steps.find((step) => step.ml)!;
    const ml = { ml: bleeder.ml!.here + 100 };
    await addTick(flush.id, tick(bleeder.id, { done: false }));
    await addTick(flush.id, tick(bleeder.id, { record: { ...passingRecord(bleeder), ...ml } }));
    const [work] = (await getSheet(job.id)).works;
    expect(await usedMl(job.id, flush)).toBeGreaterThan(work!.fluid!.ml);
    expect(await getShelf()).toEqual(before);
  });

  it('gives nothing where it has not enough: the step is done all the same', async () => {
    const { job, work: flush } = await bleedAtHand();
    await clearFluid();
    await addShelfItem(lot({ quantity: 1 }));
    await doSteps(flush);
    expect((await getSheet(job.id)).works.find((each) => each.id === flush.id)!.fluid).toBeUndefined();
    const refusal = await failureOf(changePoured(flush.id, { id: randomUUID(), taken: true, lot: null }));
    expect(refusal.detail.issues![0]).toMatchObject({
      path: 'ml',
      accepted: 'the 500 ml that the shelf has',
    });
  });

  it('refuses more in a bottle than it holds, and a count its author did not see', async () => {
    const item = await addShelfItem(lot());
    const opened = await openBottle(item.id, { id: randomUUID() });
    const change = { quantity: 1, remainingMl: 800, dropped: false, version: opened.version };
    expect((await failureOf(changeShelfItem(opened.id, change))).detail.issues![0]).toMatchObject({
      path: 'remainingMl',
      value: '800',
      accepted: '0 to 500 ml, what the bottle holds',
    });
    await changeShelfItem(opened.id, { ...change, remainingMl: 120 });
    expect((await failureOf(changeShelfItem(opened.id, { ...change, remainingMl: 60 }))).code).toBe('stale');
    expect((await failureOf(addShelfItem(lot({ fluidClass: null })))).detail.issues![0]!.path).toBe(
      'fluidClass',
    );
  });
});

describe('parts on a car', () => {
  const part = (changes: Record<string, unknown> = {}) => ({
    id: randomUUID(),
    kind: 'pads',
    place: 'front',
    what: 'Track pads',
    batch: '',
    fittedOn: '2026-04-01',
    jobId: null,
    shelfId: null,
    ...changes,
  });

  it('take the place of what was there, the same day, and one from the shelf', async () => {
    const car = await makeCar();
    const lot = await addShelfItem({
      id: randomUUID(),
      kind: 'pads',
      what: 'Track pads',
      batch: 'T1',
      quantity: 1,
      fluidClass: null,
      sizeMl: null,
    });
    const old = await fitPart(car.id, part());
    const why = { oldWhy: 'cracked', oldMate: 'alike' };
    const sent = part({ fittedOn: '2026-05-01', shelfId: lot.id, ...why });
    const fresh = await fitPart(car.id, sent);
    expect(await fitPart(car.id, sent)).toEqual(fresh);
    expect(fresh).toMatchObject(why);
    expect((await failureOf(fitPart(car.id, part({ oldWhy: 'bored' })))).detail.issues![0]!.path).toBe(
      'oldWhy',
    );
    expect((await carParts(car.id)).map(({ id, removedOn }) => [id, removedOn])).toEqual([
      [fresh.id, null],
      [old.id, '2026-05-01'],
    ]);
    expect((await failureOf(fitPart(car.id, part({ fittedOn: '2026-05-02', shelfId: lot.id })))).code).toBe(
      'not_found',
    );
  });

  it('belong to a job of their own car, or to none', async () => {
    const { job } = await makeJob();
    const car = await makeCar();
    expect((await failureOf(fitPart(car.id, part({ jobId: job.id })))).code).toBe('not_found');
    expect((await failureOf(fitPart(car.id, part({ jobId: randomUUID() })))).code).toBe('not_found');
    expect((await fitPart(job.carId, part({ jobId: job.id }))).jobId).toBe(job.id);
  });

  it('are not fitted before what they replace, nor in the time to come', async () => {
    const car = await makeCar();
    await fitPart(car.id, part());
    expect(
      (await failureOf(fitPart(car.id, part({ fittedOn: '2026-03-01' })))).detail.issues![0],
    ).toMatchObject({
      path: 'fittedOn',
      accepted: expect.stringContaining('not before 2026-04-01'),
    });
    const failure = await failureOf(
      fitPart(car.id, part({ place: 'rear', fittedOn: '2027-01-01' }), new Date('2026-05-01T00:00:00Z')),
    );
    expect(failure.detail.issues![0]!.accepted).toBe('today or earlier');
    expect((await getCar(car.id)).torquesNm).toEqual({});
  });
});
