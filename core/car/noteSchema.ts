import { z } from 'zod';
import { within, words } from '../base/issues/range';
import { MOST_NOTE, SHEET_NOTE_IDS } from './ownSheet';
import { TORQUE_IDS, TORQUE_RANGE } from './torques';

/** A torque of a car, N·m. */
export const torqueSchema = within(TORQUE_RANGE.low, TORQUE_RANGE.high, TORQUE_RANGE.unit);
/** A point of a car's own sheet. */
export const sheetNoteSchema = words(MOST_NOTE);

/**
 * One thing of a car, written down at the step that needs it: what its author saw there, and what it is now; null where
 * nothing stands. Whatever else of the car somebody changes meanwhile is none of its business.
 */
export const carNoteSchema = z.discriminatedUnion('of', [
  z.strictObject({
    of: z.literal('torque'),
    id: z.enum(TORQUE_IDS),
    saw: torqueSchema.nullable(),
    value: torqueSchema.nullable(),
  }),
  z.strictObject({
    of: z.literal('sheet'),
    id: z.enum(SHEET_NOTE_IDS),
    saw: sheetNoteSchema.min(1, 'a word, or nothing at all').nullable(),
    value: sheetNoteSchema.min(1, 'a word, or nothing at all').nullable(),
  }),
]);

export type CarNote = z.infer<typeof carNoteSchema>;
