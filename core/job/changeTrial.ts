import { studentQuantile } from '../base/statistics/studentQuantile';
import type { BaseUnit } from '../base/units/display';

type TrialFigureSpec = {
  label: string;
  unit: BaseUnit | 's' | 'm/s²';
  /** Which way is better. */
  better: 'less' | 'more';
  low: number;
  high: number;
  decimals: number;
};

/** What laps before and after a change are told by. */
export const TRIAL_FIGURES = {
  travel: { label: 'Pedal travel', unit: 'mm', better: 'less', low: 1, high: 300, decimals: 0 },
  rotor: { label: 'Hottest rotor', unit: '°C', better: 'less', low: 20, high: 1200, decimals: 0 },
  caliper: { label: 'Hottest caliper', unit: '°C', better: 'less', low: 20, high: 500, decimals: 0 },
  distance: { label: 'Stopping distance', unit: 'm', better: 'less', low: 1, high: 500, decimals: 1 },
  deceleration: { label: 'Deceleration', unit: 'm/s²', better: 'more', low: 0.5, high: 40, decimals: 2 },
  lap: { label: 'Lap time', unit: 's', better: 'less', low: 10, high: 1200, decimals: 2 },
} as const satisfies Record<string, TrialFigureSpec>;

export type TrialFigure = keyof typeof TRIAL_FIGURES;
export const TRIAL_FIGURE_IDS = Object.keys(TRIAL_FIGURES) as TrialFigure[];

/** Figures on each side: two tell a spread; more than these is a log, not a trial. */
export const TRIAL_COUNT = { least: 2, most: 60 } as const;

/** One change, tried on one day: the same figure over laps before and after it, in the figure's own unit. */
export type ChangeTrial = {
  id: string;
  onDate: string;
  change: string;
  figure: TrialFigure;
  before: number[];
  after: number[];
  note: string;
  recordedAt: string;
  version: number;
};

export type TrialResult = {
  before: { mean: number; deviation: number };
  after: { mean: number; deviation: number };
  /** After less before, and where it lies in 95 of 100 cases. */
  difference: number;
  between: [low: number, high: number];
  /** Whether the change is more than laps differ by themselves. */
  says: 'better' | 'worse' | 'within_spread';
};

/** Share of cases the interval holds. */
const SHARE = 0.95;

/**
 * Laps after a change against laps before it: the difference of their means with its interval by Welch's unequal variances
 * t (Welch 1947), degrees of freedom by Satterthwaite, taken down to a whole number, which makes it a little wider.
 * @param before two figures or more, as `after`
 */
export function compareTrial({
  figure,
  before,
  after,
}: Pick<ChangeTrial, 'figure' | 'before' | 'after'>): TrialResult {
  const one = spreadOf(before);
  const other = spreadOf(after);
  const difference = other.mean - one.mean;
  const parts = [one.deviation ** 2 / before.length, other.deviation ** 2 / after.length];
  const variance = parts[0]! + parts[1]!;
  const dof =
    variance === 0
      ? before.length + after.length - 2
      : variance ** 2 / (parts[0]! ** 2 / (before.length - 1) + parts[1]! ** 2 / (after.length - 1));
  const half =
    variance === 0 ? 0 : studentQuantile(SHARE, Math.max(1, Math.floor(dof))) * Math.sqrt(variance);
  const between: [number, number] = [difference - half, difference + half];
  const told = between[0] > 0 || between[1] < 0;
  const good = TRIAL_FIGURES[figure].better === 'less' ? difference < 0 : difference > 0;
  return {
    before: one,
    after: other,
    difference,
    between,
    says: !told ? 'within_spread' : good ? 'better' : 'worse',
  };
}

function spreadOf(values: readonly number[]): { mean: number; deviation: number } {
  const mean = values.reduce((sum, each) => sum + each, 0) / values.length;
  const square = values.reduce((sum, each) => sum + (each - mean) ** 2, 0);
  return { mean, deviation: Math.sqrt(square / (values.length - 1)) };
}
