import { z } from 'zod';
import { day } from '../base/issues/moment';
import { within, words } from '../base/issues/range';
import { uuid } from '../base/issues/uuid';
import { TEMPORARY_RANGES } from '../planning/due/temporary';
import { fillSchema } from '../planning/fill/fillSchema';
import { OUTCOME_IDS } from './outcomes';

const temporarySchema = z.strictObject({
  why: words(400).min(1, 'why it is not the real repair'),
  successor: words(200).min(1, 'what replaces it'),
  sessions: within(...TEMPORARY_RANGES.sessions, 'sessions').nullable(),
  km: within(...TEMPORARY_RANGES.km, 'km').nullable(),
});

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
      z
        .strictObject({
          id: uuid(),
          what: words(400).min(1, 'what is due'),
          dueOn: day().nullable(),
          /** A temporary repair: it has a limit, and something replaces it. */
          temporary: temporarySchema.optional(),
        })
        .refine(
          ({ dueOn, temporary }) =>
            !temporary || dueOn !== null || temporary.sessions !== null || temporary.km !== null,
          { path: ['dueOn'], message: 'a day, sessions or a distance: whichever is first ends it' },
        ),
    )
    .max(20, 'at most 20 entries'),
});

export type Closing = z.infer<typeof closingSchema>;
