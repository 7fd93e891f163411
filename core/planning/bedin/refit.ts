import { type BedInPlan, comeUpS, coolingS, riseK } from './plan';
import type { BedInInput } from './schema';

/** What the hottest rotor read once so many slowdowns were done, °C, and how long after the last of them, s. */
export type StageHeat = { after: number; rotorC: number; waitedS: number };

export type BedInRefit = {
  /** Heat this car puts into its rotor for each the model gave it. */
  gain: number;
  /** Rotor temperature at the end of each slowdown of the plan by what was measured, °C. */
  predictedC: number[];
  /** The first slowdown that ends inside the window, and the first past it, from 1; null when none does. */
  reachesAt: number | null;
  passesAt: number | null;
  /** Slowdowns like the last one that would bring it into the window after the plan's own; null where none are needed, or none would. */
  more: number | null;
};

/** More than this many on top is another bed-in, not the end of this one. */
const MOST_MORE = 10;

/**
 * What measured temperatures make of the rest of a bed-in. Each slowdown's heat and each cooling act in proportion, so
 * every predicted temperature over the air scales with one figure: the heat a rotor really gets, fitted by least squares
 * through the origin over the readings, each let cool for as long as was waited (model; the cooling itself is not refitted).
 * @returns nothing without a reading above the air
 */
export function refitBedIn(
  input: BedInInput,
  plan: Pick<BedInPlan, 'predictedC' | 'windowC' | 'stops'>,
  measured: readonly StageHeat[],
): BedInRefit | undefined {
  const { ambientC, car } = input;
  const tauS = coolingS(car);
  const rows = measured.flatMap(({ after, rotorC, waitedS }) => {
    const peak = plan.predictedC[after - 1];
    return peak === undefined
      ? []
      : [{ model: (peak - ambientC) * Math.exp(-waitedS / tauS), read: rotorC - ambientC }];
  });
  const gain =
    rows.reduce((sum, { model, read }) => sum + model * read, 0) /
    rows.reduce((sum, { model }) => sum + model ** 2, 0);
  if (!(gain > 0)) return undefined;
  const predictedC = plan.predictedC.map((peak) => ambientC + gain * (peak - ambientC));
  const first = (is: (c: number) => boolean) => {
    const at = predictedC.findIndex(is);
    return at < 0 ? null : at + 1;
  };
  return {
    gain,
    predictedC,
    reachesAt: first((c) => c >= plan.windowC.low),
    passesAt: first((c) => c > plan.windowC.high),
    more: Math.max(...predictedC) >= plan.windowC.low ? null : moreOf(input, plan, { gain, predictedC }),
  };
}

/** How many more like the last slowdown reach the window, each once the car is back up to speed and the last has cooled. */
function moreOf(
  input: BedInInput,
  { stops, windowC }: Pick<BedInPlan, 'windowC' | 'stops'>,
  { gain, predictedC }: Pick<BedInRefit, 'gain' | 'predictedC'>,
): number | null {
  const { ambientC, car } = input;
  const last = stops.at(-1)!;
  const upS = comeUpS(last.toKmh, last.fromKmh, input);
  const kept = Math.exp(-(last.coolS + upS) / coolingS(car));
  let now = predictedC.at(-1)!;
  for (let count = 1; count <= MOST_MORE; count++) {
    now = ambientC + (now - ambientC) * kept + gain * riseK(last, car);
    if (now >= windowC.low) return count;
  }
  return null;
}
