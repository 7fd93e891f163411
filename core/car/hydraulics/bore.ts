/** Area of a bore, mm². */
export function boreAreaMm2(boreMm: number): number {
  return (Math.PI * boreMm ** 2) / 4;
}

/** Piston area that presses one pad, mm²: half of an opposed caliper's, all of a sliding one's. */
export function sideAreaMm2(pistonsMm: readonly number[], opposed: boolean): number {
  const all = pistonsMm.reduce((sum, each) => sum + boreAreaMm2(each), 0);
  return opposed ? all / 2 : all;
}
