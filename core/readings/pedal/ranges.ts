/** What is taken of each figure of a pedal: as far as pedals, masters and feet go. */
export const PEDAL_RANGES = {
  boreMm: [8, 60],
  ratio: [1, 15],
  freePlayMm: [0, 100],
  toFloorMm: [1, 400],
  travelMm: [0, 400],
  forceN: [1, 2500],
  gapMm: [0, 10],
  sideAreaMm2: [50, 20000],
  hoseM: [0, 20],
  swellMl: [0, 20],
  fluidMl: [0, 2000],
  bulkModulusMPa: [200, 5000],
  gasMl: [0, 100],
  masterMovementMm: [0, 30],
} as const satisfies Record<string, readonly [low: number, high: number]>;
