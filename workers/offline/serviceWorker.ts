/// <reference lib="webworker" />
import { ExpirationPlugin } from 'workbox-expiration';
import { registerRoute } from 'workbox-routing';
import { CacheFirst, NetworkFirst } from 'workbox-strategies';
import { type Asking, PAGES, PHOTOS, SHEETS, STATIC } from './keep';
import { keeper } from './keeping';

declare const self: ServiceWorkerGlobalScope;

/** A network that says nothing for so long is none, s. */
const SILENT_S = 6;
const DAY_S = 86_400;
const keep = keeper();
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
  event.waitUntil(keep(event.data as Asking).then((kept) => event.ports[0]?.postMessage({ kept }))),
);

/** A page of a job that the device has not: one that began here, perhaps. */
function isOfJob({ pathname }: URL): boolean {
  return /^\/job\/[0-9a-f-]{36}(\/|$)/.test(pathname);
}

/** The page as it is kept without what its address asks for besides. */
function withoutSearch(url: URL): Promise<Response | undefined> {
  return caches.match(url.pathname);
}
