import { z } from 'zod';
import { within } from '../../base/issues/range';

/** A face's runout as a vector, or as the dial's own round whose wobble is that vector. */
const faceSchema = z
  .strictObject({
    peakToPeakMm: within(0, 10, 'mm').optional(),
    highAngleDeg: within(-360, 720, '°').optional(),
    runoutMm: z
      .array(within(-10, 10, 'mm'))
      .min(6, 'at least 6 stations')
      .max(360, 'at most 360 stations')
      .optional(),
    radiusMm: within(10, 400, 'mm'),
  })
  .superRefine((face, context) => {
    const refuse = (path: string, message: string) =>
      context.addIssue({ code: 'custom', path: [path], input: face[path as keyof typeof face], message });
    if (face.runoutMm) {
      if (face.peakToPeakMm !== undefined) refuse('peakToPeakMm', 'either the round or its wobble, not both');
      return;
    }
    for (const path of ['peakToPeakMm', 'highAngleDeg'] as const)
      if (face[path] === undefined) refuse(path, 'a number is needed, or the round itself in runoutMm');
  });
const limitFrom = z.enum(['car', 'shop', 'practice']).optional();

export const reindexSchema = z.strictObject({
  hub: faceSchema,
  mounted: faceSchema.optional(),
  studs: z.int().min(3, '3 to 10 is accepted').max(10, '3 to 10 is accepted'),
  limitMm: within(0.001, 1, 'mm').optional(),
  hubLimitMm: within(0.001, 1, 'mm').optional(),
  limitsFrom: z.strictObject({ limitMm: limitFrom, hubLimitMm: limitFrom }).optional(),
});

export type ReindexInput = z.infer<typeof reindexSchema>;
export type Face = z.infer<typeof faceSchema>;
