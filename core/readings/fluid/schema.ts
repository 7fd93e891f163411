import { z } from 'zod';
import { within } from '../../base/issues/range';
import { FLUID_CLASS_IDS } from '../../car/fluidClasses';
import { limitsSchema } from '../../car/limits/schema';
import { FLUID_RANGES, OPENED_DAYS_RANGE } from './ranges';

/** The fluid reading as a file, a route or a form gives it; the finer rules stand in `fluid.ts`. */
export const fluidInputSchema = z.strictObject({
  class: z.enum(FLUID_CLASS_IDS),
  dryC: within(...FLUID_RANGES.dryC, '°C').optional(),
  wetC: within(-273.15, 400, '°C').optional(),
  moisturePct: within(...FLUID_RANGES.moisturePct, '%').optional(),
  boilingC: within(...FLUID_RANGES.boilingC, '°C').optional(),
  altitudeM: within(...FLUID_RANGES.altitudeM, 'm').optional(),
  caliperPeakC: within(...FLUID_RANGES.caliperPeakC, '°C').optional(),
  use: z.enum(['road', 'track']).optional(),
  limits: limitsSchema(
    ...(['dryBelowPct', 'wetFromPct', 'boilingOkFromC', 'boilingLowBelowC'] as const),
    ...(['trackMarginK', 'bottleDays'] as const),
  ).optional(),
  bottle: z
    .strictObject({
      sealed: z.boolean(),
      openedDaysAgo: within(...OPENED_DAYS_RANGE, 'days').optional(),
    })
    .refine((bottle) => !bottle.sealed || bottle.openedDaysAgo === undefined, {
      path: ['openedDaysAgo'],
      message: 'a sealed bottle has not been opened',
    })
    .optional(),
});
