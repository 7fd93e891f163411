import { padLife } from '../../readings/pads/life';
import type { WearPoint } from './history';
import type { LifeLeft } from './rotorLife';

/**
 * A pad's remaining life from what it has measured since it was first read (docs/sources.md): the curve starts at
 * the first reading, which is where anything is known of it, and its exponent is fitted from three later ones on.
 * @returns undefined until a later session shows wear.
 */
export function padForecast(series: readonly WearPoint[], limitMm: number): LifeLeft | undefined {
  const last = series.at(-1);
  const first = series[0];
  if (!first || !last) return undefined;
  const run = last.sessions - first.sessions;
  if (run <= 0 || last.mm >= first.mm) return undefined;
  const readings = falling(series.slice(1)).map((point) => ({
    sessions: point.sessions - first.sessions,
    mm: Math.min(point.mm, first.mm),
  }));
  const life = padLife({ newMm: first.mm, limitMm: Math.min(limitMm, first.mm - 1e-6), readings });
  return {
    sessions: life.sessionsLeft,
    low: life.low,
    high: life.high,
    perSessionMm: (first.mm - last.mm) / run,
  };
}

/** Readings that never rise: a pad does not grow, so that a higher one is the earlier one read too low. */
function falling(series: readonly WearPoint[]): WearPoint[] {
  let least = Number.POSITIVE_INFINITY;
  return series.map((point) => {
    least = Math.min(least, point.mm);
    return { ...point, mm: least };
  });
}

export type Fits = 'fits' | 'perhaps' | 'does_not';

/** Whether so many sessions fit in what is left: surely, perhaps (inside the interval), or not. */
export function fitsIn(left: LifeLeft, sessions: number): Fits {
  if (sessions <= left.low) return 'fits';
  return sessions <= left.high ? 'perhaps' : 'does_not';
}
