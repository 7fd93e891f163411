import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { emptySheet } from '../../../tests/support/sheet';
import { tickRow, workRow } from '../../../tests/support/work';
import { drawnBefore, drawnOf } from '../bleed/drawn';
import { fluidSoFar } from '../bleed/soFar';
import { POT_DEAD_ML } from '../bleed/usual';
import { planOf, runOf, stepsInHand } from './run';

const work = workRow(emptySheet());
const { steps, bleed } = planOf(work);

const ticks = fc
  .array(
    fc.record({
      step: fc.integer({ min: 0, max: steps.length - 1 }),
      done: fc.boolean(),
      ml: fc.option(fc.integer({ min: 0, max: 600 })),
    }),
    { maxLength: 60 },
  )
  .map((list) =>
    list.map(({ step, done, ml }, index) =>
      tickRow('w', steps[step]!.id, {
        id: `t${index}`,
        done,
        record: ml === null ? {} : { ml },
      }),
    ),
  );
const check = (property: (rows: ReturnType<typeof tickRow>[]) => void) =>
  fc.assert(fc.property(ticks, property), { seed: 20261125, numRuns: 300 });

describe('a run, whatever was ticked in whatever order', () => {
  it('stands at the first step that is not done', () => {
    check((rows) => {
      const run = runOf(work, rows);
      const done = new Map(rows.map((row) => [row.step, row.done]));
      expect(run.current).toBe(steps.find((step) => !done.get(step.id)));
      expect(run.done).toBe(steps.filter((step) => done.get(step.id)).length);
      expect(run.state === 'finished').toBe(run.current === undefined);
      expect(run.state === 'waiting').toBe(rows.length === 0);
    });
  });

  it('reads the same from any device that has the same ticks', () => {
    check((rows) => {
      const copied = JSON.parse(JSON.stringify(rows)) as typeof rows;
      expect(JSON.stringify(runOf(work, copied))).toBe(JSON.stringify(runOf(work, rows)));
    });
  });

  it('shows nothing that is done, and the step in hand first', () => {
    check((rows) => {
      const run = runOf(work, rows);
      const hand = stepsInHand(run);
      expect(hand[0]).toBe(run.current);
      for (const step of hand) expect(run.last.get(step.id)?.done ?? false).toBe(false);
    });
  });

  it('has fluid out, left and to come that add up', () => {
    check((rows) => {
      const run = runOf(work, rows);
      const drawn = drawnOf(run);
      const so = fluidSoFar(run, bleed!);
      const toppedUp = run.last.get('level')?.done ? bleed!.plan.topUpMl : 0;
      const inPot = run.last.get('pot-fill')?.done ? POT_DEAD_ML : 0;
      const open = steps.filter((step) => step.ml && !drawn.has(step.id));
      expect(so.outMl).toBe([...drawn.values()].reduce((sum, ml) => sum + ml, drawnBefore(run)));
      expect(so.usedMl).toBe(so.outMl + toppedUp + inPot);
      expect(so.toComeMl).toBe(
        open.reduce((sum, step) => sum + step.ml!.here, bleed!.plan.topUpMl - toppedUp + POT_DEAD_ML - inPot),
      );
      expect(so.leftMl).toBe(Math.max(0, bleed!.supplyMl - so.usedMl));
      expect(so.shortMl > 0).toBe(so.toComeMl > so.leftMl);
      if (so.shortAt) expect(open.map((step) => step.id)).toContain(so.shortAt);
    });
  });
});
