import { originOf } from '../people/cookies';
import { getShop } from '../shop/queries';
import type { CalendarEntry } from './entries';
import { calendarText } from './ics';

/** A calendar as the answer to a request, its links under the name it was asked by. */
export async function calendarReply(request: Request, entries: readonly CalendarEntry[]): Promise<Response> {
  const { name } = await getShop();
  return new Response(calendarText(entries, name, originOf(request)), {
    headers: {
      'content-type': 'text/calendar; charset=utf-8',
      'content-disposition': 'attachment; filename="bavrin.ics"',
      'cache-control': 'no-store',
    },
  });
}
