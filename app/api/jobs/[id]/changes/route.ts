import { route } from '@/server/http/route';
import { jobExists } from '@/server/jobs/queries';
import { changeStream } from '@/server/live/stream';

export const dynamic = 'force-dynamic';

/** Says each time something is written of this job. */
export const GET = route<{ id: string }>(async (request, { id }) =>
  changeStream(request, await jobExists(id)),
);
