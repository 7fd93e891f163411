import { readFile } from 'node:fs/promises';
import { route } from '@/server/http/route';
import { ofBuild } from '@/server/offline/build';

export const dynamic = 'force-dynamic';

/** The service worker of this build, which may stand before every page. */
export const GET = route(
  async () => {
    return new Response(await readFile(ofBuild('offline.js')), {
      headers: {
        'content-type': 'text/javascript; charset=utf-8',
        'cache-control': 'no-cache',
        'service-worker-allowed': '/',
      },
    });
  },
  { open: true },
);
