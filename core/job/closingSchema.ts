import { z } from 'zod';
import { day } from '../base/issues/moment';
import { words } from '../base/issues/range';
import { uuid } from '../base/issues/uuid';
import { fillSchema } from '../planning/fill/fillSchema';
import { OUTCOME_IDS } from './outcomes';

/** What closing a job takes. */
export const closingSchema = z.strictObject({
  outcome: z.enum(OUTCOME_IDS),
  confirmed: z.array(z.string()).max(20, 'at most 20 entries'),
  summary: words(4000),
  by: words(80).min(1, 'the name of whoever closes it'),
  /** Who told the driver that new pads or discs are still to be bedded in. */
  bedInTold: words(80).optional(),
  /** What a flush filled the car with, where more is known than its run tells. */
  fill: fillSchema.optional(),
  next: z
    .array(
      z.strictObject({
        id: uuid(),
        what: words(400).min(1, 'what is due'),
        dueOn: day().nullable(),
      }),
    )
    .max(20, 'at most 20 entries'),
});

export type Closing = z.infer<typeof closingSchema>;
