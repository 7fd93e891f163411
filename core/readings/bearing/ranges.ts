import type { Range } from '../../base/issues/range';

/** What is taken of a bearing's play, mm. */
export const BEARING_RANGES = { playMm: [0, 10] } as const satisfies Record<string, Range>;
