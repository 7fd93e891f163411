import { toFailure } from '@/server/db/failures';
import { readBytes, route } from '@/server/http/route';
import { log } from '@/server/log';
import { LARGEST_TABLE, tableFrom } from '@/server/readings/body';
import { takeTable } from '@/server/readings/takeIn';

export const dynamic = 'force-dynamic';

/**
 * Takes a table of readings in, a line of NDJSON at a time: how far it is, at last what it came to or why not. Who goes away ends it,
 * and nothing of it is kept.
 */
export const POST = route(async (request) => {
  const table = tableFrom(await readBytes(request, LARGEST_TABLE));
  const asked = new AbortController();
  const encoder = new TextEncoder();
  const body = new ReadableStream<Uint8Array>({
    async start(controller) {
      const say = (line: object) => {
        if (!asked.signal.aborted) controller.enqueue(encoder.encode(`${JSON.stringify(line)}\n`));
      };
      try {
        say({ said: await takeTable(table, (done, of) => say({ done, of }), asked.signal) });
      } catch (error) {
        if (asked.signal.aborted) return;
        const failure = toFailure(error);
        if (!failure) log.error({ err: error }, 'a table was not taken in');
        say({
          refusal: failure
            ? { code: failure.code, message: failure.message, ...failure.detail }
            : { code: 'broken', message: 'Something broke on our side. Nothing was saved.' },
        });
      }
      controller.close();
    },
    cancel: () => asked.abort(),
  });
  request.signal.addEventListener('abort', () => asked.abort());
  return new Response(body, {
    headers: { 'content-type': 'application/x-ndjson', 'x-accel-buffering': 'no' },
  });
});
