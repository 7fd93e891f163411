import postgres from 'postgres';
import type { Right } from '../../core/base/people/roles';
import { Failure } from '../failure';
import { type Actor, actorWith, whoActs } from '../people/actor';
import { within } from './deadline';

/** The connection pool: one a process, made on first use, so that building the application needs no database. */
let pool: Database | undefined;

/** A query says what its rows are (`RowOf` of a table, or a type of its own); the columns of one that does not are unknown. */
type Asks = <Rows extends readonly (object | undefined)[] = Record<string, unknown>[]>(
  template: TemplateStringsArray,
  ...parameters: readonly postgres.ParameterOrFragment<never>[]
) => postgres.PendingQuery<Rows>;

/** What queries are asked of: the pool, or a transaction of it. */
export type Sql = Asks & postgres.ISql;

/** The pool. */
export type Database = Asks & {
  begin<T>(work: (tx: Sql) => Promise<T>): Promise<T>;
} & postgres.Sql;

/** A query the database works on longer than this is ended there, ms. */
const STATEMENT_MS = 15_000;
/** A database that says nothing for longer than this does not answer any more, ms. */
const SILENT_MS = STATEMENT_MS + 2_000;

/** A database on a machine that is busy takes its time to open the door, s; one that is away refuses at once. */
const CONNECT_S = 15;

/** How long a connection that failed waits for its next attempt, s: a database that is back is found within a second. */
const backoff = (attempts: number) => Math.min(0.01 * 3 ** attempts, 1);

/** What is asked for: something only certain people may do, or what the shop needs whoever asks (who it is, its name, its clock). */
export type Asked = Right | 'open';

/** Rights that change nothing: the database itself refuses what would. */
const READS: readonly Asked[] = ['own', 'read'];

/**
 * The database, for whoever asks with a right: the one door to what is on file, so that nothing is read or written that nobody may.
 * Short waits: a person is standing there.
 * @param silentMs how long a whole transaction may take
 * @throws Failure `signed_out`, `forbidden`
 */
export function database(right: Asked = 'read', silentMs = SILENT_MS): Database {
  const actor = right === 'open' ? whoActs() : actorWith(right);
  pool ??= connect();
  return bounded(pool, silentMs, (tx) => introduce(tx, actor, READS.includes(right)));
}

/** Says in a transaction who writes: what is written down carries it. */
async function introduce(tx: Sql, actor: Actor | undefined, readsOnly: boolean): Promise<void> {
  await tx`
    select set_config('bavrin.actor', ${actor?.id ?? ''}, true), set_config('bavrin.device', ${actor?.deviceId ?? ''}, true),
      set_config('transaction_read_only', ${readsOnly ? 'on' : 'off'}, true)`;
}

/** Connections of their own, beside the pool. @throws Failure when no database is set */
export function connect(own: postgres.Options<Record<string, never>> = {}): Database {
  const url = process.env.DATABASE_URL;
  if (!url) throw new Failure('unavailable', 'No database is set: DATABASE_URL is empty.');
  return postgres(url, {
    max: 10,
    connect_timeout: CONNECT_S,
    idle_timeout: 60,
    backoff,
    onnotice: () => {},
    // Columns read as names of the code do; what lies in a document keeps its keys.
    transform: { column: { from: postgres.toCamel, to: postgres.fromCamel } },
    connection: { application_name: 'bavrin', statement_timeout: STATEMENT_MS },
    types: {
      date: { to: 1082, from: [1082], serialize: (value: string) => value, parse: (value: string) => value },
    },
    ...own,
  });
}

/**
 * The pool with a deadline on every query and transaction: a database that hangs (a full disk, a dead wire) sends
 * nothing that could time out by itself. Its connections are given up with it, and the next request makes new ones.
 */
function bounded(sql: Database, silentMs: number, first: (tx: Sql) => Promise<void>): Database {
  const giveUp = () => {
    if (pool === sql) pool = undefined;
    void sql.end({ timeout: 0 }).catch(() => {});
  };
  return new Proxy(sql, {
    apply(target, self, args) {
      const made: unknown = Reflect.apply(target, self, args);
      // A query runs when it is waited for; what is only part of one is never waited for.
      if (made instanceof Promise) {
        const wait = made.then.bind(made);
        // biome-ignore lint/suspicious/noThenProperty: waiting is where a deadline belongs
        made.then = (taken, refused) =>
          within(silentMs, new Promise((resolve, reject) => wait(resolve, reject)), giveUp).then(
            taken,
            refused,
          );
      }
      return made;
    },
    get(target, name, self) {
      if (name !== 'begin') return Reflect.get(target, name, self);
      return (work: (tx: Sql) => Promise<unknown>) =>
        within(
          silentMs,
          untilAlone(() =>
            target.begin(async (tx) => {
              await first(tx);
              return work(tx);
            }),
          ),
          giveUp,
        );
    },
  });
}

/** Two transactions that wait for each other, or read what the other changed: the database gave one of them up whole. */
const MET = new Set(['40P01', '40001']);
const MOST_TRIES = 4;

/** A transaction that met another is done again; nothing of it was kept. */
async function untilAlone<T>(run: () => Promise<T>): Promise<T> {
  for (let tried = 1; ; tried++)
    try {
      return await run();
    } catch (error) {
      if (tried === MOST_TRIES || !MET.has((error as { code?: string }).code ?? '')) throw error;
    }
}

/** Ends all connections; for tests and shutdown. */
export async function closeDatabase(): Promise<void> {
  await pool?.end({ timeout: 2 });
  pool = undefined;
}
