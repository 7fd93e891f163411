import { z } from 'zod';
import { within } from '../../base/issues/range';
import { FLUID_CLASS_IDS } from '../../car/fluidClasses';

/** The fluid reading as a file, a route or a form gives it; the finer rules stand in `reading.ts`. */
export const fluidInputSchema = z.strictObject({
  class: z.enum(FLUID_CLASS_IDS),
  dryC: within(111, 400, '°C').optional(),
  wetC: within(-273.15, 400, '°C').optional(),
  moisturePct: within(0, 10, '%').optional(),
  boilingC: within(-273.15, 400, '°C').optional(),
  altitudeM: within(-500, 5000, 'm').optional(),
  caliperPeakC: within(-40, 1000, '°C').optional(),
  use: z.enum(['road', 'track']).optional(),
  limits: z
    .strictObject({
      dryBelowPct: within(0.1, 5, '%').optional(),
      wetFromPct: within(0.5, 9, '%').optional(),
      boilingOkFromC: within(120, 320, '°C').optional(),
      boilingLowBelowC: within(115, 300, '°C').optional(),
      trackMarginK: within(0, 150, 'K').optional(),
      bottleDays: within(0, 60, 'days').optional(),
    })
    .optional(),
  bottle: z
    .strictObject({ sealed: z.boolean(), openedDaysAgo: within(0, 3650, 'days').optional() })
    .refine((bottle) => !bottle.sealed || bottle.openedDaysAgo === undefined, {
      path: ['openedDaysAgo'],
      message: 'a sealed bottle has not been opened',
    })
    .optional(),
});
