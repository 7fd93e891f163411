import { z } from 'zod';

/** A finite number within closed bounds; the message names both ends and the unit. */
export function within(low: number, high: number, unit: string): z.ZodNumber {
  const message = `${low} to ${high}${unit === '' ? '' : ` ${unit}`} is accepted`;
  return z.number().min(low, message).max(high, message);
}

/** Trimmed text of at most `most` characters. */
export function words(most: number): z.ZodString {
  return z.string().trim().max(most, `at most ${most} characters`);
}
