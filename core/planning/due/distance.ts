import { dayAfter } from '../../base/day';

/** What the odometer showed at the beginning and last, km, and when that was. */
export type Driven = { fromKm: number; lastKm: number; lastOn: string };

const DAY_MS = 86_400_000;

/** Whole days from one day to another. */
export function daysBetween(from: string, to: string): number {
  return Math.round((Date.parse(`${to}T00:00:00Z`) - Date.parse(`${from}T00:00:00Z`)) / DAY_MS);
}

/** The day by which so many km are driven at the pace since a day; undefined while that tells nothing. */
export function dueByDistance(since: string, km: number, driven: Driven | undefined): string | undefined {
  if (!driven) return undefined;
  const { fromKm, lastKm, lastOn } = driven;
  const so = lastKm - fromKm;
  if (so >= km) return lastOn;
  const days = daysBetween(since, lastOn);
  if (so <= 0 || days <= 0) return undefined;
  return dayAfter(lastOn, Math.floor(((km - so) * days) / so));
}
