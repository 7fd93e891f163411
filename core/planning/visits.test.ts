import { describe, expect, it } from 'vitest';
import { at, emptySheet } from '../../tests/support/sheet';
import { planFor, tickRow, workRow } from '../../tests/support/work';
import { worksUnderWay } from '../job/closing';
import { disturbedAt } from '../job/disturbed';
import type { ProcedureId } from './library';
import { firstInVisit, withoutLeft, workAfter } from './run/mates';
import type { TickRow } from './run/rows';
import { LEFT_UNDONE, planOf, runOf } from './run/run';
import { doneTogether } from './run/spans';
import { canJoin, settleVisits, visitToJoin } from './visits';

const sheet = emptySheet();
const work = (id: string, procedure: ProcedureId, minute: number, visit?: string) =>
  workRow(sheet, procedure, {
    id,
    title: procedure,
    plan: planFor(sheet, procedure, { corners: ['FL', 'FR'] }),
    addedAt: at(minute),
    ...(visit ? { visit } : {}),
  });
const ids = (row: { plan: unknown }) => planOf(row).steps.map((step) => step.id);
const tick = (id: string, step: string, minute: number, changes: Partial<TickRow> = {}) =>
  tickRow(id, step, { tickedAt: at(minute), ...changes });

describe('works of one visit', () => {
  const pads = work('p', 'pads', 1);
  const hose = work('h', 'hose', 2, 'p');

  it('go from the hub outwards where none was begun', () => {
    const [first, second] = settleVisits([pads, hose], []);
    expect(ids(second!)).toContain('lift');
    expect(ids(first!)).not.toContain('lift');
    expect(ids(first!)).toContain('bleed-1');
    expect(firstInVisit(first!, [first!, second!], [])!.id).toBe('h');
    expect(firstInVisit(second!, [first!, second!], [])).toBeUndefined();
  });

  it('keep the place of one that was begun before the other was added', () => {
    const ticks = [tick('p', 'lift', 1)];
    const [first, second] = settleVisits([pads, hose], ticks);
    expect(ids(first!)).toContain('lift');
    expect(ids(second!)).toContain('bleed-1');
  });

  it('are the same however often they are settled, and give back their plans', () => {
    const once = settleVisits([pads, hose], []);
    expect(settleVisits(once, [])).toEqual(once);
    expect(once.map((each) => each.alone)).toEqual([pads.plan, hose.plan]);
    expect(settleVisits([pads, work('h', 'hose', 2)], [])).toEqual([pads, work('h', 'hose', 2)]);
  });

  it('have their own steps back when the other is left undone', () => {
    const ticks = [tick('h', LEFT_UNDONE, 3, { note: 'no hose' })];
    const [alone] = settleVisits(settleVisits([pads, hose], []), ticks);
    expect(alone!.plan).toEqual(pads.plan);
    // The same without the library, where one stays.
    expect(withoutLeft(settleVisits([pads, hose], []), ticks)[0]!.plan).toEqual(pads.plan);
    expect(withoutLeft([pads], ticks)).toEqual([pads]);
    // A part that was done and stays apart is under way again.
    const begun = [tick('p', 'lift', 1)];
    const [settled] = settleVisits([pads, hose], begun);
    const done = ids(settled!).map((step) => tick('p', step, 2));
    expect(runOf(settled!, done).state).toBe('finished');
    const left = [...done, ...ticks];
    const [again] = settleVisits([pads, hose], left);
    expect(runOf(again!, left).state).toBe('under_way');
  });

  it('stay apart when the one that was left is taken up again: the car may be closed by then', () => {
    const left = tick('h', LEFT_UNDONE, 3, { note: 'no hose' });
    const upAgain = tick('h', LEFT_UNDONE, 60, { done: false });
    const closed = planOf(pads).steps.map((step, index) => tick('p', step.id, 4 + index));
    const settled = settleVisits([pads, hose], [left, ...closed, upAgain]);
    expect(settled.map((each) => each.plan)).toEqual([pads.plan, hose.plan]);
    const lift = tick('h', 'lift', 61);
    expect(doneTogether(settled, [left, ...closed, upAgain, lift])).toEqual(new Set());
  });

  it('are one change: nothing is proved between them, and the car is open until the last', () => {
    const settled = settleVisits([pads, hose], []);
    const [, second] = settled;
    const done = ids(second!).map((step, index) => tick('h', step, 10 + index));
    expect(runOf(second!, done).state).toBe('finished');
    expect(worksUnderWay({ works: settled, ticks: done }).map((each) => each.id)).toEqual(['p']);
    expect(workAfter(second!, settled, done)!.id).toBe('p');
    // The hose has no proof of its own here: it touched the system all the same.
    expect(disturbedAt({ works: settled, ticks: done })).toBe(done.at(-1)!.tickedAt);
    const both = [...done, tick('p', 'pins', 50)];
    expect(doneTogether(settled, both)).toEqual(new Set(['p', 'h']));
  });

  it('are joined by a third', () => {
    const duct = work('d', 'cooling_duct', 3, 'p');
    const settled = settleVisits([pads, hose, duct], []);
    expect(settled.flatMap(ids).filter((id) => id === 'lift')).toHaveLength(1);
    expect(settled.flatMap(ids).filter((id) => id === 'firm')).toHaveLength(1);
  });
});

describe('a visit to join', () => {
  const hose = work('h', 'hose', 1);
  const pads = work('p', 'pads', 2);

  it('is one that waits or was begun, with the plan in it and what it saves', () => {
    const joined = visitToJoin([hose], [], pads)!;
    expect(joined.visit.id).toBe('h');
    expect(joined.runs.map((run) => [run.id, run.visitAt])).toEqual([
      ['h', 0],
      ['p', 1],
    ]);
    expect(joined.saves).toBeGreaterThan(3);
    expect(joined.runs[1]!.plan.steps.some((step) => step.id === 'lift')).toBe(false);
    expect(canJoin('h', [hose], [tick('h', 'lift', 1)], pads)).toBe(true);
  });

  it('is none that is over, closes the car already, was left, or shares nothing', () => {
    const steps = ids(hose);
    const all = steps.map((step) => tick('h', step, 3));
    expect(visitToJoin([hose], all, pads)).toBeUndefined();
    const bleeding = steps.slice(0, steps.indexOf('bleed-1') + 1).map((step) => tick('h', step, 3));
    expect(canJoin('h', [hose], bleeding, pads)).toBe(false);
    expect(canJoin('h', [hose], [tick('h', LEFT_UNDONE, 3)], pads)).toBe(false);
    expect(canJoin('h', [hose], [], work('b', 'brace', 2))).toBe(false);
    expect(canJoin('x', [hose], [], pads)).toBe(false);
  });

  it('is no flush under way, and no work whose caliper is back on', () => {
    expect(canJoin('f', [work('f', 'flush', 1)], [tick('f', 'lift', 1)], pads)).toBe(false);
    expect(canJoin('f', [work('f', 'flush', 1)], [], pads)).toBe(true);
    const slides = work('s', 'slides', 1);
    const until = (step: string) =>
      ids(slides)
        .slice(0, ids(slides).indexOf(step) + 1)
        .map((each) => tick('s', each, 1));
    expect(canJoin('s', [slides], until('glide-fr'), pads)).toBe(true);
    expect(canJoin('s', [slides], until('back-fl'), pads)).toBe(false);
  });
});
