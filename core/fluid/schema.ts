import { z } from 'zod';
import { within } from '../issues/range';
import { FLUID_CLASS_IDS } from './classes';

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
});
