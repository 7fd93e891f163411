import { BALANCE } from './library/balance';
import { CALIPER } from './library/caliper';
import { FRICTION } from './library/friction';
import { HYDRAULIC } from './library/hydraulic';
import { LINES } from './library/lines';
import { PARKING } from './library/parking';
import { PEDAL } from './library/pedal';
import { ROTORS } from './library/rotors';
import { RUNNING } from './library/running';
import { TRACKSIDE } from './library/trackside';
import { WHEEL_END } from './library/wheelEnd';
import type { Procedure } from './procedure';

/** Version of the library; a plan keeps the one it was made by. */
export const LIBRARY_VERSION = '2026.11.5';

const ALL = {
  ...HYDRAULIC,
  ...LINES,
  ...PEDAL,
  ...BALANCE,
  ...FRICTION,
  ...ROTORS,
  ...CALIPER,
  ...PARKING,
  ...RUNNING,
  ...WHEEL_END,
  ...TRACKSIDE,
};

export type ProcedureId = keyof typeof ALL;
export const PROCEDURES: Record<ProcedureId, Procedure> = ALL;
export const PROCEDURE_IDS = Object.keys(ALL) as [ProcedureId, ...ProcedureId[]];
