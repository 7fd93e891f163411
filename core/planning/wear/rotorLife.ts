import { normalQuantile } from '../../base/statistics/normal';
import type { WearPoint } from './history';

export type LifeLeft = {
  /** Sessions until the limit, and the bounds that hold 80 % of the time. */
  sessions: number;
  low: number;
  high: number;
  perSessionMm: number;
};

/** How well a rotor's thickness is measured, mm, one standard deviation (a modelling choice); two-sided 80 %. */
const READING_SD_MM = 0.02;
const Z_80 = normalQuantile(0.8);

/**
 * A rotor's remaining life by the straight line of least squares through its readings (docs/sources.md).
 * @returns undefined until two readings at different sessions show wear.
 */
export function rotorLife(series: readonly WearPoint[], limitMm: number): LifeLeft | undefined {
  if (series.length < 2) return undefined;
  const count = series.length;
  const meanAt = series.reduce((sum, point) => sum + point.sessions, 0) / count;
  const meanMm = series.reduce((sum, point) => sum + point.mm, 0) / count;
  const spread = series.reduce((sum, point) => sum + (point.sessions - meanAt) ** 2, 0);
  if (spread === 0) return undefined;
  const slope =
    series.reduce((sum, point) => sum + (point.sessions - meanAt) * (point.mm - meanMm), 0) / spread;
  if (slope >= 0) return undefined;
  const last = series.at(-1)!;
  const now = meanMm + slope * (last.sessions - meanAt);
  const slopeSd = (READING_SD_MM / Math.sqrt(spread)) * Z_80;
  const nowSd = READING_SD_MM * Math.sqrt(1 / count + (last.sessions - meanAt) ** 2 / spread) * Z_80;
  const left = Math.max(0, now - limitMm);
  const sessions = left / -slope;
  // Wearing no faster than the reading can tell, the far end is open.
  const slowest = Math.min(slope + slopeSd, -1e-9);
  return {
    sessions,
    low: Math.max(0, left - nowSd) / (-slope + slopeSd),
    high: (left + nowSd) / -slowest,
    perSessionMm: -slope,
  };
}
