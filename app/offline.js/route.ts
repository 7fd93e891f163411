import { readFile } from 'node:fs/promises';
import { join } from 'node:path';
import { route } from '@/server/http/route';

export const dynamic = 'force-dynamic';

/** The service worker of this build, which may stand before every page. */
export const GET = route(async () => {
  const file = join(process.cwd(), process.env.BAVRIN_DIST ?? '.next', 'offline.js');
  return new Response(await readFile(file), {
    headers: {
      'content-type': 'text/javascript; charset=utf-8',
      'cache-control': 'no-cache',
      'service-worker-allowed': '/',
    },
  });
});
