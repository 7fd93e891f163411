import { describe, expect, it } from 'vitest';
import { answerRow, at, emptySheet } from '../../tests/support/sheet';
import { tickAll, tickRow, workRow } from '../../tests/support/work';
import { PROCEDURE_IDS } from '../planning/library';
import { passingRecord } from '../planning/run/passing';
import type { TickRow } from '../planning/run/rows';
import { LEFT_UNDONE, planOf, runOf, stepsInHand } from '../planning/run/run';
import type { Step } from '../planning/run/step';
import { drivenWhileApart, tickIssues } from '../planning/run/tickIssues';
import { closingIssues, worksUnderWay } from './closing';
import { disturbedAt } from './disturbed';
import type { JobSheet } from './sheet';

/** Every job of the library, on a car that has both kinds of brake. */
const base = emptySheet();
base.car.rear = { ...base.car.rear, brake: 'drum' };
const WORKS = PROCEDURE_IDS.map((id) => workRow(base, id));
const EVERY = WORKS.map((work) => [work.procedure, work] as const);

const FIRM = (minute: number) => [
  answerRow({ finding: 'pedal_now', state: 'firm', phase: 'after', minute }),
  answerRow({ finding: 'pedal_hold', state: 'holds', phase: 'after', minute }),
];
const paths = (sheet: JobSheet, outcome: 'cured' | 'no_change' = 'no_change') =>
  closingIssues(sheet, { outcome, confirmed: ['air_in_lines'], bedInTold: 'Mira' }).map(({ path }) => path);

describe.each(EVERY)('closing over %s', (_, work) => {
  const { steps } = planOf(work);
  const firm = steps.some((step) => step.cautions?.includes('firm_pedal'));

  it('is refused at every step of it, whatever the outcome', () => {
    const ticks = tickAll(work);
    for (let done = 1; done < steps.length; done++) {
      const sheet = emptySheet({ works: [work], ticks: ticks.slice(0, done), answers: FIRM(59) });
      for (const outcome of ['cured', 'no_change'] as const)
        expect(paths(sheet, outcome)).toContain('works.w');
    }
    expect(paths(emptySheet({ works: [work], ticks, answers: FIRM(59) }))).toEqual([]);
  });

  it('asks for the pedal as it is after the last thing that was touched', () => {
    const ticks = tickAll(work, 40);
    const touched = disturbedAt({ works: [work], ticks });
    // What touches nothing leaves what was said of the pedal standing.
    if (!firm) expect(touched).toBeUndefined();
    const before = emptySheet({ works: [work], ticks, answers: FIRM(30) });
    expect(paths(before)).toEqual(touched ? ['proof.pedal_now', 'proof.pedal_hold'] : []);
    expect(paths({ ...before, answers: FIRM(50) })).toEqual([]);
  });

  it('is refused where it was left with the car apart, and only there', () => {
    const left = (record: Record<string, string>) =>
      emptySheet({
        works: [work],
        answers: FIRM(59),
        ticks: [
          tickRow('w', steps[0]!.id),
          tickRow('w', LEFT_UNDONE, { note: 'why', record, tickedAt: at(30) }),
        ],
      });
    expect(paths(left({ wheels: 'on', lines: 'closed', pedal: 'hard' }))).toEqual([]);
    expect(paths(left({ wheels: 'off', lines: 'closed', pedal: 'hard' }))).toEqual(['holds.left_apart']);
  });
});

