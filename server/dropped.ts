import type { RowOf } from './db/rows';
import type { Sql } from './db/sql';
import { notFound, stale } from './failure';
import { versioned } from './http/versioned';
import { knownId } from './ids';

type Droppable = 'fills' | 'photos' | 'track_setups' | 'change_trials' | 'bench_states';

/** What says whether a row stands. */
type Stands = Pick<RowOf<Droppable>, 'version' | 'droppedAt'>;

type Kind<T extends Droppable, Column extends keyof RowOf<T> & string> = {
  table: T;
  /** What it is called: fill. */
  name: string;
  /** What is shown of it where somebody else changed it. */
  fromRow: (row: Pick<RowOf<T>, Column>) => unknown;
  /** Its version is one of them. */
  columns: readonly Column[];
};

/**
 * Drops a row that was noted by mistake, or puts it back, over the version its author saw; what stands so already is
 * answered as it stands.
 * @returns its row
 */
export async function changeDropped<T extends Droppable, Column extends keyof RowOf<T> & string>(
  tx: Sql,
  { table, name, fromRow, columns }: Kind<T, Column>,
  id: string,
  input: unknown,
  now: Date,
): Promise<Pick<RowOf<T>, Column>> {
  const { version, body } = versioned(input);
  const dropped = body.dropped === true;
  const rowId = knownId(name, id);
  // Plain texts to the driver, whatever the types know of them.
  const [rows, asked]: [string, readonly string[]] = [table, columns];
  const landed = await tx`
    update ${tx(rows)} set dropped_at = ${dropped ? now : null}, version = version + 1
    where id = ${rowId} and version = ${version} returning 1`;
  const [current] = await tx<(Pick<RowOf<T>, Column> & Stands)[]>`
    select ${tx(asked)}, dropped_at from ${tx(rows)} where id = ${rowId}`;
  if (!current) throw notFound(name, id);
  const isSoAlready = (current.droppedAt !== null) === dropped && current.version > version;
  if (landed.length === 0 && !isSoAlready) throw stale(`That ${name}`, fromRow(current));
  return current;
}
