import { z } from 'zod';
import { DATE_ORDERS } from '../base/dates';
import { within, words } from '../base/issues/range';
import { shopLimitsSchema } from './limits/schema';
import { SHOP_RANGES } from './shopRanges';

/** How long a sign-in that is not used lasts where the shop has set nothing else, h: two weeks. */
export const SIGNED_IN_HOURS = 336;

/** The shop's own settings: where it stands, and its schools where practitioners disagree. */
export const shopSchema = z.strictObject({
  name: words(120).min(1, 'a name is needed'),
  circuit: words(120),
  altitudeM: within(...SHOP_RANGES.altitudeM, 'm'),
  timeZone: words(60)
    .min(1, 'a time zone as Europe/Prague')
    .refine(isTimeZone, 'a time zone as Europe/Prague'),
  fluidSchool: z.enum([
    'each_event',
    'each_season',
    'two_years',
    'three_years',
    'months_or_distance',
    'by_water',
  ]),
  bleedOrder: z.enum(['furthest_first', 'nearest_first', 'diagonal']),
  twoBleeders: z.enum(['outer_inner_outer', 'outer_inner', 'inner_outer']),
  reservoirSchool: z.enum(['draw_out', 'push_through']),
  bleedMethod: z.enum(['pressure', 'two_person', 'vacuum', 'gravity', 'reverse']),
  potSchool: z.enum(['fluid', 'dry']),
  bleedPressureKPa: within(...SHOP_RANGES.bleedPressureKPa, 'kPa'),
  bottleMl: within(...SHOP_RANGES.bottleMl, 'ml'),
  strainerSchool: z.enum(['lift_out', 'leave_in']),
  catchMl: within(...SHOP_RANGES.catchMl, 'ml'),
  bedInSchool: z.enum(['A', 'B', 'C', 'maker']),
  learnStrength: within(0, 100000, 'jobs'),
  dateOrder: z.enum(DATE_ORDERS),
  /** ISO 4217. */
  currency: z
    .string()
    .regex(/^[A-Z]{3}$/, 'three capital letters, such as EUR')
    .default('EUR'),
  /** How long a sign-in lasts that is not used, h. */
  signedInHours: z.int().min(1).max(8760).default(SIGNED_IN_HOURS),
  lengthUnit: z.enum(['mm', 'in']),
  temperatureUnit: z.enum(['°C', '°F']),
  pressureUnit: z.enum(['kPa', 'bar', 'psi']),
  limits: shopLimitsSchema,
});

export type Shop = z.infer<typeof shopSchema>;

function isTimeZone(zone: string): boolean {
  try {
    new Intl.DateTimeFormat('en-GB', { timeZone: zone });
    return true;
  } catch {
    return false;
  }
}
