import { z } from 'zod';
import { day } from '../base/issues/moment';
import { within, words } from '../base/issues/range';
import { uuid } from '../base/issues/uuid';
import { OUTING_RANGES } from './outing';

/** Sending a car out on proof. */
export const newOutingSchema = z.strictObject({
  id: uuid(),
  driver: words(80).min(1, 'who drives'),
  terms: words(1000).min(1, 'the conditions to drive under'),
  dueOn: day(),
});

/** It is back. */
export const outingBackSchema = z.strictObject({
  id: uuid(),
  laps: within(...OUTING_RANGES.laps, 'laps')
    .int()
    .nullable(),
  airC: within(...OUTING_RANGES.airC, '°C').nullable(),
  note: words(2000),
});
