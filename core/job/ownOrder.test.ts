import { describe, expect, it } from 'vitest';
import { inOwnOrder } from './ownOrder';

const works = ['a', 'b', 'c', 'd'].map((id) => ({ id }));
const order = (...ids: string[]) => inOwnOrder(works, ids).map(({ id }) => id);

describe('works in their own order', () => {
  it('stand as they were added while nobody moved any', () => {
    expect(order()).toEqual(['a', 'b', 'c', 'd']);
  });

  it('stand as they were put, those added since behind, and ids of no work change nothing', () => {
    expect(order('c', 'a', 'b')).toEqual(['c', 'a', 'b', 'd']);
    expect(order('x', 'd', 'y')).toEqual(['d', 'a', 'b', 'c']);
  });
});
