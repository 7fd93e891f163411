import { calendarEntries } from '@/server/calendar/entries';
import { isGoodFeed } from '@/server/calendar/feed';
import { calendarReply } from '@/server/calendar/reply';
import { notFound } from '@/server/failure';
import { route } from '@/server/http/route';

export const dynamic = 'force-dynamic';

/** What is due, for a calendar program that has the shop's private address. */
export const GET = route<{ token: string }>(async (request, { token }) => {
  if (!(await isGoodFeed(token.replace(/\.ics$/, '')))) throw notFound('calendar', 'at that address');
  return calendarReply(request, await calendarEntries());
});
