import type { FindingId } from '../readings/vocabulary/findings';
import { findingOf } from '../readings/vocabulary/findings';
import type { JobFields } from './sheet';

/** What of a job a driver writes: what is wrong, when, what was done before, by when it is wanted, and how far the car has run. */
const DRIVERS_FIELDS = [
  'complaint',
  'whenWhere',
  'history',
  'neededAt',
  'odometerKm',
] as const satisfies readonly (keyof JobFields)[];

/** Whether an answer is one a driver gives: the complaint, and after the work whether it is gone. The car itself is looked at by others. */
export function isDriversAnswer(finding: FindingId): boolean {
  return findingOf(finding).stage === 'complaint';
}

/** The fields among these that are not a driver's to write. */
export function notDrivers(fields: readonly string[]): string[] {
  return fields.filter((field) => !(DRIVERS_FIELDS as readonly string[]).includes(field));
}
