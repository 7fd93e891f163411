import type { WorkPlan } from '../plan';
import type { Run } from '../run/run';
import { drawnBefore, drawnOf } from './drawn';
import { POT_DEAD_ML } from './usual';

export type FluidSoFar = {
  /** Come out at the bleeders so far, rounds begun anew included, ml. */
  outMl: number;
  /** Out of the bottles so far: that, the top-up once the level is set, and what stays under the outlet of a pot. */
  usedMl: number;
  /** Still to come, the top-up and what the pot keeps with it, ml. */
  toComeMl: number;
  /** Left of what the plan laid out. */
  leftMl: number;
  /** What is missing for the bleeders still to come; 0 when the bottles reach. */
  shortMl: number;
  /** The first bleeder that would not get its share, by step. */
  shortAt?: string;
};

/** The step at which the reservoir is topped up to its mark. */
const LEVEL = 'level';
/** The step at which new fluid goes into the pot. */
const POT_FILL = 'pot-fill';

/**
 * Where the fluid of a bleed stands, so that the last corner never runs short: the one sum that plan, run and shelf go
 * by. A bleeder done without a figure counts as planned.
 */
export function fluidSoFar(
  run: Pick<Run, 'steps' | 'last' | 'history'>,
  { supplyMl, plan: { topUpMl, supply } }: Pick<NonNullable<WorkPlan['bleed']>, 'supplyMl' | 'plan'>,
): FluidSoFar {
  const drawn = drawnOf(run);
  const bleeders = run.steps.filter((step) => step.ml);
  const outMl = bleeders.reduce((sum, step) => sum + (drawn.get(step.id) ?? 0), drawnBefore(run));
  const toppedUp = run.last.get(LEVEL)?.done === true;
  const potMl = supply === 'pot' && run.steps.some(({ id }) => id === POT_FILL) ? POT_DEAD_ML : 0;
  const poured = run.last.get(POT_FILL)?.done === true;
  const usedMl = outMl + (toppedUp ? topUpMl : 0) + (poured ? potMl : 0);
  const wantedMl = (toppedUp ? 0 : topUpMl) + (poured ? 0 : potMl);
  const open = bleeders.filter((step) => !drawn.has(step.id));
  const toComeMl = open.reduce((sum, step) => sum + step.ml!.here, wantedMl);
  const leftMl = Math.max(0, supplyMl - usedMl);
  let rest = leftMl - wantedMl;
  const shortStep = open.find((step) => {
    rest -= step.ml!.here;
    return rest < 0;
  });
  return {
    outMl,
    usedMl,
    toComeMl,
    leftMl,
    shortMl: Math.max(0, toComeMl - leftMl),
    ...(shortStep ? { shortAt: shortStep.id } : {}),
  };
}
