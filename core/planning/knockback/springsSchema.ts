import { z } from 'zod';
import { whole, within } from '../../base/issues/range';
import { figureSchema } from '../../car/figureSchema';
import { CAR_FIGURES } from '../../car/figures';
import { PLAN_RANGES } from '../ranges';

export const springsSchema = z.strictObject({
  forceN: within(...PLAN_RANGES.springForceN, 'N'),
  perSide: whole(1, 8),
  mu: within(...PLAN_RANGES.mu, ''),
  effectiveRadiusM: within(0.03, 0.3, 'm'),
  speedKmh: within(...PLAN_RANGES.speedKmh, 'km/h'),
  rollingRadiusM: figureSchema(CAR_FIGURES.tyreRadiusM),
});

export type SpringsInput = z.infer<typeof springsSchema>;
