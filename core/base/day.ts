import { tzOffset } from '@date-fns/tz/tzOffset';

/** The day it is in a time zone at a moment, as 2026-05-31. @param timeZone IANA name, e.g. Europe/Prague */
export function dayIn(timeZone: string, at: Date): string {
  return wallOf(timeZone, at).slice(0, 10);
}

/** What a clock on the wall of a time zone shows at a moment, as 16:30. @param timeZone IANA name */
export function timeIn(timeZone: string, at: Date): string {
  return wallOf(timeZone, at).slice(11, 16);
}

/** Calendar and clock of a time zone at a moment, in ISO 8601's form. */
function wallOf(timeZone: string, at: Date): string {
  return new Date(at.getTime() + offsetAt(timeZone, at.getTime())).toISOString();
}

/**
 * The moment at which a clock on the wall of a time zone shows a day and a time. Of an hour that is there twice the
 * first, of one that is left out the one after.
 * @param day as 2026-05-31
 * @param time as 16:30
 * @param timeZone IANA name
 */
export function momentIn(timeZone: string, day: string, time: string): Date {
  const asUtc = Date.parse(`${day}T${time}:00Z`);
  const offsets = [-1, 1].map((side) => offsetAt(timeZone, asUtc + side * DAY_MS));
  // Before and after a change of clocks; the larger offset is the earlier moment.
  const moments = offsets.map((offset) => asUtc - offset).sort((one, other) => one - other);
  const right = moments.find((moment) => moment + offsetAt(timeZone, moment) === asUtc);
  return new Date(right ?? moments[1]!);
}

const MINUTE_MS = 60_000;
const DAY_MS = 86_400_000;

/** What a time zone is ahead of UTC at a moment, ms. */
function offsetAt(timeZone: string, moment: number): number {
  return tzOffset(timeZone, new Date(moment)) * MINUTE_MS;
}

/** Whole days from one day to another, both YYYY-MM-DD. */
export function daysBetween(from: string, to: string): number {
  return Math.round((Date.parse(`${to}T00:00:00Z`) - Date.parse(`${from}T00:00:00Z`)) / DAY_MS);
}

/** The day so many days after another, both YYYY-MM-DD. */
export function dayAfter(day: string, days: number): string {
  return new Date(Date.parse(`${day}T00:00:00Z`) + days * DAY_MS).toISOString().slice(0, 10);
}

/** Days of a month where one is as good as another: a rate a month. */
export const MONTH_DAYS = 365.25 / 12;

/** The day so many whole months after another, both YYYY-MM-DD; the last of the month where it has no such day. */
export function monthsAfter(day: string, months: number): string {
  const [year, month, date] = day.split('-').map(Number) as [number, number, number];
  const last = new Date(Date.UTC(year, month + months, 0)).getUTCDate();
  return new Date(Date.UTC(year, month - 1 + months, Math.min(date, last))).toISOString().slice(0, 10);
}
