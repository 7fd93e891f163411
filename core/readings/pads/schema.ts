import { z } from 'zod';
import { within } from '../../base/issues/range';
import { CORNERS } from '../../car/corner';
import { limitsSchema } from '../../car/limits/schema';
import { PAD_RANGES } from './ranges';

const thickness = within(...PAD_RANGES.thicknessMm, 'mm');
const padSchema = z.strictObject({
  leading: thickness,
  trailing: thickness,
  outerEdge: thickness.optional(),
  innerEdge: thickness.optional(),
});
const cornerSchema = z.strictObject({ inner: padSchema, outer: padSchema });
const caliperSchema = z.enum(['opposed', 'sliding']);

/** More than new by this much is another pad or another figure, mm. */
const OVER_NEW_MM = 0.2;

export const padsSchema = z
  .strictObject({
    caliper: z.strictObject({ front: caliperSchema.optional(), rear: caliperSchema.optional() }),
    newMm: within(...PAD_RANGES.newMm, 'mm'),
    minimumMm: within(...PAD_RANGES.minimumMm, 'mm'),
    use: z.enum(['track', 'road']).optional(),
    limits: limitsSchema(
      ...(['trackPadMm', 'innerOuterMm', 'taperAlongMm', 'taperRadialMm', 'sidesMm'] as const),
    ).optional(),
    corners: z.strictObject({
      FL: cornerSchema.optional(),
      FR: cornerSchema.optional(),
      RL: cornerSchema.optional(),
      RR: cornerSchema.optional(),
    }),
  })
  .refine((input) => input.minimumMm < input.newMm, { path: ['minimumMm'], message: 'less than newMm' })
  .refine((input) => CORNERS.some((corner) => input.corners[corner]), {
    path: ['corners'],
    message: 'at least one corner',
  })
  .superRefine((input, context) => {
    for (const corner of CORNERS) {
      for (const side of ['inner', 'outer'] as const) {
        for (const [place, value] of Object.entries(input.corners[corner]?.[side] ?? {})) {
          if (value === undefined || value <= input.newMm + OVER_NEW_MM) continue;
          context.addIssue({
            code: 'custom',
            path: ['corners', corner, side, place],
            input: value,
            message: `not above new (${input.newMm} mm) by more than ${OVER_NEW_MM} mm; new pads?`,
          });
        }
      }
    }
  });

export type PadsInput = z.infer<typeof padsSchema>;
export type Pad = z.infer<typeof padSchema>;
