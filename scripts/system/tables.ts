import type { Sql } from '../../server/db/sql';

/** What a value of each type is once it has come over the wire. */
const ARRIVES: Readonly<Record<string, string>> = {
  boolean: 'boolean',
  bytea: 'Buffer',
  date: 'string',
  'double precision': 'number',
  integer: 'number',
  jsonb: 'unknown',
  text: 'string',
  'timestamp with time zone': 'Date',
  tsvector: 'string',
  uuid: 'string',
  // Kept as texts by the driver: a number of ours could not hold them all.
  bigint: 'string',
  numeric: 'string',
  'character varying': 'string',
};

type Found = { table: string; column: string; type: string; required: boolean };

/** The tables and views of a migrated database as types: server/db/tables.ts. */
export async function tablesAsTypes(sql: Sql): Promise<string> {
  const found = await sql<Found[]>`
    select c.relname as table, a.attname as column, format_type(a.atttypid, null) as type, a.attnotnull as required
    from pg_attribute a join pg_class c on c.oid = a.attrelid
    where c.relnamespace = 'public'::regnamespace and c.relkind in ('r', 'v', 'm') and a.attnum > 0 and not a.attisdropped
      and c.relname <> 'schema_migrations'
    order by c.relname collate "C", a.attnum`;
  const tables = new Map<string, string[]>();
  for (const column of found) tables.set(column.table, [...(tables.get(column.table) ?? []), lineOf(column)]);
  return [
    '// Made from the migrations by `npm run tables`, and held against them by a test: what a row of each table is on arrival.',
    '',
    'export type Tables = {',
    ...[...tables].flatMap(([table, lines]) => [`  ${table}: {`, ...lines, '  };']),
    '};',
    '',
  ].join('\n');
}

function lineOf({ column, type, required }: Found): string {
  const [one, isList] = type.endsWith('[]') ? [type.slice(0, -2), true] : [type, false];
  const arrives = ARRIVES[one];
  if (arrives === undefined) throw new Error(`no type is set for a column of ${type}`);
  const name = column.replace(/_([a-z0-9])/g, (_, letter: string) => letter.toUpperCase());
  return `    ${name}: ${arrives}${isList ? '[]' : ''}${required || arrives === 'unknown' ? '' : ' | null'};`;
}
