/** One cause as a verdict gave it, and whether proof confirmed it. */
export type Forecasted = { probability: number; right: boolean };

export type Bin = {
  low: number;
  high: number;
  count: number;
  /** What was said on average, and how often it was so, with the bounds that hold 80 % of the time. */
  said: number;
  was: number;
  wasLow: number;
  wasHigh: number;
};

const EDGES = [0, 0.05, 0.2, 0.4, 0.6, 0.8, 0.95, 1];
/** Two-sided 80 % of a normal distribution. */
const Z_80 = 1.2815515655446004;

/**
 * How often what was said came true, by how sure it was said. Bounds by Wilson's score interval (1927).
 * Empty bins are left out.
 */
export function calibration(said: readonly Forecasted[]): Bin[] {
  return EDGES.slice(0, -1).flatMap((low, index): Bin[] => {
    const high = EDGES[index + 1]!;
    const last = index === EDGES.length - 2;
    const inside = said.filter(
      ({ probability }) => probability >= low && (probability < high || (last && probability <= high)),
    );
    if (inside.length === 0) return [];
    const count = inside.length;
    const was = inside.filter((each) => each.right).length / count;
    const square = Z_80 ** 2 / count;
    const middle = (was + square / 2) / (1 + square);
    const half = (Z_80 * Math.sqrt((was * (1 - was)) / count + square / (4 * count))) / (1 + square);
    return [
      {
        low,
        high,
        count,
        said: inside.reduce((sum, each) => sum + each.probability, 0) / count,
        was,
        wasLow: Math.max(0, middle - half),
        wasHigh: Math.min(1, middle + half),
      },
    ];
  });
}

/** Mean squared miss (Brier 1950): 0 is perfect, 0.25 is a coin. */
export function brier(said: readonly Forecasted[]): number | undefined {
  if (said.length === 0) return undefined;
  return (
    said.reduce((sum, { probability, right }) => sum + (probability - Number(right)) ** 2, 0) / said.length
  );
}
