import type { Range } from '../../base/issues/range';

/** What is taken at the stations of a round. */
export const ROTOR_RANGES = {
  dialMm: [-10, 10],
  thicknessMm: [1, 80],
  newMm: [3, 80],
  stations: [6, 360],
} as const satisfies Record<string, Range>;

/** Further out than this either way a dial was read in another unit, or a point was lost, mm: a form asks again. */
export const PLAUSIBLE_DIAL_MM = 2;
