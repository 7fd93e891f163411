import type { Outcome } from '../base/issues/issue';
import { wordsSchema } from '../diagnosis/words/schema';
import { readWords } from '../diagnosis/words/words';
import { bedInPlan } from '../planning/bedin/plan';
import { bedInSchema } from '../planning/bedin/schema';
import { bleedPlan } from '../planning/bleed/plan';
import { bleedInputSchema } from '../planning/bleed/schema';
import { springDrag } from '../planning/springs';
import { springsSchema } from '../planning/springsSchema';
import { type CalcResult, type Calcs, calc, runIn } from '../readings/calc';
import { heatStops } from '../readings/heat/stops';
import { heatStopsSchema } from '../readings/heat/stopsSchema';
import { padLife } from '../readings/pads/life';
import { padLifeSchema } from '../readings/pads/lifeSchema';
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
};

export const CALC_NAMES = Object.keys(CALCS);

/** Runs a named computation on unchecked input. */
export function runCalc(name: string, input: unknown): Outcome<CalcResult> {
  return runIn(CALCS, name, input);
}
