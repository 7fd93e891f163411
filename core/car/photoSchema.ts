import { z } from 'zod';
import { words } from '../base/issues/range';
import { uuid } from '../base/issues/uuid';
import { CORNERS } from './corner';
import { SHEET_NOTE_IDS } from './ownSheet';
import { MOST_PHOTO_BYTES } from './photos';

/** Base64 takes four letters for three bytes. */
const MOST_LETTERS = Math.ceil(MOST_PHOTO_BYTES / 3) * 4;

/** A photograph put with a car. */
export const newPhotoSchema = z.strictObject({
  jobId: uuid('the id of a job').nullable(),
  place: z.enum(['', ...CORNERS]),
  note: z.enum(SHEET_NOTE_IDS).nullable(),
  caption: words(200),
  /** A JPEG in base64. */
  jpeg: z
    .string()
    .max(MOST_LETTERS, `a JPEG of at most ${MOST_PHOTO_BYTES / 1000} kB`)
    .regex(/^[A-Za-z0-9+/]+={0,2}$/, 'a JPEG in base64'),
});
