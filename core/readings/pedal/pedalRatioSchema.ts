import { z } from 'zod';
import { within } from '../../base/issues/range';

export const pedalRatioSchema = z
  .strictObject({
    aMm: within(50, 600, 'mm'),
    bMm: within(10, 300, 'mm'),
    targetRatio: within(1, 12, '').optional(),
    assisted: z.boolean().optional(),
    /** Pedal travel of a full master stroke as it is, at the pad, and what there is down to the floor. */
    travelMm: within(1, 400, 'mm').optional(),
    floorMm: within(1, 400, 'mm').optional(),
  })
  .refine((input) => input.bMm < input.aMm, {
    path: ['bMm'],
    message: 'less than aMm: the clevis sits between pivot and pad',
  });

export type PedalRatioInput = z.infer<typeof pedalRatioSchema>;
