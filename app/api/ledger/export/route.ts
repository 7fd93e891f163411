import { AsyncLocalStorage } from 'node:async_hooks';
import { route } from '@/server/http/route';
import { exportLedger } from '@/server/ledger/exchange';

export const dynamic = 'force-dynamic';

/** Every closed job, one case a line, streamed. */
export const GET = route(
  async () => {
    const lines = exportLedger();
    // The stream is read on long after this has answered, still for whoever asked.
    const forThem = AsyncLocalStorage.snapshot();
    const encoder = new TextEncoder();
    const body = new ReadableStream<Uint8Array>({
      async pull(controller) {
        const { value, done } = await forThem(() => lines.next());
        if (done) controller.close();
        else controller.enqueue(encoder.encode(value));
      },
    });
    return new Response(body, {
      headers: {
        'content-type': 'application/x-ndjson',
        'content-disposition': 'attachment; filename="bavrin-ledger.ndjson"',
      },
    });
  },
  { costly: true, right: 'read' },
);
