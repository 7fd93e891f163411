import type { Outcome } from '../base/issues/issue';
import { hydraulics } from '../car/hydraulics/hydraulics';
import { hydraulicsSchema } from '../car/hydraulics/schema';
import { wordsSchema } from '../diagnosis/words/schema';
import { readWords } from '../diagnosis/words/words';
import { bedInPlan } from '../planning/bedin/plan';
import { bedInSchema } from '../planning/bedin/schema';
import { bleedPlan } from '../planning/bleed/plan';
import { bleedInputSchema } from '../planning/bleed/schema';
import { springDrag } from '../planning/knockback/springs';
import { springsSchema } from '../planning/knockback/springsSchema';
import { type CalcResult, type Calcs, calc, checked, runIn } from '../readings/calc';
import { heatSession } from '../readings/heat/session';
import { heatSessionSchema } from '../readings/heat/sessionSchema';
import { heatStops } from '../readings/heat/stops';
import { heatStopsSchema } from '../readings/heat/stopsSchema';
import { padLife } from '../readings/pads/life';
import { padLifeSchema } from '../readings/pads/lifeSchema';
import { travelBudget } from '../readings/pedal/travel';
import { travelSchema, travelSolveSchema } from '../readings/pedal/travelSchema';
import { travelSolve } from '../readings/pedal/travelSolve';
import { READINGS } from '../readings/registry';

/** Every named computation that a script may ask for: the readings', and the sums that nothing is written down by. */
export const CALCS: Calcs = {
  ...READINGS,
  'pad-life': calc(padLifeSchema, padLife),
  words: calc(wordsSchema, ({ text }) => readWords(text)),
  'bleed-plan': calc(bleedInputSchema, bleedPlan),
  'bed-in': calc(bedInSchema, bedInPlan),
  'knockback-springs': calc(springsSchema, springDrag),
  'heat-stops': calc(heatStopsSchema, heatStops),
  'heat-session': calc(heatSessionSchema, heatSession),
  hydraulics: calc(hydraulicsSchema, hydraulics),
  travel: calc(travelSchema, travelBudget),
  'travel-solve': checked(travelSolveSchema, travelSolve),
};

export const CALC_NAMES = Object.keys(CALCS);

/** Runs a named computation on unchecked input. */
export function runCalc(name: string, input: unknown): Outcome<CalcResult> {
  return runIn(CALCS, name, input);
}
