import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { parseWith } from '../../base/issues/zod';
import { openCase } from '../../exchange/casefile/open';
import { bearing } from '../bearing/bearing';
import { padLife } from './life';
import { padLifeSchema } from './lifeSchema';
import { readPads } from './pads';
import { padsSchema } from './schema';

const pad = (leading: number, trailing = leading, edges = {}) => ({ leading, trailing, ...edges });
const at = (inner: object, outer: object, more = {}) =>
  readPads({
    caliper: { front: 'sliding' },
    newMm: 12,
    minimumMm: 3,
    corners: { FR: { inner, outer } as never },
    ...more,
  }).corners.FR!;

describe('pads', () => {
  it('keep every reading in sight and put a value on its bound where the contract does', () => {
    expect(at(pad(8, 7), pad(9)).lowestMm).toBe(7);
    expect(at(pad(8), pad(8, 8, { outerEdge: 6, innerEdge: 8 })).lowestMm).toBe(6);
    const thickness = (mm: number, more = {}) => at(pad(mm), pad(mm), more).states.pad_thickness;
    expect([3, 3.01, 5.99, 6].map((mm) => thickness(mm))).toEqual(['worn_out', 'low', 'low', 'ok']);
    expect([3.9, 4].map((mm) => thickness(mm, { use: 'road' }))).toEqual(['low', 'ok']);
    expect(at(pad(4.9), pad(4.9), { newMm: 9 }).states.pad_thickness).toBe('low');
  });

  it('name the shape that is furthest over its own limit', () => {
    expect(at(pad(6), pad(8)).states.pad_wear_shape).toBe('inner_thin');
    expect(at(pad(8), pad(6)).states.pad_wear_shape).toBe('outer_thin');
    expect(at(pad(8), pad(6.5)).states.pad_wear_shape).toBe('even');
    expect(at(pad(6, 9), pad(6, 9)).states.pad_wear_shape).toBe('taper_along');
    expect(at(pad(7, 7, { outerEdge: 6, innerEdge: 8 }), pad(7)).states.pad_wear_shape).toBe('taper_radial');
    expect(at(pad(7, 9), pad(6, 8, { outerEdge: 5, innerEdge: 8 }))).toMatchObject({
      taperAlongMm: -2,
      taperRadialMm: -3,
      states: { pad_wear_shape: 'taper_radial' },
    });
  });

  it('flag tapers that oppose each other, and say what a shape means for the caliper', () => {
    expect(at(pad(7, 8), pad(8, 7))).toMatchObject({
      opposedTaper: true,
      says: expect.stringContaining('cocked'),
    });
    expect(at(pad(6), pad(8)).says).toContain('Slides stuck');
    expect(at(pad(6), pad(8), { caliper: { front: 'opposed' } }).says).toContain('outer pistons');
  });

  it('hold left against right by axle', () => {
    const corners = (left: number, right: number) => ({
      FL: { inner: pad(left), outer: pad(left) },
      FR: { inner: pad(right), outer: pad(right) },
    });
    const sides = (left: number, right: number) =>
      readPads({ caliper: {}, newMm: 12, minimumMm: 3, corners: corners(left, right) }).axles.front;
    expect(sides(9, 6.9)).toMatchObject({
      leftMinusRightMm: expect.closeTo(2.1, 9),
      states: { pad_wear_sides: 'differ' },
    });
    expect(sides(9, 7)!.states.pad_wear_sides).toBe('even');
  });

  it('refuse what is thicker than new, naming the place', () => {
    const outcome = parseWith(padsSchema, {
      caliper: {},
      newMm: 12,
      minimumMm: 3,
      corners: { FR: { inner: pad(12.2), outer: pad(12.3) } },
    });
    expect(outcome).toMatchObject({
      ok: false,
      issues: [{ path: 'corners.FR.outer.leading', value: '12.3' }, { path: 'corners.FR.outer.trailing' }],
    });
    expect(parseWith(padsSchema, { caliper: {}, newMm: 12, minimumMm: 3, corners: {} })).toMatchObject({
      ok: false,
      issues: [{ path: 'corners' }],
    });
  });

  it('become findings at their corners and axles in a case', () => {
    const corners = { FL: { inner: pad(9), outer: pad(9) }, FR: { inner: pad(2.5), outer: pad(7) } };
    const opened = openCase({
      format: 'bavrin-case',
      version: 1,
      findings: [],
      readings: [{ kind: 'pads', input: { caliper: {}, newMm: 12, minimumMm: 3, corners } }],
    });
    expect(opened.ok && opened.value.findings).toEqual([
      { id: 'pad_thickness', state: 'ok', place: 'FL' },
      { id: 'pad_wear_shape', state: 'even', place: 'FL' },
      { id: 'pad_thickness', state: 'worn_out', place: 'FR' },
      { id: 'pad_wear_shape', state: 'inner_thin', place: 'FR' },
      { id: 'pad_wear_sides', state: 'differ', place: 'front' },
    ]);
  });
});

