import { bearing } from './bearing/reading';
import { drum } from './drum/reading';
import { fluid } from './fluid/reading';
import { heat } from './heat/reading';
import { flex } from './hub/flexReading';
import { hub } from './hub/reading';
import { judder } from './judder/reading';
import { lookIn } from './lookin/reading';
import { pads } from './pads/reading';
import { firmness } from './pedal/firmnessReading';
import { ratio } from './pedal/ratioReading';
import { pedal } from './pedal/reading';
import { rotor } from './rotor/reading';

/** The readings a technician takes, by what the shop asks for. */
export const MEASURES = {
  fluid,
  firmness,
  pedal,
  ratio,
  pads,
  rotor,
  hub,
  bearing,
  flex,
  drum,
  heat,
  judder,
  lookIn,
};

export type MeasureId = keyof typeof MEASURES;
