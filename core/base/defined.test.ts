import { describe, expect, it } from 'vitest';
import { definedOf } from './defined';

describe('the fields that have a value', () => {
  it('are all but those that are undefined', () => {
    const given: { a?: number; b?: number; c: null; d: string } = { a: 0, b: undefined, c: null, d: '' };
    expect(Object.keys(definedOf(given))).toEqual(['a', 'c', 'd']);
  });
});
