import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { CarSpec } from '../../car/spec';
import { startingSet } from '../../car/startingSets';
import type { ShelfItem } from '../shelf/shelf';
import { bottleLabel, carLabel, partLabel } from './label';
import { LABEL_STOCK, type LabelStock, labelPages, labelsAPage } from './sheet';

const BOTTLE: ShelfItem = {
  ...{ id: 'b', kind: 'fluid', what: 'Track fluid', batch: 'L-22', quantity: 1, fluidClass: 'DOT5.1' },
  ...{ sizeMl: 500, openedAt: null, remainingMl: null, dryC: null, wetC: null, colour: '' },
};

describe('a label', () => {
  it('of an opened bottle says until when it may go into a track car', () => {
    const said = { freshDays: 30, dateOrder: 'day_first' } as const;
    expect(bottleLabel(BOTTLE, '2026-11-03', said)).toEqual({
      ...{ id: 'bottle:b', kind: 'bottle', title: 'Track fluid', href: '/shelf#lot-b' },
      lines: ['DOT 5.1 · L-22', 'Opened 3 Nov 2026', 'For the track until 3 Dec 2026'],
    });
    expect(bottleLabel(BOTTLE, null, said).lines.slice(1)).toEqual([
      'Opened ____________',
      'For the track 30 days from then',
    ]);
  });

  it('of a car or a part says what is known of it, and no more', () => {
    const car = { ...startingSet('light_track'), id: 'c', name: 'Car 9' } as CarSpec & { id: string };
    const bare = { ...car, fluidClass: null, fluidFilledOn: null, torquesNm: {} };
    expect(carLabel(bare, { dateOrder: 'day_first' })).toMatchObject({
      title: 'Car 9',
      lines: [],
      href: '/car/c',
    });
    expect(carLabel({ ...bare, torquesNm: { wheel: 110 } }, { dateOrder: 'day_first' }).lines).toEqual([
      'Wheels 110 N·m',
    ]);
    const part = { id: 'p', kind: 'pads', what: 'Sprint pads', batch: '', place: 'front' } as const;
    const rest = { fittedOn: '2026-02-01', removedOn: null, jobId: null, oldWhy: null, oldMate: null };
    expect(
      partLabel({ ...part, ...rest }, { id: 'c', name: 'Car 9' }, { dateOrder: 'month_first' }),
    ).toMatchObject({
      lines: ['Car 9, front', 'Fitted Feb 1, 2026'],
      href: '/car/c#part-p',
    });
  });
});

describe('labels on their stock', () => {
  it('each is printed once, in order, after the places that are used up, on no page too many', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 70 }),
        fc.integer({ min: 0, max: 40 }),
        fc.constantFrom(...(Object.keys(LABEL_STOCK) as LabelStock[])),
        (count, used, stock) => {
          const labels = Array.from({ length: count }, (_, n) => n);
          const pages = labelPages(labels, stock, used);
          expect(pages.flat().filter((place) => place !== null)).toEqual(labels);
          for (const page of pages) expect(page.length).toBeLessThanOrEqual(labelsAPage(stock));
          if (count > 0) expect(pages.at(-1)!.some((place) => place !== null)).toBe(true);
        },
      ),
    );
    expect(labelPages(['a'], 'sheet', 2)).toEqual([[null, null, 'a']]);
    expect(labelPages(['a', 'b'], 'roll', 5)).toEqual([['a'], ['b']]);
  });
});
