import type { Range } from '../../base/issues/range';

/** What is taken of a judder: the speed it was felt at, and its beats a second. */
export const JUDDER_RANGES = {
  speedKmh: [5, 400],
  frequencyHz: [0.5, 500],
} as const satisfies Record<string, Range>;
