import { RateLimiterPostgres, RateLimiterRes } from 'rate-limiter-flexible';
import { database } from '../db/sql';
import { Failure } from '../failure';

type Query = { text: string; values: unknown[] };

/** The library speaks to a client that takes text and values; ours is asked in its words. */
const client = {
  async query({ text, values }: Query) {
    const rows = await database('open').unsafe(text, values as never[]);
    return { rows, rowCount: rows.count };
  },
};

/** So many within so long, s, counted in the database: all servers of a shop share it. */
const LIMITS = {
  /** Wrong secrets for one name: enough for gloves, too few to guess by. */
  secret: { points: 6, duration: 15 * 60 },
  /** Wrong secrets from one device or address, whatever the names. */
  place: { points: 30, duration: 15 * 60 },
  /** What keeps the machine busy: imports, tables, whole exports. */
  costly: { points: 30, duration: 60 },
} as const;
export type Limit = keyof typeof LIMITS;

const made = new Map<Limit, RateLimiterPostgres>();

function limiter(limit: Limit): RateLimiterPostgres {
  const known = made.get(limit);
  if (known) return known;
  const fresh = new RateLimiterPostgres({
    storeClient: client,
    storeType: 'client',
    tableName: 'rate_limits',
    tableCreated: true,
    clearExpiredByTimeout: false,
    keyPrefix: limit,
    ...LIMITS[limit],
  });
  made.set(limit, fresh);
  return fresh;
}

/** Counts one try. @throws Failure `too_often`, with the seconds to wait */
export async function countTry(limit: Limit, key: string): Promise<void> {
  try {
    await limiter(limit).consume(key.slice(0, 200));
  } catch (error) {
    if (!(error instanceof RateLimiterRes)) throw error;
    const seconds = Math.ceil(error.msBeforeNext / 1000);
    const wait = seconds > 90 ? `${Math.ceil(seconds / 60)} minutes` : `${seconds} seconds`;
    throw new Failure('too_often', `That was tried too often. Try again in ${wait}.`);
  }
}

/** What was right after all counts for nothing: neither the slips before it, nor itself. */
export async function forgive(who: string, place: string): Promise<void> {
  await limiter('secret').delete(who.slice(0, 200));
  await limiter('place').reward(place.slice(0, 200), 1);
}
