import { z } from 'zod';
import { day } from '../../base/issues/moment';
import { within, words } from '../../base/issues/range';
import { CIRCUIT_KINDS } from '../../car/circuits';
import { odometer } from '../../car/odometerSchema';

/** Air expected on a day on track, °C. */
const AIR_C = [-30, 60] as const;

/** A day on track: its name, its date, how many sessions the car runs, on what kind of circuit, in what air. */
export const eventSchema = z.strictObject({
  name: words(120).min(1, 'a name is needed'),
  onDate: day(),
  sessions: within(0.5, 100, 'sessions'),
  odometerKm: odometer().default(null),
  circuit: z.enum(CIRCUIT_KINDS).nullable().default(null),
  airC: within(...AIR_C, '°C')
    .nullable()
    .default(null),
});
