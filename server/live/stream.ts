import { onJobChange } from './changes';

/** Keeps the line open past whatever closes idle ones, ms. */
const HEARTBEAT_MS = 20_000;

/** What begins the word of where somebody is in a job, not of what is written. */
const HERE = 'here ';

/** Not to be compressed: what is compressed waits for more. */
const HEADERS = { 'content-type': 'text/event-stream', 'cache-control': 'no-cache, no-transform' };

/**
 * A stream of events (HTML Standard, server-sent events): one each time something is written of this job, or of anything in the shop,
 * and a first one as soon as it hears of all that is written, for what was written before.
 * Each page that listens looks for itself what it was: an event says that there is something, not what. Who comes to a job, leaves it or
 * goes on in it is an event of its own, `here`.
 */
export function changeStream(request: Request, jobId?: string): Response {
  // Asked for its head alone nobody would ever end it.
  if (request.method === 'HEAD') return new Response(null, { headers: HEADERS });
  const text = new TextEncoder();
  let stop = () => {};
  const body = new ReadableStream<Uint8Array>({
    start(controller) {
      const send = (line: string) => controller.enqueue(text.encode(line));
      send('retry: 2000\n\n');
      const off = onJobChange((changed) => {
        if (changed.startsWith(HERE)) {
          if (changed === `${HERE}${jobId}`) send('event: here\ndata: here\n\n');
        } else if (jobId === undefined || changed === jobId || changed === '') send('data: changed\n\n');
      });
      const beat = setInterval(() => send(': still here\n\n'), HEARTBEAT_MS);
      stop = () => {
        clearInterval(beat);
        off();
      };
      request.signal.addEventListener('abort', () => stop());
    },
    cancel: () => stop(),
  });
  return new Response(body, { headers: HEADERS });
}
