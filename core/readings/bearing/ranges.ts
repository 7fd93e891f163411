import type { Range } from '../../base/issues/range';

/** What is taken of a bearing's play, mm, and of a limit that comes with a case: a lorry's may be more than a car here has. */
export const BEARING_RANGES = {
  playMm: [0, 10],
  limitMm: [0.001, 2],
} as const satisfies Record<string, Range>;
