/** Where an angle lies among the studs, station 1 being taken at stud 1. */
export type StudPlace = {
  /** The nearest stud, counted from 1 in the direction of the stations. */
  nearest: number;
  /** How far past it (positive) or short of it, degrees. */
  offDeg: number;
};

/** Names an angle round the disc by its nearest stud. */
export function studAt(angleDeg: number, studs: number): StudPlace {
  const step = 360 / studs;
  const turns = Math.round(angleDeg / step);
  return { nearest: (((turns % studs) + studs) % studs) + 1, offDeg: angleDeg - turns * step };
}

/** "high at stud 3", "between studs 2 and 3". */
export function studWords(angleDeg: number, studs: number): string {
  const { nearest, offDeg } = studAt(angleDeg, studs);
  if (Math.abs(offDeg) <= 360 / studs / 4) return `at stud ${nearest}`;
  const other = offDeg > 0 ? (nearest % studs) + 1 : ((nearest + studs - 2) % studs) + 1;
  const [low, high] = offDeg > 0 ? [nearest, other] : [other, nearest];
  return `between studs ${low} and ${high}`;
}
