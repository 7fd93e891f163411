import type { Step } from '../step';

export type FluidSoFar = {
  /** Drawn so far, and still to come with the top-up, ml. */
  outMl: number;
  toComeMl: number;
  /** Left of what the plan laid out. */
  leftMl: number;
  /** What is missing for the bleeders still to come; 0 when the bottles reach. */
  shortMl: number;
  /** The first bleeder that would not get its share, by step. */
  shortAt?: string;
};

/**
 * Where the fluid stands in the middle of a bleed, so that the last corner never runs short.
 * `drawn` is what came out at each bleeder done, ml, as recorded; a bleeder done without a figure counts as planned.
 */
export function fluidSoFar(
  steps: readonly Step[],
  drawn: ReadonlyMap<string, number>,
  supplyMl: number,
  topUpMl: number,
): FluidSoFar {
  const bleeders = steps.filter((step) => step.ml);
  const outMl = bleeders.reduce((sum, step) => sum + (drawn.get(step.id) ?? 0), 0);
  const open = bleeders.filter((step) => !drawn.has(step.id));
  const toComeMl = open.reduce((sum, step) => sum + step.ml!.here, topUpMl);
  const leftMl = Math.max(0, supplyMl - outMl);
  let rest = leftMl - topUpMl;
  const shortStep = open.find((step) => {
    rest -= step.ml!.here;
    return rest < 0;
  });
  return {
    outMl,
    toComeMl,
    leftMl,
    shortMl: Math.max(0, toComeMl - leftMl),
    ...(shortStep ? { shortAt: shortStep.id } : {}),
  };
}
