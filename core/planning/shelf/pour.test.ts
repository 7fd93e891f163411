import { describe, expect, it } from 'vitest';
import { poursFrom, pourWords } from './pour';
import { lotsFor, type ShelfItem } from './shelf';

const NOW = new Date('2026-05-10T12:00:00Z');
const FLUID = { wanted: 'DOT4' as const, freshDays: 3, now: NOW };
const lot = (id: string, changes: Partial<ShelfItem> = {}): ShelfItem => ({
  id,
  kind: 'fluid',
  what: 'DOT 4',
  batch: id,
  quantity: 3,
  fluidClass: 'DOT4',
  sizeMl: 500,
  openedAt: null,
  remainingMl: null,
  dryC: null,
  wetC: null,
  colour: '',
  ...changes,
});
const opened = (id: string, day: string, remainingMl: number) =>
  lot(id, { quantity: 1, openedAt: `2026-05-${day}T12:00:00Z`, remainingMl });

describe('which bottles a bleed is poured from', () => {
  const shelf = [
    lot('sealed'),
    opened('newer', '09', 300),
    opened('older', '08', 200),
    opened('stale', '01', 450),
    lot('other', { fluidClass: 'DOT5.1' }),
    lot('pads', { kind: 'pads', fluidClass: null, sizeMl: null }),
  ];

  it('begins with the longest opened that is still fresh, and leaves alone what may not go in', () => {
    expect(lotsFor(shelf, FLUID).map(({ id }) => id)).toEqual(['older', 'newer', 'sealed']);
    expect(lotsFor(shelf, FLUID, 'sealed').map(({ id }) => id)).toEqual(['sealed', 'older', 'newer']);
    expect(lotsFor(shelf, FLUID, 'stale').map(({ id }) => id)).toEqual(['older', 'newer', 'sealed']);
  });

  it('opens no bottle that is not needed, and says what stays in the last', () => {
    const { pours, shortMl } = poursFrom(lotsFor(shelf, FLUID), 1100);
    expect(pours.map(({ lot: from, ml, bottles, leftMl }) => [from, ml, bottles, leftMl])).toEqual([
      ['older', 200, 0, 0],
      ['newer', 300, 0, 0],
      ['sealed', 600, 2, 400],
    ]);
    expect(shortMl).toBe(0);
    expect(pourWords(pours)).toBe(
      '200 ml of the opened DOT 4 older, 300 ml of the opened DOT 4 newer, 2 bottles of DOT 4 sealed',
    );
    expect(poursFrom(lotsFor(shelf, FLUID), 150).pours).toMatchObject([{ lot: 'older', leftMl: 50 }]);
  });

  it('pours all there is and says what lacks', () => {
    const { pours, shortMl } = poursFrom(lotsFor(shelf, FLUID), 2600);
    expect(pours.reduce((sum, { ml }) => sum + ml, 0)).toBe(2000);
    expect(shortMl).toBe(600);
  });
});
