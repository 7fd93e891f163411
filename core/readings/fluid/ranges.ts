import type { Range } from '../../base/issues/range';
import { CAR_FIGURES, rangeOf } from '../../car/figures';
import { SHOP_RANGES } from '../../car/shopRanges';

/** What is taken of each figure: water and boiling as far as physics and testers go; the pair refines `wetC` further. */
export const FLUID_RANGES = {
  moisturePct: [0, 10],
  boilingC: [110, 330],
  altitudeM: SHOP_RANGES.altitudeM,
  caliperPeakC: [-40, 1000],
  dryC: rangeOf(CAR_FIGURES.fluidDryC),
  wetC: rangeOf(CAR_FIGURES.fluidWetC),
} as const satisfies Record<string, Range>;

/** How long ago a bottle may have been opened, days. */
export const OPENED_DAYS_RANGE = [0, 3650] as const satisfies Range;
