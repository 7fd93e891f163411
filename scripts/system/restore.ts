import { copyFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import type { Writable } from 'node:stream';
import { finished } from 'node:stream/promises';
import type postgres from 'postgres';
import { readRows, SECRET_TABLES, type Sink, stepsIn, withTemporary } from './archive';
import { MIGRATIONS, migrate } from './migrate';
import { asAdmin, dropDatabase, ensureDatabase, talk } from './postgres';
import { Plain } from './say';
import type { ShopDatabase } from './shop';

/**
 * Reads a backup into the place of an empty shop: into a database beside it, made by this version's own steps and
 * brought up to the newest, and then swapped. All of it or nothing, whenever it breaks off.
 */
export async function restore(shop: ShopDatabase, file: string): Promise<void> {
  const steps = await stepsIn(file);
  const known = readdirSync(MIGRATIONS);
  const unknown = steps.filter((step) => !known.some((name) => name.startsWith(`${step}_`)));
  if (unknown.length > 0)
    throw new Plain(`${file} was made by a newer Bavrin (schema ${unknown.at(-1)}). Nothing was changed.`);
  const beside = databaseBeside(shop);
  await beside.make();
  try {
    await withTemporary(async (folder) => {
      for (const name of known)
        if (steps.some((step) => name.startsWith(`${step}_`)))
          copyFileSync(join(MIGRATIONS, name), join(folder, name));
      await migrate(beside.url, folder);
    });
    await talk(beside.url, (sql) => load(sql, file));
    await migrate(beside.url);
    await beside.swap();
  } catch (error) {
    await beside.drop();
    throw error instanceof Plain
      ? new Plain(`the restore failed, the shop is as before: ${error.message}`)
      : error;
  }
}

/** A database next to the shop's, under a name of its own, that can take its place. */
function databaseBeside({ url, name, cluster }: ShopDatabase) {
  const [fresh, old] = [`${name}_restoring`, `${name}_replaced`];
  const at = new URL(url);
  at.pathname = `/${fresh}`;
  const maintenance = new URL(url);
  maintenance.pathname = '/postgres';
  const asOwner = <T>(work: (sql: postgres.Sql) => Promise<T>) =>
    cluster ? asAdmin(cluster, work) : talk(maintenance.href, work);
  const drop = async (which: string) => {
    if (cluster) await dropDatabase(cluster, which);
    else await asOwner((sql) => sql`drop database if exists ${sql(which)} with (force)`);
  };
  return {
    url: at.href,
    async make() {
      for (const left of [fresh, old]) await drop(left);
      if (cluster) await ensureDatabase(cluster, fresh);
      else await asOwner((sql) => sql`create database ${sql(fresh)}`);
    },
    drop: () => drop(fresh),
    /** Both names in one transaction; connections to the empty shop come back to the full one. */
    async swap() {
      await asOwner(async (sql) => {
        await sql`select pg_terminate_backend(pid) from pg_stat_activity where datname in (${name}, ${fresh}) and pid <> pg_backend_pid()`;
        await sql.begin(async (tx) => {
          await tx`alter database ${tx(name)} rename to ${tx(old)}`;
          await tx`alter database ${tx(fresh)} rename to ${tx(name)}`;
        });
      });
      await drop(old);
    },
  };
}

/** All rows in one transaction, references checked at its end: the archive's order is its own. */
async function load(sql: postgres.Sql, file: string): Promise<void> {
  const tables = await columnsOf(sql);
  const references = await sql`
    select conrelid::regclass::text as table, conname as name from pg_constraint
    where contype = 'f' and connamespace = 'public'::regnamespace`;
  const setDeferrable = async (tx: postgres.Sql | postgres.TransactionSql, how: string) => {
    for (const { table, name } of references)
      await tx.unsafe(`alter table ${table} alter constraint "${name}" ${how}`);
  };
  await setDeferrable(sql, 'deferrable');
  await sql.begin(async (tx) => {
    await tx`set constraints all deferred`;
    await tx`select set_config('bavrin.restoring', 'on', true)`;
    const loaded = new Set<string>();
    await readRows(file, [], ({ table, columns }) => {
      const own = tables.get(table);
      if (!own || loaded.has(table) || !columns.every((column) => own.has(column))) return undefined;
      loaded.add(table);
      return table === 'schema_migrations' ? nowhere : copyInto(tx, table, columns);
    });
    const missing = [...tables.keys()].filter((table) => !loaded.has(table) && !isSecret(table));
    if (missing.length > 0) throw new Plain(`it lacks ${missing.join(', ')}`);
  });
  await setDeferrable(sql, 'not deferrable');
  await countIdentitiesOn(sql, tables);
}

const isSecret = (table: string) => (SECRET_TABLES as readonly string[]).includes(table);

const nowhere: Sink = { row: async () => {}, end: async () => {} };

function copyInto(tx: postgres.TransactionSql, table: string, columns: string[]): Sink {
  const list = columns.map((column) => `"${column}"`).join(', ');
  let failure: Error | undefined;
  const opened = tx
    .unsafe(`copy public."${table}" (${list}) from stdin`)
    .writable()
    .then((stream: Writable) =>
      stream.on('error', (error) => {
        failure ??= new Plain(`a row of ${table} is not what this shop keeps: ${error.message}`);
      }),
    );
  return {
    async row(line) {
      const stream = await opened;
      if (failure) throw failure;
      if (!stream.write(`${line}\n`))
        await new Promise((resolve) => stream.once('drain', resolve).once('close', resolve));
    },
    async end() {
      const stream = await opened;
      stream.end();
      await finished(stream).catch(() => {});
      if (failure) throw failure;
    },
  };
}

/** The tables of the schema with the columns that are written (a generated one is not). */
async function columnsOf(sql: postgres.Sql): Promise<Map<string, Set<string>>> {
  const rows = await sql`
    select table_name as table, column_name as name
    from information_schema.columns join information_schema.tables using (table_schema, table_name)
    where table_schema = 'public' and is_generated = 'NEVER' and table_type = 'BASE TABLE'`;
  const tables = new Map<string, Set<string>>();
  for (const { table, name } of rows) tables.set(table, (tables.get(table) ?? new Set()).add(name));
  return tables;
}

/** Identities go on after the highest that came in. */
async function countIdentitiesOn(sql: postgres.Sql, tables: Map<string, Set<string>>): Promise<void> {
  const identities = await sql`
    select table_name as table, column_name as name from information_schema.columns
    where table_schema = 'public' and is_identity = 'YES'`;
  for (const { table, name } of identities)
    if (tables.has(table))
      await sql.unsafe(
        `select setval(pg_get_serial_sequence('public."${table}"', '${name}'), greatest(1, (select coalesce(max("${name}"), 0) from "${table}")), exists (select 1 from "${table}"))`,
      );
}
