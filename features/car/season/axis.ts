import { daysBetween } from '@/core/base/day';

/** The drawing's width, and where the year begins in it; what is left of that names the lanes. */
export const WIDTH = 1000;
export const LEFT = 150;
const RIGHT = 12;

export const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];

/** Where a day of a year stands on the line. */
export function xOf(day: string, year: number): number {
  const length = daysBetween(`${year}-01-01`, `${year + 1}-01-01`);
  return LEFT + (daysBetween(`${year}-01-01`, day) / length) * (WIDTH - LEFT - RIGHT);
}

/** Where each month of a year begins. */
export function monthStarts(year: number): number[] {
  return MONTHS.map((_, month) => xOf(`${year}-${String(month + 1).padStart(2, '0')}-01`, year));
}
