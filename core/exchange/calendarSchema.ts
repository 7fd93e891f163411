import { z } from 'zod';

/** A secret of 32 random bytes, in letters that an address takes (RFC 4648, base64url). */
export const calendarSchema = z.strictObject({
  token: z.string().regex(/^[\w-]{43}$/, '43 letters of base64url are accepted'),
});
