import { route } from '@/server/http/route';
import { knownId } from '@/server/ids';
import { offlineList } from '@/server/offline/list';

export const dynamic = 'force-dynamic';

/** What a device keeps to work without a network: of the whole bay, or of one job. */
export const GET = route(async (request) => {
  const job = new URL(request.url).searchParams.get('job');
  return offlineList(job ? knownId('job', job) : undefined);
});
