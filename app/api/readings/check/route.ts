import { readJson, route } from '@/server/http/route';
import { checkTable, LARGEST_TABLE } from '@/server/readings/takeIn';

/** A large table is read whole. */
const CHECK_MS = 90_000;

/** What a table of readings would come to. */
export const POST = route(async (request) => checkTable(await readJson(request, LARGEST_TABLE)), {
  withinMs: CHECK_MS,
  costly: true,
  right: 'work',
});
