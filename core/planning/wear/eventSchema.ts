import { z } from 'zod';
import { day } from '../../base/issues/moment';
import { within, words } from '../../base/issues/range';
import { odometer } from '../../car/odometerSchema';

/** A day on track: its name, its date, and how many sessions the car runs. */
export const eventSchema = z.strictObject({
  name: words(120).min(1, 'a name is needed'),
  onDate: day(),
  sessions: within(0.5, 100, 'sessions'),
  odometerKm: odometer().default(null),
});