describe.each(EVERY)('a run of %s', (_, work) => {
  const { steps } = planOf(work);
  const tick = (step: Step, record: TickRow['record'], note = '') =>
    tickIssues(steps, { step: step.id, done: true, note, record });

  it('passes torque, answers and what can hurt at once one by one', () => {
    const ticks = tickAll(work);
    for (let done = 0; done < steps.length; done++) {
      const hand = stepsInHand(runOf(work, ticks.slice(0, done)));
      if (hand.length < 2) continue;
      for (const step of hand) {
        expect(step.torque, step.id).toBeUndefined();
        expect(step.ask, step.id).toBeUndefined();
        expect(step.cautions ?? [], step.id).not.toContain('firm_pedal');
        expect(step.cautions ?? [], step.id).not.toContain('compressed_air');
      }
    }
  });

  it('lets a check that went wrong pass once it was dealt with, and never where the car would not be safe', () => {
    for (const step of steps) {
      for (const answer of step.ask ?? []) {
        if (!answer.trouble) continue;
        const trouble = step.troubles!.find((each) => each.id === answer.trouble)!;
        const bad = { ...passingRecord(step), answer: answer.value };
        expect(tick(step, bad), step.id).not.toEqual([]);
        const passed = tick(step, { ...bad, way: 'renewed' });
        if (trouble.must) expect(passed, step.id).not.toEqual([]);
        else expect(passed, step.id).toEqual([]);
        if (trouble.unfit) expect(tick(step, { ...bad, way: 'left' }, 'why'), step.id).not.toEqual([]);
        else if (!trouble.must) {
          expect(tick(step, { ...bad, way: 'left' }), step.id).toMatchObject([{ path: 'note' }]);
          expect(tick(step, { ...bad, way: 'left' }, 'owner will not pay'), step.id).toEqual([]);
        }
      }
      expect(tick(step, passingRecord(step)), step.id).toEqual([]);
    }
  });

  it('never lets a pedal that is not right pass', () => {
    for (const step of steps) {
      for (const { finds = [], trouble } of step.ask ?? []) {
        const bad = finds.some(
          ({ id, state }) => id.startsWith('pedal_') && !['firm', 'holds'].includes(state),
        );
        if (bad) expect(step.troubles!.find((each) => each.id === trouble)!.must, step.id).toBe(true);
      }
    }
  });

  it('knows every step in which the car moves', () => {
    for (const step of steps) {
      const moves =
        step.slowdown !== undefined ||
        /\b(drive|driving|roll|slowdowns?)\b/i.test(step.title) ||
        step.id === 'road';
      if (moves) expect(step.drives, `${step.id}: ${step.title}`).toBe(true);
    }
  });
});

describe('a step on the road', () => {
  it('waits for another work that is under way', () => {
    const [pads] = WORKS.filter((work) => work.procedure === 'pads').map((work) => ({ ...work, id: 'pads' }));
    const sheet = emptySheet({ works: [pads!], ticks: [tickRow('pads', planOf(pads!).steps[0]!.id)] });
    expect(worksUnderWay(sheet)).toEqual([pads]);
    const road = planOf(workRow(base, 'bed_in')).steps.find((step) => step.drives);
    expect(drivenWhileApart(road!, worksUnderWay(sheet))[0]).toMatchObject({ path: 'step' });
    expect(drivenWhileApart(road!, [])).toEqual([]);
  });
});

describe('new friction', () => {
  const pads = { ...workRow(base, 'pads'), id: 'pads' };
  const bedIn = { ...workRow(base, 'bed_in'), id: 'bed-in' };
  const fitted = emptySheet({ works: [pads], ticks: tickAll(pads, 20), answers: FIRM(59) });
  const told = (sheet: JobSheet, bedInTold = '') =>
    closingIssues(sheet, { outcome: 'cured', confirmed: ['pad_worn_out'], bedInTold }).map(
      ({ path }) => path,
    );

  it('is bedded in, or somebody has told the driver', () => {
    expect(told(fitted)).toEqual(['bedInTold']);
    expect(told(fitted, 'Mira')).toEqual([]);
    const bedded = { ...fitted, works: [pads, bedIn], ticks: [...fitted.ticks, ...tickAll(bedIn, 40)] };
    expect(told(bedded)).toEqual([]);
  });
});

describe('a job opened by mistake', () => {
  const withdrawn = (sheet: JobSheet, summary = 'twice on the board') =>
    closingIssues(sheet, { outcome: 'withdrawn', confirmed: [], summary }).map(({ path }) => path);
  const work = workRow(base);

  it('is withdrawn with a reason, no pedal asked for', () => {
    expect(withdrawn(emptySheet())).toEqual([]);
    expect(withdrawn(emptySheet(), ' ')).toEqual(['summary']);
    expect(withdrawn(emptySheet({ works: [work] }))).toEqual([]);
  });

  it('is not where something was begun, or the car is held', () => {
    expect(withdrawn(emptySheet({ works: [work], ticks: tickAll(work) }))).toEqual(['works.w']);
    const lamp = answerRow({ finding: 'warning_light', state: 'brake' });
    expect(withdrawn(emptySheet({ answers: [lamp] }))).toEqual(['holds.brake_lamp']);
  });
});
