import { describe, expect, it } from 'vitest';
import { startingSet } from '@/core/car/startingSets';
import { padsSchema } from '@/core/readings/pads/schema';
import { INCHES, METRIC } from '../../../tests/support/units';
import { padsOrder, padsTypedFrom, readPadsTyped, USUAL_PAD } from './typed';

const car = { ...startingSet('saloon'), name: 'Saloon' };
const front = { ...car.front, padNewMm: 15, padMinimumMm: 3, caliper: 'sliding' as const };
const given = { corner: 'FL' as const, car: { ...car, front }, units: METRIC, limits: {} };
const FOUR = { 'inner.leading': '8', 'inner.trailing': '8.2', 'outer.leading': '9', 'outer.trailing': '9.1' };

describe('pads as they are typed', () => {
  it('are taken one pad after the other, edges only where they are wanted', () => {
    expect(padsOrder(false)).toEqual(['inner.leading', 'inner.trailing', 'outer.leading', 'outer.trailing']);
    expect(padsOrder(true)).toHaveLength(8);
    expect(padsOrder(true)[2]).toBe('inner.outerEdge');
  });

  it('are a reading that the schema takes once both ends of both are there', () => {
    const { 'outer.trailing': _, ...three } = FOUR;
    expect(readPadsTyped(three, given).mm).toMatchObject({ 'inner.leading': 8 });
    expect(readPadsTyped(three, given).input).toBeUndefined();
    const { input } = readPadsTyped(FOUR, given);
    expect(padsSchema.parse(input)).toMatchObject({
      newMm: 15,
      minimumMm: 3,
      caliper: { front: 'sliding' },
      corners: { FL: { inner: { leading: 8, trailing: 8.2 }, outer: { leading: 9, trailing: 9.1 } } },
    });
  });

  it('go by ordinary sizes where nobody has entered the pad’s own', () => {
    const unknown = { ...given, car: { ...car, front: { ...front, padNewMm: null, padMinimumMm: null } } };
    expect(readPadsTyped(FOUR, unknown).input).toMatchObject(USUAL_PAD);
  });

  it.each([
    ['80', 'was 8 meant? New is 15.0 mm'],
    ['16', 'thicker than new (15.0 mm); another pad?'],
    ['-1', '0 to 15.2 mm is accepted'],
    ['thin', 'a figure in mm is needed'],
  ])('name what cannot be: %s', (text, why) => {
    const { wrong, input } = readPadsTyped({ ...FOUR, 'outer.leading': text }, given);
    expect(wrong).toEqual({ name: 'outer.leading', text, why });
    expect(input).toBeUndefined();
  });

  it('stand while a figure is on its way: a point at its end is a figure, a point alone is none yet', () => {
    const pointed = readPadsTyped({ ...FOUR, 'inner.leading': '8.' }, given);
    expect([pointed.mm['inner.leading'], pointed.wrong]).toEqual([8, undefined]);
    expect(readPadsTyped({ ...FOUR, 'inner.leading': '.' }, given).mm['inner.leading']).toBeNaN();
    expect(readPadsTyped({ ...FOUR, 'inner.leading': '' }, given).mm).not.toHaveProperty('inner.leading');
  });

  it('carry edges where they were measured, and the shop’s own limits', () => {
    const typed = { ...FOUR, 'inner.outerEdge': '7.8', 'inner.innerEdge': '8.1' };
    const { input } = readPadsTyped(typed, { ...given, limits: { innerOuterMm: 1, runoutMm: 0.03 } });
    expect(input!.corners.FL!.inner).toEqual({ leading: 8, trailing: 8.2, outerEdge: 7.8, innerEdge: 8.1 });
    expect(input!.corners.FL!.outer).toEqual({ leading: 9, trailing: 9.1 });
    expect(input!.limits).toEqual({ innerOuterMm: 1 });
  });

  it('take inches exactly, keep what was typed, and come back as they would be typed', () => {
    const { input, entered } = readPadsTyped({ ...FOUR, 'inner.leading': '.3125 in' }, given);
    expect(input!.corners.FL!.inner.leading).toBe(7.9375);
    expect(entered).toEqual({ 'corners.FL.inner.leading': '.3125 in' });
    expect(padsTypedFrom(input!, 'FL', METRIC)).toMatchObject({
      'inner.leading': '7.9375',
      'outer.trailing': '9.1',
    });
    expect(padsTypedFrom(input!, 'FL', INCHES)['inner.leading']).toBe('0.3125');
    expect(padsTypedFrom(input!, 'RR', METRIC)).toEqual({});
  });
});
