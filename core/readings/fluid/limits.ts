/** Where a fluid stops being good enough; a shop may set its own. */
export type FluidLimits = {
  dryBelowPct: number;
  wetFromPct: number;
  boilingOkFromC: number;
  boilingLowBelowC: number;
  trackMarginK: number;
  roadMarginK: number;
  /** Days an opened bottle counts as fresh for the track. */
  bottleDays: number;
};

/** Those a shop may set of its own, as a reading carries them. */
export const FLUID_LIMITS = [
  'dryBelowPct',
  'wetFromPct',
  'boilingOkFromC',
  'boilingLowBelowC',
  'trackMarginK',
  'bottleDays',
] as const;