describe('pad life', () => {
  const one = { newMm: 12, limitMm: 4, readings: [{ sessions: 10, mm: 7 }] };

  it('takes a reading at session 0 for what the pad began with, in place of the maker’s figure', () => {
    const worn = { sessions: 10, mm: 7 };
    const asFitted = padLife({ newMm: 12, limitMm: 4, readings: [{ sessions: 0, mm: 11 }, worn] });
    expect(asFitted).toEqual(padLife({ newMm: 11, limitMm: 4, readings: [worn] }));
    const input = (readings: object[]) => padLifeSchema.safeParse({ newMm: 12, limitMm: 4, readings });
    expect(input([{ sessions: 0, mm: 11 }]).error!.issues[0]).toMatchObject({
      path: ['readings'],
      message: 'at least 1 reading after session 0',
    });
    expect(input([{ sessions: 0, mm: 12.5 }, worn]).success).toBe(false);
    expect(input([{ sessions: 0, mm: 11 }, worn]).success).toBe(true);
  });

  it('gives the check values', () => {
    expect(padLife({ ...one, exponent: 0 }).sessionsLeft).toBeCloseTo(6, 9);
    expect(padLife(one).sessionsLeft).toBeCloseTo(4.2, 1);
    expect(padLife({ ...one, exponent: 1 }).sessionsLeft).toBeCloseTo(3.5, 1);
    expect(0.25 ** 1.66).toBeCloseTo(0.1, 2);
  });

  it('fits the exponent from three readings on, and finds the one the wear was made with', () => {
    const made = (p: number) =>
      [4, 8, 12].map((sessions) => ({
        sessions,
        mm: (12 ** (p + 1) - 4 * sessions * 0.5 * (p + 1)) ** (1 / (p + 1)),
      }));
    const fitted = padLife({ newMm: 12, limitMm: 3, readings: made(1) });
    expect(fitted).toMatchObject({ exponentFrom: 'fitted' });
    expect(fitted.exponent).toBeCloseTo(1, 3);
    expect(padLife({ newMm: 12, limitMm: 3, readings: made(1).slice(0, 2) }).exponent).toBe(0.66);
  });

  it('has an interval round the answer, none left at the limit', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 4, max: 11.9, noNaN: true }),
        fc.double({ min: 1, max: 50, noNaN: true }),
        (mm, sessions) => {
          const { sessionsLeft, low, high } = padLife({
            newMm: 12,
            limitMm: 4,
            readings: [{ sessions, mm }],
          });
          expect(low).toBeGreaterThanOrEqual(0);
          expect(low).toBeLessThanOrEqual(sessionsLeft);
          expect(high).toBeGreaterThanOrEqual(sessionsLeft);
        },
      ),
    );
    expect(padLife({ ...one, readings: [{ sessions: 10, mm: 4 }] }).sessionsLeft).toBe(0);
    expect(padLife({ ...one, readings: [{ sessions: 10, mm: 3 }] }).sessionsLeft).toBe(0);
  });

  it('refuses pads that grew', () => {
    const outcome = parseWith(padLifeSchema, {
      ...one,
      readings: [
        { sessions: 5, mm: 7 },
        { sessions: 9, mm: 8 },
      ],
    });
    expect(outcome).toMatchObject({
      ok: false,
      issues: [{ path: 'readings[1].mm', accepted: expect.stringContaining('new pads?') }],
    });
  });
});

describe('bearing', () => {
  it('holds play against its limit and gives the gap at the pads', () => {
    expect(bearing({ playMm: 0.05 }).states.bearing_play).toBe('ok');
    expect(bearing({ playMm: 0.06, spanMm: 40, rotorRadiusMm: 140 })).toMatchObject({
      states: { bearing_play: 'excess' },
      gapAtRotorMm: expect.closeTo(0.21, 9),
    });
    expect(bearing({ playMm: 0.06 }).gaps[0]!.path).toBe('spanMm');
  });
});
