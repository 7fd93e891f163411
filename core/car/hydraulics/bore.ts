/** Area of a bore, mm². */
export function boreAreaMm2(boreMm: number): number {
  return (Math.PI * boreMm ** 2) / 4;
}
