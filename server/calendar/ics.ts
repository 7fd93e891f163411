import { createEvents, type DateArray } from 'ics';
import { dayAfter } from '../../core/base/day';
import type { CalendarEntry } from './entries';

/**
 * The entries as a calendar file (RFC 5545), each an all-day event that takes no time of anybody's.
 * @param address of the shop, to which the entries lead
 */
export function calendarText(entries: readonly CalendarEntry[], shopName: string, address: string): string {
  const { value, error } = createEvents(
    entries.map(({ uid, day, title, about, path }) => ({
      uid: `${uid.replaceAll(' ', '-')}@bavrin`,
      start: dateOf(day),
      end: dateOf(dayAfter(day, 1)),
      title,
      description: about,
      url: `${address}${path}`,
      busyStatus: 'FREE' as const,
    })),
    { productId: 'bavrin', calName: `${shopName}, brakes` },
  );
  if (error || !value) throw error ?? new Error('no calendar came out');
  return value;
}

function dateOf(day: string): DateArray {
  return day.split('-').map(Number) as [number, number, number];
}
