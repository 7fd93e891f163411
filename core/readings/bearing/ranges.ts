import type { Range } from '../../base/issues/range';

/** What is taken of a bearing's play, and of a limit that a case brings for it, mm: more than a car's own figure may be. */
export const BEARING_RANGES = {
  playMm: [0, 10],
  limitMm: [0.001, 2],
} as const satisfies Record<string, Range>;
