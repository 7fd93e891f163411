import { failed, readJson, route } from '@/server/http/route';
import { LARGEST_TABLE, takeTable } from '@/server/readings/takeIn';

export const dynamic = 'force-dynamic';

/**
 * Takes a table of readings in, a line of NDJSON at a time: how far it is, at last what it came to or why not. Who goes away ends it,
 * and nothing of it is kept.
 */
export const POST = route(
  async (request) => {
    const table = await readJson(request, LARGEST_TABLE);
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
          say({ refusal: failed(error, { method: 'POST', path: '/api/readings' }).body });
        }
        controller.close();
      },
      cancel: () => asked.abort(),
    });
    request.signal.addEventListener('abort', () => asked.abort());
    return new Response(body, {
      headers: { 'content-type': 'application/x-ndjson', 'x-accel-buffering': 'no' },
    });
  },
  { costly: true, right: 'work' },
);
