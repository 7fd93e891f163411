import { z } from 'zod';
import { whole, within } from '../../base/issues/range';
import { figureSchema } from '../../car/figureSchema';
import { AXLE_FIGURES, STUD_RANGE } from '../../car/figures';
import { roundSchema } from '../rotor/round';
import { HUB_RANGES } from './ranges';

/** A face's runout as a vector, or as the dial's own round whose wobble is that vector. */
const faceSchema = z
  .strictObject({
    peakToPeakMm: within(...HUB_RANGES.peakToPeakMm, 'mm').optional(),
    highAngleDeg: within(...HUB_RANGES.highAngleDeg, '°').optional(),
    runoutMm: roundSchema.optional(),
    radiusMm: within(...HUB_RANGES.dialRadiusMm, 'mm'),
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
  studs: whole(...STUD_RANGE),
  limitMm: figureSchema(AXLE_FIGURES.runoutLimitMm).optional(),
  hubLimitMm: figureSchema(AXLE_FIGURES.hubLimitMm).optional(),
  limitsFrom: z.strictObject({ limitMm: limitFrom, hubLimitMm: limitFrom }).optional(),
});

export type ReindexInput = z.infer<typeof reindexSchema>;
export type Face = z.infer<typeof faceSchema>;
