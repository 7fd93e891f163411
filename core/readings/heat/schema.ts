import { z } from 'zod';
import { within } from '../../base/issues/range';
import { CORNERS } from '../../car/corner';

const hot = within(-40, 1300, '°C').optional();
const cornerSchema = z.strictObject({ faceC: hot, rotorPeakC: hot, caliperPeakC: hot });
const axleLimit = z.strictObject({
  front: within(100, 1000, '°C').optional(),
  rear: within(100, 1000, '°C').optional(),
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
    limits: z
      .strictObject({
        wheelSpreadK: within(10, 400, 'K').optional(),
        allHotC: within(150, 900, '°C').optional(),
        trackMarginK: within(0, 150, 'K').optional(),
      })
      .optional(),
  })
  .refine((input) => CORNERS.some((corner) => Object.keys(input.corners[corner] ?? {}).length > 0), {
    path: ['corners'],
    message: 'at least one temperature',
  });

export type HeatInput = z.infer<typeof heatSchema>;
