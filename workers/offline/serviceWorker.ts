/// <reference lib="webworker" />
import { ExpirationPlugin } from 'workbox-expiration';
import { registerRoute } from 'workbox-routing';
import { CacheFirst, NetworkFirst } from 'workbox-strategies';
import { type Keep, PAGES, PHOTOS, SHEETS, STATIC } from './keep';

declare const self: ServiceWorkerGlobalScope;

/** A network that says nothing for so long is none, s. */
const SILENT_S = 6;
const DAY_S = 86_400;
/** Stands for every page of a job that the device does not have as such. */
const ANY_JOB = '/job/kept';

/**
 * What a build made is named by its content: the same for ever. A worker of the page takes its address from the answer, and of one out of a
 * cache it would lose what stands behind the #: it is given an answer without an address, and keeps its own.
 */
registerRoute(
  ({ url, sameOrigin }) =>
    sameOrigin &&
    (url.pathname.startsWith('/_next/static/') || /^\/(icon\.svg|early\.js)$/.test(url.pathname)),
  new CacheFirst({
    cacheName: STATIC,
    matchOptions: { ignoreSearch: true },
    plugins: [
      new ExpirationPlugin({ maxAgeSeconds: 60 * DAY_S }),
      {
        handlerWillRespond: async ({ request, response }) =>
          request.destination === 'worker' ? new Response(response.body, response) : response,
      },
    ],
  }),
);

/** Pages as the server last gave them; what was entered since lies over them on the device. */
const pages = new NetworkFirst({
  cacheName: PAGES,
  networkTimeoutSeconds: SILENT_S,
  plugins: [new ExpirationPlugin({ maxEntries: 400, maxAgeSeconds: 30 * DAY_S })],
});
registerRoute(
  ({ request, sameOrigin }) => sameOrigin && request.mode === 'navigate',
  async (options) => {
    try {
      return await pages.handle(options);
    } catch {
      return (
        (await withoutSearch(options.url)) ??
        (isOfJob(options.url) ? await caches.match(ANY_JOB) : undefined) ??
        (await caches.match('/offline')) ??
        Response.error()
      );
    }
  },
);

registerRoute(
  ({ url, sameOrigin }) => sameOrigin && /^\/api\/(jobs\/[^/]+|cars\/[^/]+\/blank|find)$/.test(url.pathname),
  new NetworkFirst({ cacheName: SHEETS, networkTimeoutSeconds: SILENT_S }),
);
registerRoute(
  ({ url, sameOrigin }) => sameOrigin && /^\/api\/photos\/[^/]+$/.test(url.pathname),
  new CacheFirst({ cacheName: PHOTOS, plugins: [new ExpirationPlugin({ maxEntries: 200 })] }),
);

self.addEventListener('install', () => void self.skipWaiting());
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));
self.addEventListener('message', (event) =>
  event.waitUntil(keep(event.data as Keep).then((kept) => event.ports[0]?.postMessage({ kept }))),
);

/** Fetches what is to be there without a network, one after another, so that nobody who works waits for it. */
async function keep({ files, always, sheets, pages: ofJobs }: Keep): Promise<number> {
  const build = await caches.open(STATIC);
  for (const file of files) {
    if (await build.match(file)) continue;
    const response = await fetch(file).catch(() => undefined);
    if (response?.ok) await build.put(file, response);
  }
  const kept = await keepPages(always);
  const known = await caches.open(SHEETS);
  for (const sheet of sheets) {
    const response = await fetch(sheet).catch(() => undefined);
    if (response?.ok) await known.put(sheet, response);
  }
  return kept + (await keepPages(ofJobs));
}

/** How many of them there are now. */
async function keepPages(addresses: readonly string[]): Promise<number> {
  const shown = await caches.open(PAGES);
  let kept = 0;
  for (const address of addresses) {
    const response = await fetch(address, { headers: { accept: 'text/html' } }).catch(() => undefined);
    // A page that moved on (a job's first address leads to its stage) is kept under both.
    if (!response?.ok || isDoor(response)) continue;
    await shown.put(address, response.redirected ? await unredirected(response) : response);
    kept += 1;
  }
  return kept;
}

/** A page of a job that the device has not: one that began here, perhaps. */
function isOfJob({ pathname }: URL): boolean {
  return /^\/job\/[0-9a-f-]{36}(\/|$)/.test(pathname);
}

/** Nobody is signed in: what came instead of the page is kept under no page's name. */
function isDoor({ redirected, url }: Response): boolean {
  return redirected && new URL(url).pathname === '/sign-in';
}

/** A browser takes no answer for a page that was led elsewhere; its content is the same. */
async function unredirected(response: Response): Promise<Response> {
  return new Response(await response.blob(), { headers: response.headers });
}

/** The page as it is kept without what its address asks for besides. */
function withoutSearch(url: URL): Promise<Response | undefined> {
  return caches.match(url.pathname);
}
