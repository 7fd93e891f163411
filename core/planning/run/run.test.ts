import { describe, expect, it } from 'vitest';
import { at, emptySheet } from '../../../tests/support/sheet';
import { tickAll, tickRow, workRow } from '../../../tests/support/work';
import { drawnBefore, drawnOf } from '../bleed/drawn';
import { fluidSoFar } from '../bleed/soFar';
import { POT_DEAD_ML } from '../bleed/usual';
import { passingRecord } from './passing';
import {
  isOver,
  LEFT_UNDONE,
  PRESS,
  planOf,
  runOf,
  STEPPED_BACK,
  stepsAgain,
  stepsBack,
  stepsInHand,
} from './run';
import { drivenWhileHeld, pastLimitIssues, tickIssues } from './tickIssues';
import { troublesOf } from './troubles';

const work = workRow(emptySheet());
const { steps, bleed } = planOf(work);
const upTo = (id: string) =>
  tickAll(work).slice(
    0,
    steps.findIndex((step) => step.id === id),
  );

describe('where a run stands', () => {
  it('waits, is under way, and is finished with its last tick', () => {
    expect(runOf(work, [])).toMatchObject({ state: 'waiting', done: 0, current: { id: 'lift' } });
    expect(runOf(work, upTo('bleed-2'))).toMatchObject({ state: 'under_way', current: { id: 'bleed-2' } });
    const all = tickAll(work);
    expect(runOf(work, all)).toMatchObject({ state: 'finished', endedAt: at(21) });
    expect(isOver(runOf(work, all))).toBe(true);
    expect(runOf(work, tickAll({ ...work, id: 'another' })).state).toBe('waiting');
  });

  it('takes a tick back', () => {
    const ticks = [...upTo('bleed-2'), tickRow('w', 'bleed-1', { done: false, tickedAt: at(40) })];
    expect(runOf(work, ticks).current!.id).toBe('bleed-1');
  });

  it('knows a clock that was started, from its tick alone', () => {
    const clockFrom = at(30);
    const ticks = [...upTo('leak-hold'), tickRow('w', 'leak-hold', { done: false, record: { clockFrom } })];
    expect(runOf(work, ticks)).toMatchObject({ current: { id: 'leak-hold' }, clockFrom });
    const held = [...ticks, tickRow('w', 'leak-hold', { record: { answer: 'held' } })];
    expect(runOf(work, held).clockFrom).toBeUndefined();
  });

  it('stops at a trouble until it is put right, from an earlier step where it has to be', () => {
    const ticks = [
      ...upTo('between-2'),
      tickRow('w', 'between-2', { done: false, record: { answer: 'ran_dry', trouble: 'ran-dry' } }),
    ];
    const run = runOf(work, ticks);
    expect(run.trouble!.label).toBe('The reservoir ran dry');
    const again = stepsAgain(steps, run.trouble!.again!, 'between-2').map((step) => step.id);
    expect(again).toEqual(['bleed-1', 'between-1', 'bleed-2', 'between-2']);
    const righted = [...ticks, ...again.map((id) => tickRow('w', id, { done: false, tickedAt: at(50) }))];
    const after = runOf(work, righted);
    expect(after.current!.id).toBe('bleed-1');
    expect(after.trouble).toBeUndefined();
  });

  it('is left undone with a reason', () => {
    const run = runOf(work, [...upTo('bleed-2'), tickRow('w', LEFT_UNDONE, { note: 'no fluid here' })]);
    expect(run).toMatchObject({ state: 'left_undone', leftBecause: 'no fluid here' });
    expect(run.current).toBeUndefined();
  });

  it('shows together what is only done and ticked, and alone what is answered, timed or written down', () => {
    expect(stepsInHand(runOf(work, [])).map((step) => step.id)).toEqual([
      ...['lift', 'look-in', 'kit', 'cap', 'draw'],
    ]);
    expect(stepsInHand(runOf(work, upTo('leak-hold'))).map((step) => step.id)).toEqual(['leak-hold']);
    expect(stepsInHand(runOf(work, upTo('bleed-3'))).map((step) => step.id)).toEqual(['bleed-3']);
    const one = [tickRow('w', 'kit')];
    expect(stepsInHand(runOf(work, one)).map((step) => step.id)).toEqual([
      ...['lift', 'look-in', 'cap', 'draw'],
    ]);
    expect(stepsInHand(runOf(work, tickAll(work)))).toEqual([]);
  });
});

