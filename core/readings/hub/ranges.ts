import type { Range } from '../../base/issues/range';

/** What is taken of a hub that is leaned on, mm, and of a face under a dial. */
export const HUB_RANGES = {
  deflectionMm: [0, 20],
  peakToPeakMm: [0, 10],
  highAngleDeg: [-360, 720],
  dialRadiusMm: [10, 400],
} as const satisfies Record<string, Range>;
