import { z } from 'zod';

/** Longest line that is read. */
const MOST = 2000;

export const wordsSchema = z.strictObject({
  text: z.string().max(MOST, `at most ${MOST} characters`),
  language: z.enum(['en']).optional(),
});
