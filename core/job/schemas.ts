import { z } from 'zod';
import { moment } from '../base/issues/moment';
import { words } from '../base/issues/range';
import { uuid } from '../base/issues/uuid';
import { CORNERS } from '../car/corner';
import { odometer } from '../car/odometerSchema';
import { HOLDS } from '../diagnosis/holds/holds';
import { PROCEDURE_IDS } from '../planning/library';
import { workCornersSchema, workOptionsSchema } from '../planning/options';
import { OTHER_TOUCH_IDS } from '../planning/otherWork';

const id = uuid();
const phase = z.enum(['before', 'after']);
const HOLD_IDS = HOLDS.map((hold) => hold.id);

/** Opening a job. */
export const newJobSchema = z.strictObject({
  id,
  carId: uuid('the id of a car'),
  complaint: words(2000),
  neededAt: moment().nullable(),
});

/** Changing a job's own fields; only those that changed are sent. */
export const jobChangesSchema = z
  .strictObject({
    complaint: words(2000),
    whenWhere: words(2000),
    history: words(4000),
    helper: z.boolean(),
    wheelsOff: z.boolean(),
    place: z.enum(['bay', 'pit_lane']),
    missing: z.array(words(80)).max(40, 'at most 40 entries'),
    neededAt: moment().nullable(),
    summary: words(4000),
    odometerKm: odometer(),
    workOrder: z.array(id).max(60, 'at most 60 entries'),
  })
  .partial();

/** One answer. */
export const newAnswerSchema = z.strictObject({
  id,
  phase,
  finding: z.string().max(60, 'at most 60 characters'),
  place: z.enum(['', ...CORNERS, 'front', 'rear']),
  state: z.string().max(200, 'at most 200 characters').nullable(),
  replaces: id.nullable(),
  why: words(400),
  implied: z.literal(true).optional(),
});

/** One reading, in its calc's own input. */
export const newReadingSchema = z.strictObject({
  id,
  phase,
  kind: z.string().max(40, 'at most 40 characters'),
  corner: z.enum(['', ...CORNERS]),
  input: z.record(z.string(), z.unknown()).nullable(),
  entered: z.record(z.string().max(80), words(40)).default({}),
  replaces: id.nullable(),
  why: words(400),
});

/** Taking a verdict down, with the cause that will be worked on if one was chosen. */
export const newVerdictSchema = z.strictObject({
  id,
  decided: z.string().max(60, 'at most 60 characters').nullable(),
});

/** Starting a piece of work. */
export const newWorkSchema = z
  .strictObject({
    id,
    procedure: z.enum([...PROCEDURE_IDS, 'other']),
    cause: z.string().max(60, 'at most 60 characters').nullable(),
    title: words(200).min(1, 'what is to be done'),
    before: words(400),
    measuredBy: z
      .union([
        z.strictObject({ reading: z.string().max(40), corner: z.enum(['', ...CORNERS]) }),
        z.strictObject({
          finding: z.string().max(60, 'at most 60 characters'),
          place: z.enum(['', ...CORNERS, 'front', 'rear']),
        }),
      ])
      .nullable()
      .default(null),
    corners: workCornersSchema.default([]),
    options: workOptionsSchema.default({}),
    /** The work with which it is done in one visit. */
    visit: id.nullable().default(null),
  })
  .refine(({ procedure, options }) => procedure !== 'other' || options.touches !== undefined, {
    path: ['options', 'touches'],
    message: `what the work touches: ${OTHER_TOUCH_IDS.join(', ')}`,
  });

export type NewWork = z.infer<typeof newWorkSchema>;

/** Ticking a step off, or taking the tick back. */
export const newTickSchema = z.strictObject({
  id,
  step: z.string().regex(/^[a-z0-9_-]{1,60}$/, 'the id of a step of this work'),
  done: z.boolean(),
  note: words(400),
  record: z
    .record(z.string().regex(/^[a-zA-Z]{1,30}$/, 'letters only'), z.union([z.number(), words(120)]))
    .refine((record) => Object.keys(record).length <= 12, 'at most 12 entries')
    .default({}),
});

/** Signing the evidence that ends a hold; what is said beside it only adds. */
export const newProofSchema = z.strictObject({
  id,
  hold: z.enum(HOLD_IDS),
  how: words(2000),
  by: words(80).min(1, 'who proved it'),
});