describe('fluid in the middle of a bleed', () => {
  const bottles = bleed!.supplyMl;
  const topUp = bleed!.plan.topUpMl;

  it('counts what was recorded, else what was planned', () => {
    const ticks = [...upTo('bleed-2'), tickRow('w', 'bleed-2', { record: { ml: 260 } })];
    const first = steps.find((step) => step.id === 'bleed-1')!.ml!.here;
    const run = runOf(work, ticks);
    expect([...drawnOf(run)]).toEqual([
      ['bleed-1', first],
      ['bleed-2', 260],
    ]);
    const so = fluidSoFar(run, bleed!);
    expect(so.outMl).toBe(first + 260);
    // What stays under the outlet of the pot is poured, and never reaches the car.
    expect(so.leftMl).toBe(bottles - first - 260 - POT_DEAD_ML);
    expect(so.shortMl).toBe(0);
  });

  it('is one sum: what the plan has to spare is left at the end, and the rest is off the shelf', () => {
    const so = fluidSoFar(runOf(work, tickAll(work)), bleed!);
    expect(so.usedMl).toBe(bleed!.plan.totalMl + POT_DEAD_ML);
    expect(so.leftMl).toBe(bottles - bleed!.plan.totalMl - POT_DEAD_ML);
    expect(so.usedMl).toBe(so.outMl + topUp + POT_DEAD_ML);
    expect(so.toComeMl).toBe(0);
  });

  it('says before which corner the bottles would end', () => {
    const greedy = [...upTo('bleed-1'), tickRow('w', 'bleed-1', { record: { ml: bottles - topUp - 100 } })];
    const so = fluidSoFar(runOf(work, greedy), bleed!);
    expect(so.shortMl).toBeGreaterThan(0);
    expect(so.shortAt).toBe('bleed-2');
    expect(fluidSoFar(runOf(work, []), bleed!).shortMl).toBe(0);
  });
});

describe('a tick that cannot be', () => {
  const tick = (step: string, changes = {}) => ({ step, done: true, note: '', record: {}, ...changes });

  it('is refused for a step the plan does not have, naming those it has', () => {
    expect(tickIssues(steps, tick('polish'))[0]).toMatchObject({
      code: 'unknown_id',
      path: 'step',
      accepted: expect.stringContaining('bleed-1'),
    });
  });

  it('is refused where a check is passed without its answer, or with one that means trouble', () => {
    expect(tickIssues(steps, tick('between-1'))[0]).toMatchObject({ path: 'record.answer', value: 'null' });
    expect(tickIssues(steps, tick('between-1', { record: { answer: 'ran_dry' } }))).toHaveLength(1);
    expect(tickIssues(steps, tick('between-1', { record: { answer: 'right' } }))).toEqual([]);
    expect(tickIssues(steps, tick('between-1', { done: false, record: { answer: 'ran_dry' } }))).toEqual([]);
  });

  it('is refused for a volume no bottle holds, and for leaving without a reason', () => {
    expect(tickIssues(steps, tick('bleed-1', { record: { ml: -5 } }))[0]).toMatchObject({
      code: 'out_of_range',
      path: 'record.ml',
      accepted: '0 to 2000 ml',
    });
    const clear = { ml: 180, clearAt: 150, bubbles: 'none' };
    expect(tickIssues(steps, tick('bleed-1', { record: clear }))).toEqual([]);
    expect(tickIssues(steps, tick(LEFT_UNDONE))[0]).toMatchObject({ code: 'missing', path: 'note' });
  });

  it('is refused where what the step is there to write down is left out', () => {
    const bearing = planOf(workRow(emptySheet(), 'bearing')).steps;
    const set = bearing.find((step) => step.record)!.id;
    expect(tickIssues(bearing, tick(set))).toMatchObject([{ path: 'record.kind', code: 'missing' }]);
    expect(tickIssues(bearing, tick(set, { record: { kind: 'unit' } }))).toEqual([]);
    const bias = planOf(workRow(emptySheet(), 'bias')).steps;
    const turned = bias.find((step) => step.record)!.id;
    expect(tickIssues(bias, tick(turned, { done: false }))).toEqual([]);
    expect(
      tickIssues(bias, tick(turned, { record: passingRecord(bias.find(({ id }) => id === turned)!) })),
    ).toEqual([]);
  });

  it('is refused for leaving a begun work without saying how the car stands', () => {
    const left = tick(LEFT_UNDONE, { note: 'no parts' });
    expect(tickIssues(steps, left)).toEqual([]);
    expect(tickIssues(steps, left, true).map((issue) => issue.path)).toEqual([
      'record.wheels',
      'record.lines',
      'record.pedal',
    ]);
    const whole = { wheels: 'on', lines: 'closed', pedal: 'hard' };
    expect(tickIssues(steps, { ...left, record: whole }, true)).toEqual([]);
  });

  it('is refused where the figure that the job is judged by is passed over without a word', () => {
    const plan = planOf(workRow(emptySheet(), 'bearing')).steps;
    const gate = plan.find((step) => step.measure?.gates)!;
    expect(tickIssues(plan, tick(gate.id))).toMatchObject([{ path: 'note' }]);
    expect(tickIssues(plan, tick(gate.id, { note: 'dial broken, rocked by hand' }))).toEqual([]);
    expect(tickIssues(plan, tick(gate.id, { record: { figure: 'taken' } }))).toEqual([]);
  });

  it('is refused where a reading past its limit is passed like one inside it', () => {
    const again = planOf(workRow(emptySheet(), 'bearing')).steps.find((step) => step.measure?.gates)!;
    const past = (record: Record<string, string>, note = '') =>
      pastLimitIssues(again, tick(again.id, { record, note }), ['wheel bearing play: excess']);
    expect(past({ figure: 'taken' })).toMatchObject([
      { path: 'record.way', value: 'past its limit (wheel bearing play: excess)' },
    ]);
    // A part that was renewed is measured again instead.
    expect(past({ way: 'renewed' })).toHaveLength(1);
    expect(past({ way: 'left' })).toMatchObject([{ path: 'note' }]);
    expect(past({ way: 'left' }, 'no bearing until Monday')).toEqual([]);
    expect(past({ way: 'other_job' })).toEqual([]);
    expect(pastLimitIssues(again, tick(again.id), [])).toEqual([]);
  });

  it('is refused for driving a car that is held', () => {
    const road = planOf(workRow(emptySheet(), 'bed_in')).steps.find((step) => step.id === 'road');
    const holds = [{ label: 'Wheel bearing loose', until: 'bearing re-measured' }];
    expect(road!.drives).toBe(true);
    expect(drivenWhileHeld(road!, holds)[0]).toMatchObject({
      path: 'step',
      value: 'road (the car is held: wheel bearing loose)',
      accepted: 'driving once this is proved: bearing re-measured',
    });
    expect(drivenWhileHeld(road!, [])).toEqual([]);
  });
});

