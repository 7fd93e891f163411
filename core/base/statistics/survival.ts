import { normalQuantile } from './normal';

/** How long something lasted, and whether that was its end; else it was still good when last seen (censored). */
export type Life = { at: number; ended: boolean };

/** From `at` on, this share is still good, between `low` and `high`. */
export type SurvivalStep = {
  at: number;
  share: number;
  low: number;
  high: number;
  atRisk: number;
  ended: number;
};

export type Survival = {
  /** One for each length at which something ended, in order. */
  steps: SurvivalStep[];
  /** The length by which half have ended, with its interval; null where no half has, or no bound is reached. */
  median: { at: number; low: number | null; high: number | null } | null;
};

/**
 * The product-limit estimate of how long things last (Kaplan and Meier 1958), lives that did not end counted as such. Bounds by
 * Greenwood's variance on the log-minus-log scale (Kalbfleisch and Prentice), which stay between 0 and 1; the median's
 * by where those bounds cross one half (Brookmeyer and Crowley 1982).
 * @param level of the interval, two-sided
 */
export function survival(lives: readonly Life[], level = 0.8): Survival {
  const sorted = [...lives].sort((left, right) => left.at - right.at);
  const z = normalQuantile(level);
  const steps: SurvivalStep[] = [];
  let share = 1;
  let greenwood = 0;
  for (const at of new Set(sorted.filter(({ ended }) => ended).map((life) => life.at))) {
    const atRisk = sorted.filter((life) => life.at >= at).length;
    const ended = sorted.filter((life) => life.ended && life.at === at).length;
    share *= 1 - ended / atRisk;
    greenwood += ended / (atRisk * (atRisk - ended));
    steps.push({ at, share, ...bounds(share, greenwood, z), atRisk, ended });
  }
  return { steps, median: medianOf(steps) };
}

function bounds(share: number, greenwood: number, z: number): { low: number; high: number } {
  // All have ended: the variance of the last step is not defined, and nothing is known but that share.
  if (share === 0) return { low: 0, high: 0 };
  const spread = (z * Math.sqrt(greenwood)) / Math.log(share);
  return { low: share ** Math.exp(-spread), high: share ** Math.exp(spread) };
}

function medianOf(steps: readonly SurvivalStep[]): Survival['median'] {
  const first = (bound: 'share' | 'low' | 'high') => steps.find((step) => step[bound] <= 0.5)?.at ?? null;
  const at = first('share');
  return at === null ? null : { at, low: first('low'), high: first('high') };
}
