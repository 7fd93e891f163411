import { type DateOrder, dayWords } from '@/core/base/dates';
import { dayIn, timeIn } from '@/core/base/day';

/** A number with a fixed count of decimals and a real minus sign; a dash when there is none. */
export function figure(value: number | null | undefined, decimals: number): string {
  if (value === null || value === undefined || !Number.isFinite(value)) return '—';
  const digits = value.toFixed(decimals);
  // What rounds to nothing has no sign.
  return Number(digits) === 0 ? digits.replace('-', '') : digits.replace('-', '−');
}

/** A probability as whole per cent with its sign, never 0 or 100 for what is not certain. */
export function percent(probability: number): string {
  const whole = Math.round(probability * 100);
  if (whole === 0 && probability > 0) return '<1 %';
  if (whole === 100 && probability < 1) return '>99 %';
  return `${whole} %`;
}

/** Whose clock and calendar a moment is told by. */
export type Calendar = { timeZone: string; dateOrder: DateOrder };

/** A moment as the shop's clock shows it: the time today, the day otherwise. */
export function moment(iso: string, shop: Calendar, now: Date): string {
  const today = dayIn(shop.timeZone, new Date(iso)) === dayIn(shop.timeZone, now);
  return today
    ? timeIn(shop.timeZone, new Date(iso))
    : `${shortDate(iso, shop)} ${timeIn(shop.timeZone, new Date(iso))}`;
}

/** The day of a moment, as the shop writes days. */
export function shortDate(iso: string, { timeZone, dateOrder }: Calendar): string {
  return dayWords(dayIn(timeZone, new Date(iso)), dateOrder);
}

/** Seconds as minutes and seconds. */
export function clock(seconds: number): string {
  const whole = Math.max(0, Math.ceil(seconds));
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
}
