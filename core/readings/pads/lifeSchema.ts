import { z } from 'zod';
import { within } from '../../base/issues/range';
import { PAD_RANGES } from './ranges';

export const padLifeSchema = z
  .strictObject({
    newMm: within(...PAD_RANGES.newMm, 'mm'),
    limitMm: within(0, 40, 'mm'),
    readings: z
      .array(
        z.strictObject({
          sessions: within(0, 10000, 'sessions'),
          mm: within(...PAD_RANGES.thicknessMm, 'mm'),
        }),
      )
      .min(1, 'at least 1 reading')
      .max(200, 'at most 200 readings'),
    exponent: within(0, 3, '').optional(),
  })
  .refine((input) => input.limitMm < input.newMm, { path: ['limitMm'], message: 'less than newMm' })
  .refine((input) => input.readings.some((reading) => reading.sessions > 0), {
    path: ['readings'],
    message: 'at least 1 reading after session 0',
  })
  .superRefine((input, context) => {
    const inOrder = input.readings
      .map((reading, index) => ({ ...reading, index }))
      .sort((left, right) => left.sessions - right.sessions);
    let before = { sessions: 0, mm: input.newMm };
    for (const reading of inOrder) {
      if (reading.mm > before.mm) {
        context.addIssue({
          code: 'custom',
          path: ['readings', reading.index, 'mm'],
          input: reading.mm,
          message: `not more than the ${before.mm} mm before it; new pads?`,
        });
      }
      before = reading;
    }
  });

export type PadLifeInput = z.infer<typeof padLifeSchema>;
