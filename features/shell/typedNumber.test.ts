import { describe, expect, it } from 'vitest';
import { sentNumber, typedNumber } from './typedNumber';

describe('a number as it is typed', () => {
  it('has a comma or a point, and is nothing where nothing was typed', () => {
    expect([' 4,5 ', '4.5', '-2', ''].map(typedNumber)).toEqual([4.5, 4.5, -2, null]);
    expect(typedNumber('many')).toBeNaN();
  });

  it('is sent as it was typed where it is none: a refusal names it', () => {
    expect(['4,5', '', ' many '].map(sentNumber)).toEqual([4.5, null, 'many']);
  });
});