describe('stepping back', () => {
  const pressed = (step: string, press: string, minute: number) =>
    tickRow('w', step, { tickedAt: at(minute), record: { [PRESS]: press } });

  it('takes up again what one press passed, and one step otherwise', () => {
    const group = ['look-in', 'kit', 'cap', 'draw'].map((step) => pressed(step, 'p1', 22));
    const ticks = [tickRow('w', 'lift'), ...group];
    expect(stepsBack(runOf(work, ticks)).map((step) => step.id)).toEqual([
      ...['look-in', 'kit', 'cap', 'draw'],
    ]);
    expect(stepsBack(runOf(work, ticks.slice(0, 1))).map((step) => step.id)).toEqual(['lift']);
    expect(stepsBack(runOf(work, []))).toEqual([]);
    expect(stepsBack(runOf(work, tickAll(work))).map((step) => step.id)).toEqual([steps.at(-1)!.id]);
  });

  it('keeps what was drawn; begun anew after it ran dry, it is drawn twice', () => {
    const done = tickRow('w', 'bleed-1', { record: { ml: 254, bubbles: 'none' } });
    const back = { ...done, id: 'back', done: false, record: { ...done.record, [STEPPED_BACK]: 'yes' } };
    const steppedBack = runOf(work, [...upTo('bleed-1'), done, back]);
    expect(steppedBack.last.get('bleed-1')!.record.ml).toBe(254);
    expect(drawnBefore(steppedBack)).toBe(0);
    const anew = tickRow('w', 'bleed-1', { done: false, tickedAt: at(40) });
    expect(drawnBefore(runOf(work, [...upTo('bleed-1'), done, anew]))).toBe(254);
    const again = { ...done, id: 'again', record: { ml: 300, bubbles: 'none' } };
    const so = runOf(work, [...upTo('bleed-1'), done, anew, again]);
    expect(drawnBefore(so) + drawnOf(so).get('bleed-1')!).toBe(554);
  });
});

describe('the troubles of a run', () => {
  it('stay on record with what was done about each', () => {
    const ticks = [
      ...upTo('leak-hold'),
      tickRow('w', 'leak-hold', { done: false, record: { answer: 'fell', trouble: 'fell' } }),
      tickRow('w', 'leak-hold', { done: false, note: 'cap seal was dry', tickedAt: at(30) }),
      tickRow('w', 'leak-hold', { record: { answer: 'held' }, tickedAt: at(33) }),
    ];
    expect(troublesOf(runOf(work, ticks))).toMatchObject([
      { trouble: { id: 'fell' }, step: { id: 'leak-hold' }, endedBy: { note: 'cap seal was dry' } },
    ]);
    expect(troublesOf(runOf(work, tickAll(work)))).toEqual([]);
  });
});
