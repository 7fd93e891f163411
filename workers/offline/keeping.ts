/// <reference lib="webworker" />
import { type Asking, type Keep, PAGES, SHEETS, STATIC } from './keep';

/**
 * Fetches what is to be there without a network, one after another, so that nobody who works waits for it.
 * @returns how it is asked; it says false where somebody else came in meanwhile: then not all of it is there
 */
export function keeper(): (asking: Asking) => Promise<boolean> {
  /** For whom pages are kept now: whoever asked last. */
  let whose: string | undefined;
  /** All of it, while it is being fetched: a page gone on to meanwhile asks for the same, and waits for this one. */
  let whole: Promise<boolean> | undefined;
  return (asking) => {
    if (asking.whose !== whose) {
      whose = asking.whose;
      whole = undefined;
    }
    const isTheirs = () => whose === asking.whose;
    if (!asking.whole) return fetchAll(asking.keep, isTheirs);
    if (whole) return whole;
    const mine = fetchAll(asking.keep, isTheirs).finally(() => {
      if (whole === mine) whole = undefined;
    });
    whole = mine;
    return mine;
  };
}

async function fetchAll({ files, always, sheets, pages }: Keep, isTheirs: () => boolean): Promise<boolean> {
  // Opened once: should they be forgotten meanwhile, what is still under way goes with them and is kept of nobody.
  const build = await caches.open(STATIC);
  const shown = await caches.open(PAGES);
  const known = await caches.open(SHEETS);
  const each = async (addresses: readonly string[], take: (address: string) => Promise<void>) => {
    for (const address of addresses) if (isTheirs()) await take(address).catch(() => undefined);
  };
  const page = (address: string) => keepPage(shown, address);
  await each(files, async (file) => {
    if (!(await build.match(file))) await put(build, file, await fetch(file));
  });
  await each(always, page);
  await each(sheets, async (sheet) => put(known, sheet, await fetch(sheet)));
  await each(pages, page);
  return isTheirs();
}

async function put(cache: Cache, address: string, response: Response): Promise<void> {
  if (response.ok) await cache.put(address, response);
}

async function keepPage(shown: Cache, address: string): Promise<void> {
  const response = await fetch(address, { headers: { accept: 'text/html' } });
  // A page that moved on (a job's first address leads to its stage) is kept under both.
  if (!isDoor(response))
    await put(shown, address, response.redirected ? await unredirected(response) : response);
}

/** Nobody is signed in: what came instead of the page is kept under no page's name. */
function isDoor({ redirected, url }: Response): boolean {
  return redirected && new URL(url).pathname === '/sign-in';
}

/** A browser takes no answer for a page that was led elsewhere; its content is the same. */
async function unredirected(response: Response): Promise<Response> {
  const { status, headers } = response;
  return new Response(await response.blob(), { status, headers });
}
