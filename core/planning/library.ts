import { AROUND } from './library/around';
import { ASSIST } from './library/assist';
import { BALANCE } from './library/balance';
import { CALIPER } from './library/caliper';
import { CONVERSION } from './library/conversion';
import { CYLINDERS } from './library/cylinders';
import { DRUMS } from './library/drums';
import { FLUID } from './library/fluid';
import { FRICTION } from './library/friction';
import { LINES } from './library/lines';
import { PARKING } from './library/parking';
import { PEDAL } from './library/pedal';
import { ROTORS } from './library/rotors';
import { STANDING } from './library/standing';
import { TRACKSIDE } from './library/trackside';
import { WHEEL_END } from './library/wheelEnd';
import type { Procedure } from './procedure';

/** Version of the library; a plan keeps the one it was made by. */
export const LIBRARY_VERSION = '2026.11.13';

const ALL = {
  ...FLUID,
  ...LINES,
  ...CYLINDERS,
  ...CALIPER,
  ...CONVERSION,
  ...PARKING,
  ...PEDAL,
  ...ASSIST,
  ...BALANCE,
  ...WHEEL_END,
  ...DRUMS,
  ...AROUND,
  ...ROTORS,
  ...FRICTION,
  ...TRACKSIDE,
  ...STANDING,
};

export type ProcedureId = keyof typeof ALL;
export const PROCEDURES: Record<ProcedureId, Procedure> = ALL;
export const PROCEDURE_IDS = Object.keys(ALL) as [ProcedureId, ...ProcedureId[]];
