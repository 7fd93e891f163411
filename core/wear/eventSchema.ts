import { z } from 'zod';
import { within, words } from '../issues/range';

/** A day on track: its name, its date, and how many sessions the car runs. */
export const eventSchema = z.strictObject({
  name: words(120).min(1, 'a name is needed'),
  onDate: z.iso.date('a date as 2026-05-31'),
  sessions: within(0.5, 100, 'sessions'),
});
