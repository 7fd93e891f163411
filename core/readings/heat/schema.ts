import { z } from 'zod';
import { within } from '../../base/issues/range';
import { CORNERS } from '../../car/corner';
import { figureSchema } from '../../car/figureSchema';
import { AXLE_FIGURES } from '../../car/figures';
import { limitsSchema } from '../../car/limits/schema';
import { HOT_RANGE } from './ranges';

const hot = within(...HOT_RANGE, '°C').optional();
const cornerSchema = z.strictObject({ faceC: hot, rotorPeakC: hot, caliperPeakC: hot });
const axleLimit = z.strictObject({
  front: figureSchema(AXLE_FIGURES.padLimitC).optional(),
  rear: figureSchema(AXLE_FIGURES.padLimitC).optional(),
});

export const heatSchema = z
  .strictObject({
    corners: z.strictObject({
      FL: cornerSchema.optional(),
      FR: cornerSchema.optional(),
      RL: cornerSchema.optional(),
      RR: cornerSchema.optional(),
    }),
    padLimitC: axleLimit.optional(),
    /** Where the fluid boils here; see `fluid`. */
    fluidBoilingHereC: within(90, 400, '°C').optional(),
    limits: limitsSchema('wheelSpreadK', 'allHotC', 'trackMarginK').optional(),
  })
  .refine((input) => CORNERS.some((corner) => Object.keys(input.corners[corner] ?? {}).length > 0), {
    path: ['corners'],
    message: 'at least one temperature',
  });

export type HeatInput = z.infer<typeof heatSchema>;
