import type { Range } from '../../base/issues/range';

/** What is taken of a pad, mm. */
export const PAD_RANGES = {
  thicknessMm: [0, 60],
  newMm: [2, 60],
  minimumMm: [0.1, 40],
} as const satisfies Record<string, Range>;
