import { z } from 'zod';
import { whole, within } from '../../base/issues/range';
import { limitSchema } from '../../car/limits/schema';
import { PEDAL_RANGES } from './ranges';

const point = z.strictObject({
  forceN: within(...PEDAL_RANGES.forceN, 'N'),
  travelMm: within(...PEDAL_RANGES.travelMm, 'mm'),
  press: whole(1, 9).optional(),
});

const points = z
  .array(point)
  .max(60, 'at most 60 points')
  .refine(
    (each) => each.filter(({ press }) => (press ?? 1) === 1).length >= 2,
    'at least 2 points of press 1',
  );

export const firmnessSchema = z
  .strictObject({
    pedal: z.strictObject({
      ratio: within(...PEDAL_RANGES.ratio, ''),
      efficiency: within(...PEDAL_RANGES.efficiency, '').optional(),
    }),
    master: z.strictObject({ boreMm: within(...PEDAL_RANGES.boreMm, 'mm') }),
    points,
    toFloorMm: within(...PEDAL_RANGES.toFloorMm, 'mm').optional(),
    baseline: z.strictObject({ points }).optional(),
    limits: z
      .strictObject({
        softShare: within(0.1, 1, '').optional(),
        longMm: limitSchema('longMm').optional(),
        pumpMm: limitSchema('pumpMm').optional(),
      })
      .optional(),
  })
  .superRefine(({ points: all, toFloorMm }, context) => {
    if (toFloorMm === undefined) return;
    for (const [index, { travelMm }] of all.entries())
      if (travelMm > toFloorMm)
        context.addIssue({
          code: 'custom',
          path: ['points', index, 'travelMm'],
          message: `at most ${toFloorMm} mm, where the floor is`,
        });
  });

export type FirmnessInput = z.infer<typeof firmnessSchema>;
