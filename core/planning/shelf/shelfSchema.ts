import { z } from 'zod';
import { day, moment } from '../../base/issues/moment';
import { whole, within, words } from '../../base/issues/range';
import { uuid } from '../../base/issues/uuid';
import { CORNERS } from '../../car/corner';
import { FLUID_CLASS_IDS } from '../../car/fluidClasses';
import { SHOP_RANGES } from '../../car/shopRanges';
import { isPair, PAIR_WORDS, pairFields } from '../fill/fillSchema';
import { MATES, type Mate, WHY_OFF, type WhyOff } from './fitted';
import { PART_KIND_IDS } from './parts';

/** What one costs, in the shop's own money. */
const price = within(0, 1_000_000, 'in the shop’s own money').nullable().default(null);

/** A lot put on the shelf; fluid names its class and the size of its bottles. */
export const newShelfItemSchema = z
  .strictObject({
    kind: z.enum(PART_KIND_IDS),
    what: words(120).min(1, 'what it is'),
    batch: words(60),
    quantity: whole(1, 1000),
    fluidClass: z.enum(FLUID_CLASS_IDS).nullable(),
    sizeMl: within(...SHOP_RANGES.bottleMl, 'ml').nullable(),
    dryC: pairFields.dryC.default(null),
    wetC: pairFields.wetC.default(null),
    colour: words(40).default(''),
    price,
  })
  .refine(isPair, { path: ['wetC'], message: PAIR_WORDS })
  .refine((item) => item.kind === 'fluid' || (item.dryC === null && item.colour === ''), {
    path: ['dryC'],
    message: 'boiling points and colour of a brake fluid, and of nothing else',
  })
  .refine((item) => (item.kind === 'fluid') === (item.fluidClass !== null), {
    path: ['fluidClass'],
    message: 'the class of a brake fluid, and of nothing else',
  })
  .refine((item) => (item.kind === 'fluid') === (item.sizeMl !== null), {
    path: ['sizeMl'],
    message: 'what one bottle of brake fluid holds, 100 to 25000 ml',
  });

/** A lot counted anew, or taken off the shelf. */
export const shelfChangesSchema = z.strictObject({
  quantity: whole(0, 1000),
  remainingMl: within(0, SHOP_RANGES.bottleMl[1], 'ml').nullable(),
  dropped: z.boolean(),
});

/** Opening a sealed bottle; the opened one gets an id of its own. It may have been opened before the server hears of it. */
export const openBottleSchema = z.strictObject({ id: uuid(), openedAt: moment().nullable().default(null) });

/** The fluid of a bleed off the shelf, out of a lot or as the shelf would, or put back on it. */
export const pouredSchema = z.strictObject({
  id: uuid(),
  taken: z.boolean(),
  lot: uuid('the id of a lot').nullable(),
});

/** A part put on a car, from the shelf or not. */
export const newPartSchema = z.strictObject({
  kind: z.enum(PART_KIND_IDS).refine((kind) => kind !== 'fluid', 'a part; fluid is kept as the car’s fill'),
  place: z.enum(['', ...CORNERS, 'front', 'rear']),
  what: words(120).min(1, 'what was fitted'),
  batch: words(60),
  fittedOn: day(),
  price,
  jobId: uuid('the id of a job').nullable(),
  shelfId: uuid('the id of a lot').nullable(),
  oldWhy: z
    .enum(Object.keys(WHY_OFF) as WhyOff[])
    .nullable()
    .default(null),
  oldMate: z
    .enum(Object.keys(MATES) as Mate[])
    .nullable()
    .default(null),
});

export type NewPart = z.infer<typeof newPartSchema>;
