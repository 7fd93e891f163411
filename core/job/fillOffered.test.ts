import { describe, expect, it } from 'vitest';
import { at, emptySheet } from '../../tests/support/sheet';
import { tickAll, workRow } from '../../tests/support/work';
import type { Pour } from '../planning/shelf/pour';
import { fillOffered } from './fillOffered';
import type { JobSheet } from './sheet';

const WHEN = { timeZone: 'Europe/Prague', today: '2026-05-02' };
const OF = { fluidClass: 'DOT4' as const, dryC: 245, wetC: 160, colour: 'amber', openedAt: null };
const pour = (changes: Partial<Pour>): Pour => ({
  lot: 'lot-a',
  what: 'DOT 4 brake fluid',
  batch: 'A1',
  ml: 300,
  bottles: 1,
  leftMl: 200,
  of: OF,
  ...changes,
});

/** A sheet with a finished flush that was poured so. */
function flushed(
  pours: Pour[],
  changes: Partial<JobSheet['car']> = {},
  procedure: 'flush' | 'bleed' = 'flush',
) {
  const sheet = emptySheet();
  const work = workRow(sheet, procedure, { fluid: { taken: true, ml: 500, pours, at: at(40) } });
  return { ...sheet, car: { ...sheet.car, ...changes }, works: [work], ticks: tickAll(work) };
}

describe('the fill that a flush made', () => {
  it('is what it was poured from most, with the pair and colour of its lot', () => {
    const late = { ...OF, openedAt: '2026-05-01T23:30:00Z' };
    const sheet = flushed([
      pour({ ml: 100, batch: 'old' }),
      pour({ lot: 'lot-b', ml: 400, batch: 'B7', bottles: 0, of: late }),
    ]);
    sheet.job = { ...sheet.job, odometerKm: 99_000 };
    expect(fillOffered(sheet, WHEN)).toEqual({
      filledOn: '2026-05-02',
      product: 'DOT 4 brake fluid',
      batch: 'B7',
      fluidClass: 'DOT4',
      dryC: 245,
      wetC: 160,
      colour: 'amber',
      odometerKm: 99_000,
      lotId: 'lot-b',
      // Where the shop stands it was past midnight.
      lotOpenedOn: '2026-05-02',
    });
  });

  it('takes a pair over from what was in only where nothing else is known and the class is the same', () => {
    const car = { fluidClass: 'DOT4' as const, fluidDryC: 270, fluidWetC: 180 };
    const bare = { ...OF, dryC: null, wetC: null };
    expect(fillOffered(flushed([pour({ of: bare })], car), WHEN)).toMatchObject({ dryC: 270, wetC: 180 });
    const other = { ...bare, fluidClass: 'DOT5.1' as const };
    expect(fillOffered(flushed([pour({ of: other })], car), WHEN)).toMatchObject({
      fluidClass: 'DOT5.1',
      dryC: null,
      wetC: null,
    });
    expect(fillOffered(flushed([pour({})], car), WHEN)).toMatchObject({ dryC: 245, wetC: 160 });
  });

  it('is its class alone where nothing came off the shelf, and none where nothing was flushed', () => {
    const sheet = flushed([], { fluidClass: 'ISO6' });
    expect(fillOffered(sheet, WHEN)).toMatchObject({ product: 'Class 6 brake fluid', lotId: null });
    expect(fillOffered({ ...sheet, ticks: sheet.ticks.slice(0, 3) }, WHEN)).toBeUndefined();
    expect(fillOffered(flushed([pour({})], {}, 'bleed'), WHEN)).toBeUndefined();
  });
});
