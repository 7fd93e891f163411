import { z } from 'zod';

/** An id that somebody else made, in lower case: one id has one spelling. */
export function uuid(what = 'a UUID made by the sender'): z.ZodType<string> {
  return z.uuid(what).toLowerCase();
}
