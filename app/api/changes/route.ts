import { route } from '@/server/http/route';
import { changeStream } from '@/server/live/stream';

export const dynamic = 'force-dynamic';

/** Says each time something is written of any job. */
export const GET = route(async (request) => changeStream(request));
