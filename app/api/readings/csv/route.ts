import { csvAnswer } from '@/server/http/csv';
import { route } from '@/server/http/route';
import { readingsCsv } from '@/server/readings/csv';

export const dynamic = 'force-dynamic';

/** Readings as a table: of the shop, or of the car that is named. */
export const GET = route(
  async (request) =>
    csvAnswer(await readingsCsv(new URL(request.url).searchParams.get('car')), 'bavrin-readings.csv'),
  { costly: true, right: 'read' },
);
