import { route } from '@/server/http/route';
import { readingsCsv } from '@/server/readings/csv';

export const dynamic = 'force-dynamic';

/** Readings as a table: of the shop, or of the car that is named. */
export const GET = route(
  async (request) =>
    new Response(await readingsCsv(new URL(request.url).searchParams.get('car')), {
      headers: {
        'content-type': 'text/csv; charset=utf-8; header=present',
        'content-disposition': 'attachment; filename="bavrin-readings.csv"',
      },
    }),
);
