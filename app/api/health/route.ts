import { database } from '@/server/db/sql';
import { Failure } from '@/server/failure';
import { route } from '@/server/http/route';
import { buildId } from '@/server/offline/build';

export const dynamic = 'force-dynamic';

/** Whether this server and its database answer; for the start command, a proxy, and people. */
export const GET = route(
  async () => {
    const [row] = await database('open')`select count(*)::int as migrations from schema_migrations`.catch(
      () => {
        throw new Failure('unavailable', 'The database does not answer.');
      },
    );
    return {
      app: 'bavrin',
      ok: true,
      instance: process.env.BAVRIN_INSTANCE ?? '',
      build: buildId(),
      migrations: row!.migrations,
    };
  },
  { open: true },
);
