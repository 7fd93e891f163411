import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { limitNow, shortest } from '../../../tests/support/pace';
import type { FindEntry } from './entry';
import { prepareSearch, search } from './search';

const entry = (kind: FindEntry['kind'], title: string, about = '', also?: string): FindEntry => ({
  ...{ id: `${kind} ${title}`, kind, title, about, href: `/${kind}` },
  ...(also ? { also } : {}),
});
const ENTRIES = prepareSearch([
  entry('car', 'Number 7, open two-seater', 'Sprints'),
  entry('car', 'Car 14, blue coupe', 'Track days'),
  entry('job', 'Pedal went to the floor', 'Car 14, blue coupe, job 12'),
  entry('procedure', 'Flush and bleed', '', 'bleeding air'),
  entry('finding', 'Pedal hold', 'Held for thirty seconds'),
  entry('part', 'Étrier kit', 'Shelf'),
]);
const titles = (question: string) => search(ENTRIES, question).map(({ title }) => title);

describe('finding', () => {
  it('needs every word, in any order, by name before what is said of it', () => {
    expect(titles('coupe blue')).toEqual(['Car 14, blue coupe', 'Pedal went to the floor']);
    expect(titles('pedal floor')).toEqual(['Pedal went to the floor']);
    expect(titles('pedal 14')).toEqual(['Pedal went to the floor']);
    expect(titles('pedal nothing')).toEqual([]);
    expect(titles('   ')).toEqual([]);
  });

  it('takes beginnings, what else it is called, letters without their marks, and one slip where nothing else fits', () => {
    expect(titles('fl')[0]).toBe('Pedal went to the floor');
    expect(titles('flush')).toEqual(['Flush and bleed']);
    expect(titles('bleeding')).toEqual(['Flush and bleed']);
    expect(titles('etrier')).toEqual(['Étrier kit']);
    expect(titles('fluhs')).toEqual([]);
    expect(titles('flusk')).toEqual(['Flush and bleed']);
    expect(titles('coupee')).toEqual(['Car 14, blue coupe']);
  });

  it('always finds a thing by its whole name, among many, within a frame', () => {
    const many = Array.from({ length: 3000 }, (_, n) =>
      entry('job', `Complaint ${n} of some kind`, `Fleet car ${n % 200}`),
    );
    const prepared = prepareSearch(many);
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 2999 }), (n) => {
        expect(search(prepared, many[n]!.title)[0]).toEqual(many[n]);
      }),
      { seed: 7, numRuns: 40 },
    );
    expect(shortest(() => search(prepared, 'fleet car 11'))).toBeLessThan(limitNow(16));
  });
});
