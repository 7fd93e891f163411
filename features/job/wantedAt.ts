import { readDay, readTime } from '@/core/base/dates';
import { momentIn } from '@/core/base/day';
import type { ShopView } from '../shell/ShopContext';

/** The end of a working day, where only the day is said. */
const BY_EVENING = '18:00';

/** When a car is wanted back, as it was typed: the moment by the shop's clock, null for none; or the field that is no day or no time. */
export type Wanted = { at: string | null } | { wrong: 'day' | 'time' };

export function wantedAt(
  { day, time }: { day: string; time: string },
  shop: Pick<ShopView, 'today' | 'dateOrder' | 'timeZone'>,
): Wanted {
  if (day.trim() === '' && time.trim() === '') return { at: null };
  const on = day.trim() === '' ? shop.today : readDay(day, shop.dateOrder, shop.today);
  if (on === undefined) return { wrong: 'day' };
  const by = time.trim() === '' ? BY_EVENING : readTime(time);
  if (by === undefined) return { wrong: 'time' };
  return { at: momentIn(shop.timeZone, on, by).toISOString() };
}
