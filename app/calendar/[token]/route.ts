import { calendarEntries } from '@/server/calendar/entries';
import { isGoodFeed } from '@/server/calendar/feed';
import { calendarReply } from '@/server/calendar/reply';
import { notFound } from '@/server/failure';
import { route } from '@/server/http/route';
import { type Actor, as } from '@/server/people/actor';

export const dynamic = 'force-dynamic';

/** Whoever has the private address reads, and no more. */
const A_CALENDAR: Actor = { id: null, name: 'a calendar program', role: 'reader' };

/** What is due, for a calendar program that has the shop's private address. */
export const GET = route<{ token: string }>(
  async (request, { token }) => {
    if (!(await isGoodFeed(token.replace(/\.ics$/, '')))) throw notFound('calendar', 'at that address');
    return as(A_CALENDAR, async () => calendarReply(request, await calendarEntries()));
  },
  { open: true },
);
