import { dayAfter, daysBetween, MONTH_DAYS } from '../../base/day';
import { leastSquares } from '../../base/statistics/leastSquares';
import { studentQuantile } from '../../base/statistics/studentQuantile';
import type { BoilingPair } from '../../car/fluidClasses';
import { seaLevelBoiling } from '../../readings/fluid/altitude';
import { FLOOR_C, moistureAtBoiling } from '../../readings/fluid/boiling';

/** The water of one fill, %, on the day it was read; and the hottest its calipers had been by then, °C. */
export type WaterReading = { on: string; pct: number; caliperPeakC?: number };

/** How much water is too much: the shop's wet, or where it boils within the margin of the hottest its calipers reached. */
export type WaterLimit = { pct: number; by: 'wet' | { peakC: number; marginK: number } };

/** What water is held against: the fluid's own points, where known, and the shop's limits and height. */
type Held = { pair: BoilingPair | undefined; wetFromPct: number; marginK: number; altitudeM: number };

/**
 * The water, %, at which the margin is gone, whichever is less: the limit of wet fluid, or what brings the boiling point
 * here down to the hottest caliper and its margin (the curve of `boilingAtMoisture`).
 */
export function waterLimit(
  readings: readonly WaterReading[],
  { pair, wetFromPct, marginK, altitudeM }: Held,
): WaterLimit {
  const peaks = readings.flatMap(({ caliperPeakC }) => (caliperPeakC === undefined ? [] : [caliperPeakC]));
  const wet: WaterLimit = { pct: wetFromPct, by: 'wet' };
  if (peaks.length === 0 || !pair) return wet;
  const peakC = Math.max(...peaks);
  const leastC = seaLevelBoiling(peakC + marginK, altitudeM);
  const pct = leastC <= FLOOR_C ? Number.POSITIVE_INFINITY : moistureAtBoiling(pair, leastC);
  return pct < wetFromPct ? { pct, by: { peakC, marginK } } : wet;
}

/** How the water of a fill rises, and when it is too much. */
export type WaterTrend = {
  /** % a month of 30.44 days. */
  perMonth: number;
  last: WaterReading;
  limit: WaterLimit;
  /** The day the line reaches the limit; null where it does not rise. */
  goneOn: string | null;
  /** Between these days in 80 of 100 cases; the later is null where it may not rise at all. Three readings or more tell it. */
  between?: [earliest: string, latest: string | null];
};

/** Further ahead nobody plans, days. */
const HORIZON_DAYS = 3653;

/**
 * A straight line through the water of one fill by least squares, and the day it reaches the limit. Needs readings of two
 * days; with three or more the slope has an interval by Student's t, from the middle of the readings (a straight line is a
 * model: a fluid takes up water more slowly the more it holds).
 */
export function waterTrend(readings: readonly WaterReading[], limit: WaterLimit): WaterTrend | undefined {
  const rows = [...readings].sort((left, right) => left.on.localeCompare(right.on));
  const first = rows[0];
  const last = rows.at(-1);
  if (!first || !last || first.on === last.on) return undefined;
  const days = rows.map(({ on }) => daysBetween(first.on, on));
  const middle = days.reduce((sum, day) => sum + day, 0) / days.length;
  const fit = leastSquares(
    days.map((day) => [1, day - middle]),
    rows.map(({ pct }) => pct),
  );
  if (!fit) return undefined;
  const [level, slope] = fit.coefficients as [number, number];
  const reaches = (rate: number) => {
    const ahead = middle + (limit.pct - level) / rate;
    // A fluid that is past it by the line has been so since it was last read, as far as anybody knows.
    if (level + rate * (days.at(-1)! - middle) >= limit.pct) return last.on;
    return rate <= 0 || ahead > HORIZON_DAYS ? null : dayAfter(first.on, Math.floor(ahead));
  };
  const dof = rows.length - 2;
  const deviation = dof > 0 ? Math.sqrt((fit.residual / dof) * fit.spread[1]![1]!) : 0;
  const off = dof > 0 ? studentQuantile(0.8, dof) * deviation : 0;
  return {
    perMonth: slope * MONTH_DAYS,
    last,
    limit,
    goneOn: reaches(slope),
    ...(dof > 0 && reaches(slope + off) !== null
      ? { between: [reaches(slope + off)!, reaches(slope - off)] as [string, string | null] }
      : {}),
  };
}
