import { existsSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { basename, dirname, join } from 'node:path';
import { endsWithUs, runChild } from './child';
import { onInterrupt } from './interrupt';
import { withNamed } from './namedFile';
import { postgresPrograms } from './postgres';
import { Plain } from './say';
import { nameWhole } from './whole';

/** What lets somebody in, or is of this minute only: not in a backup unless it is asked for. */
export const SECRET_TABLES = [
  'person_secrets',
  'sessions',
  'passes',
  'first_codes',
  'rate_limits',
  'presence',
] as const;

/**
 * Writes a whole shop to one file, in PostgreSQL's own archive format. It is written beside, read through, and only then
 * named: a backup that breaks off leaves the one that was there.
 * @param withSecrets whether hashes of passwords and PINs, and who is signed in, go with it
 */
export async function backup(url: string, file: string, { withSecrets = false } = {}): Promise<void> {
  const beside = join(dirname(file), `.${basename(file)}.${process.pid}.half`);
  const forget = () => rmSync(beside, { force: true });
  // For its owner alone from the first byte: a shop's record is nobody else's to read.
  withNamed(file, 'written', () => writeFileSync(beside, '', { mode: 0o600 }));
  const undo = onInterrupt(forget);
  try {
    const { program, env } = connection(url);
    const done = await runChild(
      endsWithUs([
        program('pg_dump'),
        ...['--format=custom', '--no-owner', '--no-acl', `--file=${beside}`],
        ...(withSecrets ? [] : SECRET_TABLES.map((table) => `--exclude-table-data=public.${table}`)),
      ]),
      { env },
    );
    if (done.status !== 0) throw new Plain(`the backup failed, nothing was changed: ${reason(done)}`);
    const read = await runChild(endsWithUs([program('pg_restore'), '--file=/dev/null', beside]));
    if (read.status !== 0)
      throw new Plain(`the backup could not be read back, nothing was changed: ${reason(read)}`);
    withNamed(file, 'written', () => nameWhole(beside, file));
  } finally {
    forget();
    undo();
  }
}

function reason({ status, stderr }: { status: number | null; stderr: string }): string {
  return (
    stderr.trim() ||
    (status === null ? 'it was ended (a full disk, or a limit on file sizes)' : `code ${status}`)
  );
}

/** How PostgreSQL's programs reach a database: by the environment, since a command line can be read by everybody. */
function connection(url: string): { program: (name: string) => string; env: NodeJS.ProcessEnv } {
  const { hostname, port, username, password, pathname, searchParams } = new URL(url);
  return {
    program: (name) => join(postgresPrograms(), name),
    env: {
      ...process.env,
      PGHOST: decodeURIComponent(hostname),
      PGPORT: port || '5432',
      PGUSER: decodeURIComponent(username),
      PGPASSWORD: decodeURIComponent(password),
      PGDATABASE: decodeURIComponent(pathname.slice(1)),
      PGSSLMODE: searchParams.get('sslmode') ?? 'prefer',
    },
  };
}

/** The schema steps a backup was made with, in order; also the proof that it is one. */
export async function stepsIn(file: string): Promise<string[]> {
  if (!existsSync(file)) throw new Plain(`there is no file ${file}`);
  const steps: string[] = [];
  try {
    await readRows(file, ['--table=schema_migrations'], ({ table, columns }) =>
      table === 'schema_migrations' && columns.length === 1
        ? { row: async (line) => void steps.push(line), end: async () => {} }
        : undefined,
    );
  } catch (error) {
    throw error instanceof Plain ? new Plain(`${file} is no Bavrin backup: ${error.message}`) : error;
  }
  if (steps.length === 0) throw new Plain(`${file} is no Bavrin backup`);
  return steps.sort();
}

/** Where the rows of one table go, as COPY writes them. */
export type Sink = { row: (line: string) => Promise<void>; end: () => Promise<void> };

const COPY = /^COPY public\.([a-z_]+) \(([a-z0-9_, "]+)\) FROM stdin;$/;
/** What pg_restore says besides rows, and all it may say: settings of its own session and counters of identities. */
const SAID = [
  /^--/,
  /^$/,
  /^\\(un)?restrict \S+$/,
  /^SET [a-z_]+ = ('[A-Za-z0-9_-]*'|[a-z0-9]+);$/,
  /^SELECT pg_catalog\.set_config\('search_path', '', false\);$/,
  /^SELECT pg_catalog\.setval\('public\.[a-z_]+', \d+, (true|false)\);$/,
];

/**
 * Reads the rows of an archive and nothing else. An archive brings statements of its own, and a crafted one could bring
 * any: they are read as text, never run, and one that a backup of this shop would not hold is refused.
 */
export async function readRows(
  file: string,
  only: string[],
  sinkFor: (table: { table: string; columns: string[] }) => Sink | undefined,
): Promise<void> {
  let sink: Sink | undefined;
  let refused: string | undefined;
  const onLine = async (line: string) => {
    if (refused !== undefined) return;
    if (sink) {
      if (line !== '\\.') return sink.row(line);
      await sink.end();
      sink = undefined;
      return;
    }
    const copy = COPY.exec(line);
    if (copy) {
      const columns = copy[2]!.split(', ').map((column) => column.replaceAll('"', ''));
      sink = sinkFor({ table: copy[1]!, columns });
      if (!sink) refused = `it holds a table this version does not know (${copy[1]})`;
    } else if (!SAID.some((shape) => shape.test(line)))
      refused = `it holds a statement no backup has (${line.slice(0, 60)})`;
  };
  const program = join(postgresPrograms(), 'pg_restore');
  const done = await runChild(endsWithUs([program, '--data-only', '--file=-', ...only, file]), { onLine });
  if (refused !== undefined) throw new Plain(refused);
  if (done.status !== 0 || sink) throw new Plain(reason(done));
}

/** A temporary folder for as long as `work` takes. */
export async function withTemporary<T>(work: (folder: string) => Promise<T>): Promise<T> {
  const folder = mkdtempSync(join(tmpdir(), 'bavrin-'));
  const forget = () => rmSync(folder, { recursive: true, force: true });
  const undo = onInterrupt(forget);
  try {
    return await work(folder);
  } finally {
    forget();
    undo();
  }
}
