import { z } from 'zod';
import { day } from '../../base/issues/moment';
import { uuid } from '../../base/issues/uuid';
import { carSpecSchema } from '../../car/spec';
import { fillFields, isPair, PAIR_WORDS } from '../../planning/fill/fillSchema';
import { newPartSchema } from '../../planning/shelf/shelfSchema';
import { eventSchema } from '../../planning/wear/eventSchema';

const list = <T extends z.ZodType>(of: T, most: number) => z.array(of).max(most, `at most ${most} entries`);

/**
 * A car with all its history, as one shop hands it to another: its sheet, its days on track, fills, parts and closed jobs, these as
 * cases in the open format. Each has the id it was made under, so that a file taken in twice, or a newer one of the same car, adds
 * what is new and nothing twice.
 */
export const carFileSchema = z.strictObject({
  format: z.literal('bavrin-car'),
  version: z.literal(1),
  id: uuid('the id of the car'),
  car: carSpecSchema,
  events: list(eventSchema.extend({ id: uuid('the id of the event') }), 5000),
  fills: list(
    z
      .strictObject({ id: uuid('the id of the fill'), ...fillFields })
      .refine(isPair, { path: ['wetC'], message: PAIR_WORDS }),
    2000,
  ),
  parts: list(
    newPartSchema
      .omit({ jobId: true, shelfId: true })
      .extend({ id: uuid('the id of the part'), removedOn: day().nullable() })
      .refine(({ fittedOn, removedOn }) => removedOn === null || removedOn >= fittedOn, {
        path: ['removedOn'],
        message: 'not before fittedOn',
      }),
    5000,
  ),
  /** Each case is read by its own rules. */
  jobs: list(z.strictObject({ id: uuid('the id of the job'), case: z.unknown() }), 5000),
});

export type CarFile = z.infer<typeof carFileSchema>;
