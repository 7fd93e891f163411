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

/** Common practice, no source: 3 % water is where vapour lock becomes a danger, 200 °C the least for hard use. */
export const DEFAULT_FLUID_LIMITS: FluidLimits = {
  dryBelowPct: 1,
  wetFromPct: 3,
  boilingOkFromC: 200,
  boilingLowBelowC: 175,
  trackMarginK: 30,
  roadMarginK: 0,
  bottleDays: 3,
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
