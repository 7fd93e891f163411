import { describe, expect, it } from 'vitest';
import { emptySheet } from '../../../tests/support/sheet';
import { planFor, tickRow, workRow } from '../../../tests/support/work';
import { runOf } from '../run/run';
import { bleedPlan } from './plan';
import type { BleedInput } from './schema';
import { askedBy, bubblesFound, cameOutOf, clearAtOf } from './taught';

const sheet = emptySheet();
const work = workRow(sheet);
const bleeders = planFor(sheet, 'flush').steps.filter((step) => step.ml);
/** A run with these records at its bleeders, in order. */
const run = (...records: Record<string, string | number>[]) =>
  runOf(
    work,
    records.map((record, index) => tickRow('w', bleeders[index]!.id, { record })),
  );

describe('what came out at the bleeders', () => {
  it('is told bleeder by bleeder, of those that are done', () => {
    const came = cameOutOf(run({ clearAt: 210, bubbles: 'many', colour: 'dark' }, {}));
    expect(came).toHaveLength(2);
    expect(came[0]).toEqual({
      corner: bleeders[0]!.corner,
      bleeder: 'single',
      plannedMl: bleeders[0]!.ml!.here,
      clearAtMl: 210,
      bubbles: 'many',
      dirt: false,
    });
    expect(clearAtOf(run({ clearAt: 210 }, {}, { clearAt: 90 }))).toEqual({
      [`${bleeders[0]!.corner} single`]: 210,
      [`${bleeders[2]!.corner} single`]: 90,
    });
  });

  it('asks where air comes from when nobody had opened the system, and nothing when somebody had', () => {
    const came = cameOutOf(run({ bubbles: 'few' }, { bubbles: 'none' }));
    expect(askedBy(came, false)).toEqual([
      expect.stringMatching(new RegExp(`^Bubbles at ${bleeders[0]!.corner}, and nobody`)),
    ]);
    expect(askedBy(came, true)).toEqual([]);
  });

  it('asks the hose or seals of a corner for its dirt, and what is above for dirt everywhere', () => {
    const dirt = { colour: 'dirt' };
    expect(askedBy(cameOutOf(run(dirt, {}, {})), true)).toEqual([
      `Dirt at ${bleeders[0]!.corner} only: its hose or its seals shed it.`,
    ]);
    expect(askedBy(cameOutOf(run(dirt, dirt, dirt, dirt)), true)).toEqual([
      expect.stringMatching(/^Dirt at every corner/),
    ]);
  });

  it('is a finding of the corner before the work, where somebody looked', () => {
    expect(bubblesFound(bleeders[0]!, { bubbles: 'many' })).toEqual({
      corner: bleeders[0]!.corner,
      state: 'many',
    });
    expect(bubblesFound(bleeders[0]!, {})).toBeUndefined();
    expect(bubblesFound({}, { bubbles: 'many' })).toBeUndefined();
  });
});

describe('the next plan', () => {
  const input: BleedInput = {
    masterSide: 'left',
    bleeders: { front: 2, rear: 1 },
    opened: false,
    stabilityControl: false,
    method: 'pressure',
    bottleMl: 500,
  };

  it('begins where the car ran clear last time, a little more, in tens', () => {
    const usual = bleedPlan(input);
    const plan = bleedPlan({ ...input, clearAtMl: { 'RR single': 183, 'FL inner': 35 } });
    const at = (of: typeof plan, corner: string, bleeder: string) =>
      of.order.find((row) => row.corner === corner && row.bleeder === bleeder)!.ml;
    expect(at(plan, 'RR', 'single')).toBe(220);
    expect(at(plan, 'FL', 'inner')).toBe(70);
    expect(at(plan, 'RL', 'single')).toBe(at(usual, 'RL', 'single'));
    expect(plan.totalMl).toBe(plan.order.reduce((sum, row) => sum + row.ml, plan.topUpMl));
    expect(plan.warnings).toContain(
      'Volumes are those at which this car ran clear last time, and a little more.',
    );
  });

  it('takes what the job’s sheet carries', () => {
    const taught = { ...sheet, clearAtMl: { 'RR single': 300 } };
    const step = planFor(taught, 'flush').steps.find((each) => each.ml && each.corner === 'RR')!;
    expect(step.ml!.here).toBe(330);
  });
});
