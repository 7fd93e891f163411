import { calendarEntries } from '@/server/calendar/entries';
import { makeFeed } from '@/server/calendar/feed';
import { calendarReply } from '@/server/calendar/reply';
import { readJson, route } from '@/server/http/route';

export const dynamic = 'force-dynamic';

/** What is due, as a file. */
export const GET = route(async (request) => calendarReply(request, await calendarEntries()));

export const POST = route(async (request) => makeFeed(await readJson(request)));
