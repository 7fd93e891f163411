import { bearing, bearingSchema } from './bearing/bearing';
import { type Calcs, calc, checked } from './calc';
import { drumSchema, readDrum } from './drum/drum';
import { readFluid } from './fluid/fluid';
import { fluidInputSchema } from './fluid/schema';
import { heatAround } from './heat/around';
import { heatSchema } from './heat/schema';
import { hubFlex, hubFlexSchema } from './hub/hubFlex';
import { reindex } from './hub/reindex';
import { reindexSchema } from './hub/reindexSchema';
import { judder, judderSchema } from './judder/judder';
import { lookIn, lookInSchema } from './lookin/lookIn';
import { readPads } from './pads/pads';
import { padsSchema } from './pads/schema';
import { pedalSchema, readPedal } from './pedal/checks';
import { firmness } from './pedal/firmness';
import { firmnessSchema } from './pedal/firmnessSchema';
import { pedalRatio } from './pedal/pedalRatio';
import { pedalRatioSchema } from './pedal/pedalRatioSchema';
import { readRotor } from './rotor/rotor';
import { rotorSchema } from './rotor/schema';

/** The sum of every kind of reading that is written down, under the name it is written down by. */
export const READINGS: Calcs = {
  fluid: checked(fluidInputSchema, readFluid),
  rotor: calc(rotorSchema, readRotor),
  reindex: calc(reindexSchema, reindex),
  judder: calc(judderSchema, judder),
  pads: calc(padsSchema, readPads),
  bearing: calc(bearingSchema, bearing),
  'hub-flex': calc(hubFlexSchema, hubFlex),
  drum: calc(drumSchema, readDrum),
  heat: calc(heatSchema, heatAround),
  pedal: calc(pedalSchema, readPedal),
  firmness: calc(firmnessSchema, firmness),
  'look-in': calc(lookInSchema, lookIn),
  'pedal-ratio': calc(pedalRatioSchema, pedalRatio),
};
