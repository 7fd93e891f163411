import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { emptySheet } from '../../../tests/support/sheet';
import { planFor } from '../../../tests/support/work';
import { CALLS, cadenceAt, nextStop, STROKE_S } from './cadence';

describe('the calls of a bleed for two', () => {
  it('come in their order, stroke after stroke, and end with the foot up', () => {
    const heard: string[] = [];
    for (let tenth = 0; tenth < 30 * STROKE_S; tenth++) {
      const { stroke, call, over } = cadenceAt(tenth / 10, 3);
      const now = over ? 'over' : `${stroke} ${call}`;
      if (heard.at(-1) !== now) heard.push(now);
    }
    const strokes = [1, 2, 3].flatMap((stroke) => CALLS.map(({ call }) => `${stroke} ${call}`));
    expect(heard.slice(0, strokes.length)).toEqual(strokes);
    expect(cadenceAt(3 * STROKE_S, 3)).toEqual({ stroke: 3, call: 'release', over: true });
  });

  it('never let the foot up between open and close, whenever anybody looks', () => {
    const order = CALLS.map(({ call }) => call);
    expect(order.indexOf('close')).toBeGreaterThan(order.indexOf('open'));
    expect(order.indexOf('release')).toBeGreaterThan(order.indexOf('close'));
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 500, noNaN: true }),
        fc.integer({ min: 1, max: 60 }),
        fc.integer({ min: 0, max: 59 }),
        (elapsed, upTo, from) => {
          const { stroke, call, over } = cadenceAt(elapsed, upTo, from);
          expect(stroke).toBeLessThanOrEqual(upTo);
          if (over) expect(call).toBe('release');
          else expect(stroke).toBe(from + Math.floor(elapsed / STROKE_S) + 1);
        },
      ),
    );
  });

  it('stop where the reservoir has to be filled up, then go on to the last', () => {
    const strokes = { count: 20, mlEach: 5, fillAfter: [8, 16] };
    expect(nextStop(strokes, 0)).toEqual({ stroke: 8, fill: true });
    expect(nextStop(strokes, 8)).toEqual({ stroke: 16, fill: true });
    expect(nextStop(strokes, 16)).toEqual({ stroke: 20, fill: false });
    // What is not clear yet goes on by single strokes.
    expect(nextStop(strokes, 20)).toEqual({ stroke: 21, fill: false });
  });

  it('are counted from bore, half stroke and volume, on the steps of a plan for two', () => {
    const sheet = emptySheet();
    sheet.car.masterBoreMm = 22.2;
    const { steps, bleed } = planFor(sheet, 'flush', { ways: { bleedMethod: 'two_person' } });
    const bleeders = steps.filter((step) => step.ml);
    // π/4 · 22.2² · 15 mm = 5.81 ml a half stroke.
    for (const [index, step] of bleeders.entries()) {
      const { strokes, here } = step.ml!;
      expect(strokes!.count).toBe(Math.ceil(here / 5.806));
      expect(strokes!.count).toBe(bleed!.plan.strokes[index]);
      expect(strokes!.mlEach * strokes!.count).toBeCloseTo(here, 6);
    }
    expect(bleeders.some((step) => step.ml!.strokes!.fillAfter.length > 0)).toBe(true);
    expect(planFor(sheet, 'flush').steps.some((step) => step.ml?.strokes)).toBe(false);
  });
});
