import { asSentence } from './sentence';

/** How a shop writes its dates. */
export const DATE_ORDERS = ['day_first', 'month_first'] as const;
export type DateOrder = (typeof DATE_ORDERS)[number];

const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];

/** A day as people write it: the month by name, so that nobody takes it for the day. @param day as 2026-05-31 */
export function dayWords(day: string, order: DateOrder): string {
  const [year, month, date] = day.split('-').map(Number) as [number, number, number];
  const named = asSentence(MONTHS[month - 1]!);
  return order === 'day_first' ? `${date} ${named} ${year}` : `${named} ${date}, ${year}`;
}

/** Words with their days (2026-05-31) as people write them. */
export function daysInWords(text: string, order: DateOrder): string {
  return text.replace(/\b\d{4}-\d{2}-\d{2}\b/g, (day) => dayWords(day, order));
}

/**
 * Reads a day as it was typed: 2026-05-31, 31 May 2026, May 31, 31.5.2026, 31/5. Figures alone go by the shop's order;
 * with dots the day comes first everywhere. Without a year it is that of today.
 * @param today as 2026-05-31
 * @returns the day in the same form; undefined when it is none
 */
export function readDay(text: string, order: DateOrder, today: string): string | undefined {
  const typed = text.trim().toLowerCase();
  if (typed === 'today') return today;
  const iso = /^(\d{4})-(\d{1,2})-(\d{1,2})$/.exec(typed);
  if (iso) return dayOf(iso[1]!, iso[2]!, iso[3]!);
  const year = today.slice(0, 4);
  const named =
    /^(\d{1,2})\.?\s*([a-z]{3,9})\.?,?\s*(\d{4})?$/.exec(typed) ??
    reordered(/^([a-z]{3,9})\.?\s*(\d{1,2}),?\s*(\d{4})?$/.exec(typed));
  if (named) {
    const month = MONTHS.indexOf(named[2]!.slice(0, 3)) + 1;
    return dayOf(named[3] ?? year, String(month), named[1]!);
  }
  const figures = /^(\d{1,2})\s*([./])\s*(\d{1,2})(?:\s*[./]\s*(\d{4}|\d{2})?)?$/.exec(typed);
  if (!figures) return undefined;
  const [, first, sign, second, tail] = figures as unknown as [string, string, string, string, string?];
  const dayFirst = sign === '.' || order === 'day_first';
  return dayOf(
    tail === undefined ? year : tail.length === 2 ? `20${tail}` : tail,
    dayFirst ? second : first,
    dayFirst ? first : second,
  );
}

/** "May 31" in the order of "31 May". */
function reordered(match: RegExpExecArray | null): (string | undefined)[] | null {
  return match && [match[0], match[2], match[1], match[3]];
}

function dayOf(year: string, month: string, date: string): string | undefined {
  const day = `${year}-${month.padStart(2, '0')}-${date.padStart(2, '0')}`;
  const known = new Date(`${day}T00:00:00Z`);
  return !Number.isNaN(known.getTime()) && known.toISOString().slice(0, 10) === day ? day : undefined;
}

/** Reads a time of day: 16:30, 16.30, 4:30 pm, 1630; undefined when it is none. @returns as 16:30 */
export function readTime(text: string): string | undefined {
  const match = /^(\d{1,2})\s*[:.]?\s*(\d{2})?\s*(am|pm)?$/i.exec(text.trim());
  if (!match) return undefined;
  const half = match[3]?.toLowerCase();
  const hours = Number(match[1]);
  const minutes = Number(match[2] ?? 0);
  if (minutes > 59 || hours > (half ? 12 : 23) || (half && hours === 0)) return undefined;
  const of24 = half ? (hours % 12) + (half === 'pm' ? 12 : 0) : hours;
  return `${String(of24).padStart(2, '0')}:${String(minutes).padStart(2, '0')}`;
}
