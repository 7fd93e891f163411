import { readText, route } from '@/server/http/route';
import { importCases } from '@/server/ledger/exchange';

/** Ten years of cases in one go are a few megabytes. */
const LARGEST_IMPORT = 32 * 1024 * 1024;

export const POST = route(async (request) => importCases(await readText(request, LARGEST_IMPORT)));
