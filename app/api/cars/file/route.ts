import { importCar } from '@/server/cars/file';
import { readJson, route } from '@/server/http/route';

/** Ten years of one car are a few megabytes. */
const LARGEST_CAR = 32 * 1024 * 1024;
const WHOLE = { depth: 24, values: 2_000_000 };
const IMPORT_MS = 6 * 60_000;

/** Takes a car's file in; `as` names it where another car has its name. */
export const POST = route(
  async (request) => {
    const as = new URL(request.url).searchParams.get('as')?.trim();
    return importCar(await readJson(request, LARGEST_CAR, WHOLE), as || undefined);
  },
  { withinMs: IMPORT_MS, costly: true, right: 'work' },
);
