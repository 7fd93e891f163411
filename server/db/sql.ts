import postgres from 'postgres';
import { Failure } from '../failure';
import { log } from '../log';

/** The connection pool: one a process, made on first use, so that building the application needs no database. */
let pool: postgres.Sql | undefined;

export type Sql = postgres.Sql | postgres.TransactionSql;

/** The database. Short waits: a person is standing there. */
export function database(): postgres.Sql {
  if (pool) return pool;
  const url = process.env.DATABASE_URL;
  if (!url) throw new Failure('unavailable', 'No database is set: DATABASE_URL is empty.');
  pool = postgres(url, {
    max: 10,
    connect_timeout: 5,
    idle_timeout: 60,
    onnotice: () => {},
    connection: { application_name: 'bavrin', statement_timeout: 15_000 },
    types: {
      date: { to: 1082, from: [1082], serialize: (value: string) => value, parse: (value: string) => value },
    },
  });
  return pool;
}

/** Ends all connections; for tests and shutdown. */
export async function closeDatabase(): Promise<void> {
  await pool?.end({ timeout: 2 });
  pool = undefined;
}

/** Connection troubles, as Postgres.js and PostgreSQL name them. */
const AWAY = new Set([
  'ECONNREFUSED',
  'ECONNRESET',
  'EPIPE',
  'ENOTFOUND',
  'ETIMEDOUT',
  'CONNECT_TIMEOUT',
  'CONNECTION_CLOSED',
  'CONNECTION_ENDED',
  'CONNECTION_DESTROYED',
  '57P01',
  '57P02',
  '57P03',
  '53300',
  '08006',
  '08001',
]);

/** The error as the application's own failure, where it is one that can be told plainly. */
export function toFailure(error: unknown): Failure | undefined {
  if (error instanceof Failure) return error;
  const code = (error as { code?: string }).code ?? '';
  if (AWAY.has(code)) {
    log.error({ code, message: (error as Error).message }, 'database does not answer');
    return new Failure(
      'unavailable',
      'The database does not answer. Nothing was saved; it will be tried again.',
    );
  }
  return undefined;
}
