/** What is taken of each figure: water and boiling as far as physics and testers go; the pair refines `wetC` further. */
export const FLUID_RANGES = {
  moisturePct: [0, 10],
  boilingC: [110, 330],
  altitudeM: [-500, 5000],
  caliperPeakC: [-40, 1000],
  dryC: [111, 400],
  wetC: [111, 400],
} as const satisfies Record<string, readonly [low: number, high: number]>;
