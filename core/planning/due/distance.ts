import { dayAfter, daysBetween } from '../../base/day';

/** What the odometer showed at the beginning and last, km, and when that was. */
export type Driven = { fromKm: number; lastKm: number; lastOn: string };

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
