import { z } from 'zod';
import { moment } from '../../base/issues/moment';
import { words } from '../../base/issues/range';
import { CORNERS } from '../../car/corner';
import { HOLDS } from '../../diagnosis/holds/holds';

const HOLD_IDS = HOLDS.map((hold) => hold.id);

const carTraitsSchema = z.strictObject({
  name: words(120).optional(),
  booster: z.boolean().optional(),
  assist: z.enum(['vacuum', 'hydraulic', 'none']).optional(),
  abs: z.boolean().optional(),
  stabilityControl: z.boolean().optional(),
  rearBrake: z.enum(['disc', 'drum']).optional(),
  caliper: z
    .strictObject({
      front: z.enum(['opposed', 'sliding']).optional(),
      rear: z.enum(['opposed', 'sliding']).optional(),
    })
    .optional(),
  rotor: z
    .strictObject({
      front: z.enum(['one_piece', 'two_piece']).optional(),
      rear: z.enum(['one_piece', 'two_piece']).optional(),
    })
    .optional(),
  parkingBrake: z.enum(['in_caliper', 'drum_in_hat', 'lever_only', 'none']).optional(),
});

const caseFindingSchema = z.strictObject({
  id: z.string().max(60, 'at most 60 characters'),
  state: z.string().max(60, 'at most 60 characters'),
  corner: z.enum(CORNERS).optional(),
  axle: z.enum(['front', 'rear']).optional(),
});

const caseReadingSchema = z.strictObject({
  kind: z.string().max(40, 'at most 40 characters'),
  corner: z.enum(CORNERS).optional(),
  input: z.record(z.string(), z.unknown()),
});

/** What was done and what it did, when the case is closed. */
const caseRecordSchema = z
  .strictObject({
    openedAt: moment().optional(),
    closedAt: moment().optional(),
    outcome: z.enum(['cured', 'better', 'no_change', 'cured_new_fault']),
    confirmed: z.array(z.string().max(60, 'at most 60 characters')).max(20, 'at most 20 entries'),
    work: z.array(words(2000)).max(100, 'at most 100 entries').optional(),
    summary: words(4000).optional(),
    by: words(80).optional(),
    proof: z.array(caseFindingSchema).max(400, 'at most 400 entries').optional(),
    holds: z
      .array(
        z.strictObject({
          id: z.enum(HOLD_IDS),
          how: words(2000).min(3, 'how it was proved, at least 3 characters'),
          by: words(80),
          at: moment(),
        }),
      )
      .max(50, 'at most 50 entries')
      .optional(),
  })
  .refine(
    ({ openedAt, closedAt }) => !openedAt || !closedAt || Date.parse(closedAt) >= Date.parse(openedAt),
    { path: ['closedAt'], message: 'a moment not before openedAt' },
  );

/** The open case format: what the application exports, imports, and `diagnose` reads. */
export const caseSchema = z.strictObject({
  format: z.literal('bavrin-case'),
  version: z.literal(1),
  car: carTraitsSchema.optional(),
  atHand: z
    .strictObject({
      helper: z.boolean().optional(),
      wheelsOff: z.boolean().optional(),
      missing: z.array(words(80)).max(40, 'at most 40 entries').optional(),
      place: z.enum(['bay', 'pit_lane']).optional(),
    })
    .optional(),
  complaint: words(2000).optional(),
  whenWhere: words(2000).optional(),
  history: words(4000).optional(),
  findings: z.array(caseFindingSchema).max(400, 'at most 400 entries'),
  readings: z.array(caseReadingSchema).max(400, 'at most 400 entries').optional(),
  record: caseRecordSchema.optional(),
});

export type CaseFile = z.infer<typeof caseSchema>;
export type CaseFinding = z.infer<typeof caseFindingSchema>;
