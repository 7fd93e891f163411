import type { Range } from '../../base/issues/range';

/** What is taken across a drum, and over the shoes in it, mm. */
export const DRUM_RANGES = { diameterMm: [80, 500] } as const satisfies Record<string, Range>;
