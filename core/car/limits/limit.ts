/** A bound a figure was held against, and who says so. */
export type Limit = { name: string; value: number; from: 'car' | 'shop' | 'practice' | 'standard' | 'model' };

/** An input that is missing, and what cannot be said without it. */
export type Gap = { path: string; why: string };

/** What two ways of computing one figure may differ by: far under the finest gauge. */
const EQUAL = 1e-9;

/** Whether a figure is past a limit; exactly on it is inside. */
export function exceeds(value: number, limit: number): boolean {
  return value > limit + EQUAL;
}

/** Whether a figure is short of a limit; exactly on it is inside. */
export function fallsShort(value: number, limit: number): boolean {
  return value < limit - EQUAL;
}
