import type { z } from 'zod';
import { bedInPlan } from '../bedin/plan';
import { bedInSchema } from '../bedin/schema';
import { bleedPlan } from '../bleed/plan';
import { bleedInputSchema } from '../bleed/schema';
import { drumSchema, readDrum } from '../drum/drum';
import { readFluid } from '../fluid/reading';
import { fluidInputSchema } from '../fluid/schema';
import { heatAround } from '../heat/around';
import { heatSchema } from '../heat/schema';
import { heatStops } from '../heat/stops';
import { heatStopsSchema } from '../heat/stopsSchema';
import { pedalRatio } from '../hydraulics/pedalRatio';
import { pedalRatioSchema } from '../hydraulics/pedalRatioSchema';
import type { Issue, Outcome } from '../issues/issue';
import { nearest } from '../issues/nearest';
import { parseWith } from '../issues/zod';
import { bearing, bearingSchema } from '../knockback/bearing';
import { hubFlex, hubFlexSchema } from '../knockback/hubFlex';
import { springDrag } from '../knockback/springs';
import { springsSchema } from '../knockback/springsSchema';
import { padLife } from '../pads/life';
import { padLifeSchema } from '../pads/lifeSchema';
import { readPads } from '../pads/pads';
import { padsSchema } from '../pads/schema';
import { pedalSchema, readPedal } from '../pedal/checks';
import { judder, judderSchema } from '../rotor/judder';
import { reindex } from '../rotor/reindex';
import { reindexSchema } from '../rotor/reindexSchema';
import { readRotor } from '../rotor/rotor';
import { rotorSchema } from '../rotor/schema';
import { wordsSchema } from '../words/schema';
import { readWords } from '../words/words';

/** Results carry the finding states they imply, where they imply any. */
export type CalcResult = { states?: Readonly<Record<string, string | undefined>> } & Record<string, unknown>;

type Calc = (input: unknown) => Outcome<CalcResult>;

/** A calc whose schema says all there is to refuse. */
function calc<T>(schema: z.ZodType<T>, run: (input: T) => CalcResult): Calc {
  return (input) => {
    const parsed = parseWith(schema, input);
    return parsed.ok ? { ok: true, value: run(parsed.value) } : parsed;
  };
}

const CALCS: Readonly<Record<string, Calc>> = {
  fluid: (input) => {
    const parsed = parseWith(fluidInputSchema, input);
    return parsed.ok ? readFluid(parsed.value) : parsed;
  },
  rotor: calc(rotorSchema, readRotor),
  reindex: calc(reindexSchema, reindex),
  judder: calc(judderSchema, judder),
  pads: calc(padsSchema, readPads),
  'pad-life': calc(padLifeSchema, padLife),
  bearing: calc(bearingSchema, bearing),
  'hub-flex': calc(hubFlexSchema, hubFlex),
  drum: calc(drumSchema, readDrum),
  heat: calc(heatSchema, heatAround),
  pedal: calc(pedalSchema, readPedal),
  words: calc(wordsSchema, ({ text }) => readWords(text)),
  'bleed-plan': calc(bleedInputSchema, bleedPlan),
  'bed-in': calc(bedInSchema, bedInPlan),
  'pedal-ratio': calc(pedalRatioSchema, pedalRatio),
  'knockback-springs': calc(springsSchema, springDrag),
  'heat-stops': calc(heatStopsSchema, heatStops),
};

export const CALC_NAMES = Object.keys(CALCS);

/** Runs a named computation on unchecked input. */
export function runCalc(name: string, input: unknown): Outcome<CalcResult> {
  const found = Object.hasOwn(CALCS, name) ? CALCS[name] : undefined;
  return found ? found(input) : { ok: false, issues: [unknownCalc(name)] };
}

function unknownCalc(name: string): Issue {
  const close = nearest(name, CALC_NAMES);
  return {
    code: 'unknown_id',
    path: 'NAME',
    value: JSON.stringify(name),
    accepted: `one of ${CALC_NAMES.join(', ')}${close ? ` (did you mean ${close}?)` : ''}`,
  };
}
