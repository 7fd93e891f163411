import type { Row } from 'postgres';
import type { Sql } from './db/sql';
import { notFound, stale } from './failure';
import { versioned } from './http/versioned';
import { knownId } from './ids';

type Kind = {
  table: 'fills' | 'photos' | 'track_setups' | 'change_trials' | 'bench_states';
  /** What it is called: fill. */
  name: string;
  /** What is shown of it where somebody else changed it. */
  fromRow: (row: Row) => unknown;
  columns: string[];
};

/**
 * Drops a row that was noted by mistake, or puts it back, over the version its author saw; what stands so already is
 * answered as it stands.
 * @returns its row
 */
export async function changeDropped(
  tx: Sql,
  { table, name, fromRow, columns }: Kind,
  id: string,
  input: unknown,
  now: Date,
): Promise<Row> {
  const { version, body } = versioned(input);
  const dropped = body.dropped === true;
  const rowId = knownId(name, id);
  const landed = await tx`
    update ${tx(table)} set dropped_at = ${dropped ? now : null}, version = version + 1
    where id = ${rowId} and version = ${version} returning 1`;
  const [current] = await tx`select ${tx(columns)}, dropped_at from ${tx(table)} where id = ${rowId}`;
  if (!current) throw notFound(name, id);
  const isSoAlready = (current.dropped_at !== null) === dropped && current.version > version;
  if (landed.length === 0 && !isSoAlready) throw stale(`That ${name}`, fromRow(current));
  return current;
}
