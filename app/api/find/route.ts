import { findEntries } from '@/server/find/queries';
import { route } from '@/server/http/route';

export const dynamic = 'force-dynamic';

/** All that can be found from any screen. */
export const GET = route(async () => findEntries());
