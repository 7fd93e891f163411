import { z } from 'zod';
import { day } from '../base/issues/moment';
import { within, words } from '../base/issues/range';
import { uuid } from '../base/issues/uuid';
import { DRIVE_RANGES } from './proofDrive';

/** Sending a car out on proof. */
export const newProofDriveSchema = z.strictObject({
  id: uuid(),
  driver: words(80).min(1, 'who drives'),
  conditions: words(1000).min(1, 'the conditions to drive under'),
  dueOn: day(),
});

/** It is back. */
export const driveBackSchema = z.strictObject({
  id: uuid(),
  laps: within(...DRIVE_RANGES.laps, 'laps')
    .int()
    .nullable(),
  airC: within(...DRIVE_RANGES.airC, '°C').nullable(),
  note: words(2000),
});
