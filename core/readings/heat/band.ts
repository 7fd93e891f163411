import type { LapPeaks } from './corner';
import type { Refit } from './refit';
import { firstPast, runLaps } from './session';
import type { HeatSessionInput } from './sessionSchema';

/** How far off the model's own cooling and coupling may be on a car nobody measured, as a share (our model). */
export const UNMEASURED = 0.25;

export type HeatBand = {
  /** Lap by lap, coolest and hottest. */
  coolest: LapPeaks[];
  hottest: LapPeaks[];
  /** The first lap past each limit on the hottest and on the coolest side; null when none is. */
  padLaps: [early: number | null, late: number | null];
  fluidLaps: [early: number | null, late: number | null];
};

/**
 * How far a session may be off: the laps at the ends of what is known of the model's two constants, each lap's outermost. With
 * measured peaks the ends are those of the fit (80 % each), else a quarter either way.
 */
export function heatBand(input: HeatSessionInput, fit?: Refit): HeatBand {
  const unmeasured = { low: 1 - UNMEASURED, high: 1 + UNMEASURED };
  const cooling = fit?.coolingScale ?? unmeasured;
  const coupling = fit && !fit.couplingFixed ? fit.couplingScale : unmeasured;
  const runs = [cooling.low, cooling.high].flatMap((cools) =>
    [coupling.low, coupling.high].map(
      (couples) => runLaps(input, { cooling: cools, coupling: couples }).laps,
    ),
  );
  const outermost = (pick: (...values: number[]) => number): LapPeaks[] =>
    Array.from({ length: input.laps }, (_, lap) => ({
      rotorPeakC: pick(...runs.map((laps) => laps[lap]!.rotorPeakC)),
      caliperPeakC: pick(...runs.map((laps) => laps[lap]!.caliperPeakC)),
    }));
  const [coolest, hottest] = [outermost(Math.min), outermost(Math.max)];
  const { padC, fluidC } = input.limits ?? {};
  return {
    coolest,
    hottest,
    padLaps: [firstPast(hottest, padC, 'rotorPeakC'), firstPast(coolest, padC, 'rotorPeakC')],
    fluidLaps: [firstPast(hottest, fluidC, 'caliperPeakC'), firstPast(coolest, fluidC, 'caliperPeakC')],
  };
}
