/** One order of a trace round the disc: how much, and where its first high side lies. */
export type Order = { order: number; peakToPeakMm: number; highAngleDeg: number | null };

/** Below this an order is rounding of the sum, not movement of the disc, mm. */
const NOTHING_MM = 1e-9;

/**
 * Orders 1 … N/2 of N readings at even steps round the disc, by the discrete Fourier transform.
 * Peak to peak is 4|X|/N; of order N/2 (even N) 2|X|/N. The high side is that of the order alone, the first in 0 … 360/k.
 * Plain sums: at 24 stations there is nothing to gain from a fast transform.
 */
export function ordersOf(readings: readonly number[]): Order[] {
  const count = readings.length;
  return Array.from({ length: Math.floor(count / 2) }, (_, index) => {
    const order = index + 1;
    const { cosine, sine } = component(readings, order);
    const size = Math.hypot(cosine, sine);
    const peakToPeakMm = ((order * 2 === count ? 2 : 4) * size) / count;
    return {
      order,
      peakToPeakMm,
      highAngleDeg: peakToPeakMm < NOTHING_MM ? null : firstHigh(Math.atan2(sine, cosine), order),
    };
  });
}

/** The readings' sums with the cosine and the sine of an order. */
export function component(readings: readonly number[], order: number): { cosine: number; sine: number } {
  let cosine = 0;
  let sine = 0;
  for (let station = 0; station < readings.length; station++) {
    const angle = (2 * Math.PI * order * station) / readings.length;
    cosine += readings[station]! * Math.cos(angle);
    sine += readings[station]! * Math.sin(angle);
  }
  return { cosine, sine };
}

function firstHigh(phase: number, order: number): number {
  const turn = 360 / order;
  const angle = ((phase * 180) / Math.PI / order) % turn;
  // A hair below zero is zero, not one turn.
  const positive = angle < -1e-9 ? angle + turn : Math.max(0, angle);
  return positive >= turn - 1e-9 ? 0 : positive;
}

/** The readings less their mean and their order 1: what is left is the disc's own shape. */
export function withoutWobble(readings: readonly number[]): number[] {
  const count = readings.length;
  const mean = readings.reduce((sum, reading) => sum + reading, 0) / count;
  const { cosine, sine } = component(readings, 1);
  return readings.map((reading, station) => {
    const angle = (2 * Math.PI * station) / count;
    return reading - mean - (2 / count) * (cosine * Math.cos(angle) + sine * Math.sin(angle));
  });
}
