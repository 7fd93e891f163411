import { leastSquares } from '../../base/statistics/leastSquares';
import { studentQuantile } from '../../base/statistics/studentQuantile';
import type { LapPeaks, Scales } from './corner';
import type { HeatSessionInput } from './sessionSchema';

type Bounds = { value: number; low: number; high: number };

export type Refit = {
  coolingScale: Bounds;
  couplingScale: Bounds;
  /** One figure alone moves the cooling and leaves the coupling as the model has it. */
  couplingFixed?: true;
};

/** How well paint, strip and infrared tell a peak, K, one standard deviation, where nothing else says (model). */
const GAUGE_K = 15;
const NORMAL_80 = 1.281551565545;
/** A constant further off than this is another car. */
const MOST = Math.log(20);
const STEP = 1e-3;
const ROUNDS = 40;

/**
 * The two constants that measured peaks move, by least squares in their logarithms (Gauss–Newton with halved steps;
 * Nocedal and Wright, Numerical Optimization, 10.3): how well the rotor is cooled, and what goes through the pads.
 * @param lapsOf the model's laps with constants scaled
 * @returns each as a factor on the model's own, with bounds that hold 80 %
 */
export function refit(
  measured: NonNullable<HeatSessionInput['measured']>,
  lapsOf: (scales: Scales) => readonly LapPeaks[],
): Refit {
  const values = measured.flatMap(({ rotorC, caliperC }) => [rotorC, caliperC]).filter(isNumber);
  const told = (logs: readonly number[]): number[] => {
    const laps = lapsOf({ cooling: Math.exp(logs[0]!), coupling: Math.exp(logs[1] ?? 0) });
    return measured.flatMap(({ lap, rotorC, caliperC }) => [
      ...(rotorC === undefined ? [] : [laps[lap - 1]!.rotorPeakC]),
      ...(caliperC === undefined ? [] : [laps[lap - 1]!.caliperPeakC]),
    ]);
  };
  const both = values.length >= 2;
  let logs = both ? [0, 0] : [0];
  let at = told(logs);
  for (let round = 0; round < ROUNDS; round++) {
    const move = leastSquares(slopes(told, logs, at), difference(values, at))?.coefficients;
    const next = move && downhill(told, logs, move, values, squared(difference(values, at)));
    if (!next) break;
    const moved = Math.max(...next.logs.map((each, index) => Math.abs(each - logs[index]!)));
    logs = next.logs;
    at = next.told;
    if (moved < 1e-5) break;
  }
  const spread = leastSquares(slopes(told, logs, at), difference(values, at))?.spread;
  const dof = values.length - logs.length;
  const left = squared(difference(values, at));
  const reach = (index: number) => {
    const deviation = Math.sqrt(spread?.[index]?.[index] ?? Number.POSITIVE_INFINITY);
    return dof > 0
      ? studentQuantile(0.8, dof) * Math.sqrt(left / dof) * deviation
      : NORMAL_80 * GAUGE_K * deviation;
  };
  const bounds = (index: number): Bounds => {
    const log = logs[index] ?? 0;
    const wide = Math.min(MOST, reach(index));
    return { value: Math.exp(log), low: Math.exp(log - wide), high: Math.exp(log + wide) };
  };
  return both
    ? { coolingScale: bounds(0), couplingScale: bounds(1) }
    : { coolingScale: bounds(0), couplingScale: { value: 1, low: 1, high: 1 }, couplingFixed: true };
}

const isNumber = (value: number | undefined): value is number => value !== undefined;
const difference = (left: readonly number[], right: readonly number[]) =>
  left.map((each, index) => each - right[index]!);
const squared = (values: readonly number[]) => values.reduce((sum, each) => sum + each * each, 0);

/** How each told peak moves with each constant, one row a peak. */
function slopes(
  told: (logs: readonly number[]) => number[],
  logs: readonly number[],
  at: readonly number[],
): number[][] {
  const columns = logs.map((_, index) =>
    told(logs.map((each, own) => (own === index ? each + STEP : each))).map(
      (each, row) => (each - at[row]!) / STEP,
    ),
  );
  return at.map((_, row) => columns.map((column) => column[row]!));
}

/** The first of the step and its halves that brings the model nearer; undefined where none does. */
function downhill(
  told: (logs: readonly number[]) => number[],
  logs: readonly number[],
  move: readonly number[],
  values: readonly number[],
  now: number,
): { logs: number[]; told: number[] } | undefined {
  for (let share = 1; share > 1e-3; share /= 2) {
    const next = logs.map((each, index) => Math.max(-MOST, Math.min(MOST, each + share * move[index]!)));
    const at = told(next);
    if (squared(difference(values, at)) < now) return { logs: next, told: at };
  }
  return undefined;
}
