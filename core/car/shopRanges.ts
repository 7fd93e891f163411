import type { Range } from '../base/issues/range';

/** What is taken of a shop's figures: how high it lies, what it bleeds with, how much its bottles hold. */
export const SHOP_RANGES = {
  altitudeM: [-500, 5000],
  bleedPressureKPa: [20, 200],
  bottleMl: [100, 25_000],
  catchMl: [100, 5000],
} as const satisfies Record<string, Range>;
