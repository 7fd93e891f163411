import { describe, expect, it } from 'vitest';
import { authorsSaid, strayAuthor } from './authors';

const AUTHORS = { rows: { a: 'Mira', b: 'Mira', c: 'Tobias', d: 'Mira' } };

describe('who wrote a chapter', () => {
  it('is one name where it was one, else each with how much', () => {
    expect(authorsSaid(['a', 'b'], AUTHORS)).toBe('Mira');
    expect(authorsSaid(['c', 'a', 'b'], AUTHORS)).toBe('Mira 2, Tobias 1');
    expect(authorsSaid(['old', 'older'], AUTHORS)).toBe('not known');
  });

  it('is said of a row that is not by whoever wrote most', () => {
    const ids = ['a', 'b', 'c', 'd', 'old'];
    expect(ids.map((id) => strayAuthor(id, ids, AUTHORS))).toEqual([
      undefined,
      undefined,
      'Tobias',
      undefined,
      'not known',
    ]);
    expect(strayAuthor('c', ['c'], AUTHORS)).toBeUndefined();
  });
});
