import { describe, expect, it } from 'vitest';
import { INCHES, METRIC } from '@/tests/support/units';
import { type ReadingField, readFields } from './readFields';

const FIELDS: readonly ReadingField<'play' | 'radius' | 'seconds'>[] = [
  { id: 'play', label: 'Play', base: 'mm', decimals: 3, low: 0, high: 10, needed: true },
  { id: 'radius', label: 'Radius', base: 'm', decimals: 2, low: 0.1, high: 0.6 },
  { id: 'seconds', label: 'Held for', base: 's', decimals: 0, low: 1, high: 600 },
];

describe('the figures of a form', () => {
  it('are what was typed, in the unit they are kept in, else what is on file', () => {
    expect(readFields(FIELDS, { play: '0,05', seconds: '30' }, METRIC, { radius: 0.31, play: 2 })).toEqual({
      values: { play: 0.05, seconds: 30, radius: 0.31 },
      entered: {},
    });
  });

  it('keep what was typed beside it where that was in another unit', () => {
    const { values, entered } = readFields(FIELDS, { play: '0.002' }, INCHES);
    expect(values.play).toBeCloseTo(0.0508, 6);
    expect(entered).toEqual({ play: '0.002 in' });
  });

  it('name the first that cannot be, with what is accepted in the units shown', () => {
    const { wrong } = readFields(FIELDS, { play: '12', seconds: '0' }, METRIC);
    expect(wrong).toEqual({ id: 'play', why: 'Play is 12: 0 to 10 mm is accepted' });
    expect(readFields(FIELDS, { play: '0.1', seconds: '0' }, METRIC).wrong?.why).toBe(
      'Held for is 0: 1 to 600 s is accepted',
    );
    expect(readFields(FIELDS, { play: 'tight' }, INCHES).wrong?.why).toBe(
      'Play is tight: 0 to 0.394 in is accepted',
    );
  });

  it('are missing only where they are needed', () => {
    const read = readFields(FIELDS, { radius: '0.3' }, METRIC);
    expect(read.missing).toEqual({ id: 'play', why: 'Play is missing: 0 to 10 mm is accepted' });
    expect(read.wrong).toBeUndefined();
    expect(readFields(FIELDS, {}, METRIC, { play: 1 }).missing).toBeUndefined();
  });
});
