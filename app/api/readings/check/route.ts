import { readBytes, route } from '@/server/http/route';
import { LARGEST_TABLE, tableFrom } from '@/server/readings/body';
import { checkTable } from '@/server/readings/takeIn';

/** A large table is read whole. */
const CHECK_MS = 90_000;

/** What a table of readings would come to. */
export const POST = route(
  async (request) => checkTable(tableFrom(await readBytes(request, LARGEST_TABLE))),
  CHECK_MS,
);
