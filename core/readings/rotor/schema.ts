import { z } from 'zod';
import { whole, within } from '../../base/issues/range';
import { figureSchema } from '../../car/figureSchema';
import { AXLE_FIGURES, STUD_RANGE } from '../../car/figures';
import { ROTOR_RANGES } from './ranges';
import { dialSchema, roundSchema } from './round';

/** More than new by this much is another rotor or another figure, mm. */
const OVER_NEW_MM = 0.2;

const thickness = within(...ROTOR_RANGES.thicknessMm, 'mm');
const limitFrom = z.enum(['car', 'shop', 'practice']).optional();

export const rotorSchema = z
  .strictObject({
    runoutMm: roundSchema,
    thicknessMm: z.array(thickness).optional(),
    newMm: within(...ROTOR_RANGES.newMm, 'mm').optional(),
    minimumMm: thickness.optional(),
    limits: z
      .strictObject({
        runoutMm: figureSchema(AXLE_FIGURES.runoutLimitMm).optional(),
        dtvMm: figureSchema(AXLE_FIGURES.dtvLimitMm).optional(),
      })
      .optional(),
    limitsFrom: z.strictObject({ runoutMm: limitFrom, dtvMm: limitFrom }).optional(),
    /** Station 1 again at the end of the round; and whether its drift is to be taken out. */
    closingMm: dialSchema.optional(),
    spreadDrift: z.boolean().optional(),
    /** Further rounds of the same disc. */
    repeatsMm: z.array(roundSchema).max(10, 'at most 10 further rounds').optional(),
    /** What the dial can tell. */
    resolutionMm: within(0.0001, 0.1, 'mm').optional(),
    /** Thickness near the rim and near the hat, at one place. */
    edgesMm: z.strictObject({ outer: thickness, inner: thickness }).optional(),
    studs: whole(...STUD_RANGE).optional(),
  })
  .refine((input) => input.thicknessMm === undefined || input.thicknessMm.length === input.runoutMm.length, {
    path: ['thicknessMm'],
    message: 'as many stations as runoutMm',
  })
  .refine(
    (input) => input.newMm === undefined || input.minimumMm === undefined || input.minimumMm < input.newMm,
    {
      path: ['minimumMm'],
      message: 'less than newMm',
    },
  )
  .refine((input) => !input.spreadDrift || input.closingMm !== undefined, {
    path: ['closingMm'],
    message: 'a drift is only known once station 1 has been read again',
  })
  .superRefine((input, context) => {
    input.repeatsMm?.forEach((set, index) => {
      if (set.length === input.runoutMm.length) return;
      context.addIssue({
        code: 'custom',
        path: ['repeatsMm', index],
        input: set.length,
        message: `as many stations as runoutMm (${input.runoutMm.length})`,
      });
    });
    if (input.newMm === undefined) return;
    const most = input.newMm + OVER_NEW_MM;
    input.thicknessMm?.forEach((thickness, station) => {
      if (thickness <= most) return;
      context.addIssue({
        code: 'custom',
        path: ['thicknessMm', station],
        input: thickness,
        message: `not above new (${input.newMm} mm) by more than ${OVER_NEW_MM} mm; another rotor?`,
      });
    });
  });

export type RotorInput = z.infer<typeof rotorSchema>;
