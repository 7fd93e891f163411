import { createHash } from 'node:crypto';
import type { Row } from 'postgres';
import { parseWith } from '../../core/base/issues/zod';
import { calendarSchema } from '../../core/exchange/calendarSchema';
import { database, type Sql } from '../db/sql';
import { accept, notFound, stale } from '../failure';
import { fieldsOf, versioned } from '../http/versioned';
import { knownId, newId } from '../ids';
import { once } from '../once';

/** The address that is good now: since when; never the address itself. */
export type CalendarFeed = { id: string; madeAt: string; ended: boolean; version: number };

const hashOf = (token: string) => createHash('sha256').update(token).digest();

function feedFromRow(row: Row): CalendarFeed {
  return {
    id: row.id,
    madeAt: row.madeAt.toISOString(),
    ended: row.endedAt !== null,
    version: row.version,
  };
}

/** The address that is good, if any. */
export async function calendarFeed(sql: Sql = database('setup')): Promise<CalendarFeed | null> {
  const [row] = await sql`select * from calendar_feeds where ended_at is null`;
  return row ? feedFromRow(row) : null;
}

/** Makes an address good, from a secret that its author made; the one before ends with that. */
export async function makeFeed(input: unknown, now = new Date()): Promise<CalendarFeed> {
  const { id, ...body } = fieldsOf(input);
  const { token } = accept(parseWith(calendarSchema, body));
  const feedId = newId(id);
  return database('setup').begin((tx) => {
    const stands = async () => feedFromRow((await tx`select * from calendar_feeds where id = ${feedId}`)[0]!);
    return once(tx, { id: feedId, kind: 'calendar', content: { token } }, stands, async () => {
      await tx`lock table calendar_feeds in share row exclusive mode`;
      await tx`update calendar_feeds set ended_at = ${now}, version = version + 1 where ended_at is null`;
      await tx`insert into calendar_feeds ${tx({ id: feedId, tokenHash: hashOf(token), madeAt: now })}`;
      return stands();
    });
  });
}

/** Ends an address for good, over the version its author saw; one that has ended is answered as it stands. */
export async function endFeed(id: string, input: unknown, now = new Date()): Promise<CalendarFeed> {
  const { version } = versioned(input);
  const feedId = knownId('calendar', id);
  return database('setup').begin(async (tx) => {
    const landed = await tx`
      update calendar_feeds set ended_at = ${now}, version = version + 1
      where id = ${feedId} and version = ${version} and ended_at is null returning 1`;
    const [row] = await tx`select * from calendar_feeds where id = ${feedId}`;
    if (!row) throw notFound('calendar', id);
    const isSoAlready = row.endedAt !== null && row.version === version + 1;
    if (landed.length === 0 && !isSoAlready) throw stale('That calendar', feedFromRow(row));
    return feedFromRow(row);
  });
}

/** Whether a secret is that of the address that is good. */
export async function isGoodFeed(token: string): Promise<boolean> {
  const rows = await database('open')`
    select 1 from calendar_feeds where token_hash = ${hashOf(token)} and ended_at is null`;
  return rows.length > 0;
}
