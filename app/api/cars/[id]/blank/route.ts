import { route } from '@/server/http/route';
import { blankOf } from '@/server/jobs/blank';

export const dynamic = 'force-dynamic';

/** What a job of this car begins with; a device keeps it for when there is no network. */
export const GET = route<{ id: string }>(async (_request, { id }) => blankOf(id));
