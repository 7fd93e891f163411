import { route } from '@/server/http/route';
import { exportCase } from '@/server/ledger/exchange';

/** The job in the open case format, to keep or to hand on. */
export const GET = route<{ id: string }>(async (_request, { id }) => {
  const file = await exportCase(id);
  return new Response(`${JSON.stringify(file, null, 1)}\n`, {
    headers: {
      'content-type': 'application/json',
      'content-disposition': `attachment; filename="bavrin-case-${id.slice(0, 8)}.json"`,
    },
  });
});
