import { z } from 'zod';
import { within } from '../../base/issues/range';
import { figureSchema } from '../../car/figureSchema';
import { CAR_FIGURES } from '../../car/figures';
import { PEDAL_RANGES } from './ranges';

export const pedalRatioSchema = z
  .strictObject({
    aMm: within(...PEDAL_RANGES.pivotToPadMm, 'mm'),
    bMm: within(...PEDAL_RANGES.pivotToClevisMm, 'mm'),
    targetRatio: figureSchema(CAR_FIGURES.pedalRatio).optional(),
    assisted: z.boolean().optional(),
    /** Pedal travel of a full master stroke as it is, at the pad, and what there is down to the floor. */
    travelMm: within(...PEDAL_RANGES.toFloorMm, 'mm').optional(),
    floorMm: within(...PEDAL_RANGES.toFloorMm, 'mm').optional(),
  })
  .refine((input) => input.bMm < input.aMm, {
    path: ['bMm'],
    message: 'less than aMm: the clevis sits between pivot and pad',
  });

export type PedalRatioInput = z.infer<typeof pedalRatioSchema>;
