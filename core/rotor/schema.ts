import { z } from 'zod';
import { within } from '../issues/range';

/** More than new by this much is another rotor or another figure, mm. */
const OVER_NEW_MM = 0.2;

export const rotorSchema = z
  .strictObject({
    runoutMm: z
      .array(within(-10, 10, 'mm'))
      .min(6, 'at least 6 stations')
      .max(360, 'at most 360 stations'),
    thicknessMm: z.array(within(1, 80, 'mm')).optional(),
    newMm: within(3, 80, 'mm').optional(),
    minimumMm: within(1, 80, 'mm').optional(),
    limits: z
      .strictObject({ runoutMm: within(0.001, 1, 'mm').optional(), dtvMm: within(0.001, 1, 'mm').optional() })
      .optional(),
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
  .superRefine((input, context) => {
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
