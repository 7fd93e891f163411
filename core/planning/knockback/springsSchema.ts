import { z } from 'zod';
import { within } from '../../base/issues/range';

export const springsSchema = z.strictObject({
  forceN: within(0, 500, 'N'),
  perSide: z.int().min(1, '1 to 8 is accepted').max(8, '1 to 8 is accepted'),
  mu: within(0.05, 1, ''),
  effectiveRadiusM: within(0.03, 0.3, 'm'),
  speedKmh: within(0, 400, 'km/h'),
  rollingRadiusM: within(0.15, 0.6, 'm'),
});

export type SpringsInput = z.infer<typeof springsSchema>;
