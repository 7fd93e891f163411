import { z } from 'zod';

/** What is taken of a figure, both ends among it. */
export type Range = readonly [low: number, high: number];

/** A finite number within closed bounds; the message names both ends and the unit. */
export function within(low: number, high: number, unit: string): z.ZodNumber {
  const message = `${low} to ${high}${unit === '' ? '' : ` ${unit}`} is accepted`;
  return z.number().min(low, message).max(high, message);
}

/** A whole number within closed bounds. */
export function whole(low: number, high: number): z.ZodInt {
  const message = `${low} to ${high} is accepted`;
  return z.int().min(low, message).max(high, message);
}

/** Trimmed text of at most `most` characters. */
export function words(most: number): z.ZodString {
  return z.string().trim().max(most, `at most ${most} characters`);
}
