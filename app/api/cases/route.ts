import { readBytes, route } from '@/server/http/route';
import { importCases } from '@/server/ledger/exchange';

/** Ten years of cases in one go are a few megabytes. */
const LARGEST_IMPORT = 32 * 1024 * 1024;
/** And may take their time. */
const IMPORT_MS = 6 * 60_000;

export const POST = route(async (request) => importCases(await readBytes(request, LARGEST_IMPORT)), {
  withinMs: IMPORT_MS,
  costly: true,
  right: 'work',
});
