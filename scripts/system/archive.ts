import { spawnSync } from 'node:child_process';
import { existsSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import postgres from 'postgres';
import { migrate } from './migrate';
import { postgresPrograms } from './postgres';
import { Plain } from './say';

/** Writes a whole shop to one file, in PostgreSQL's own archive format. */
export function backup(url: string, file: string): void {
  const done = spawnSync(
    join(postgresPrograms(), 'pg_dump'),
    ['--format=custom', '--no-owner', '--no-acl', `--file=${file}`, url],
    { encoding: 'utf8' },
  );
  if (done.status === 0) return;
  rmSync(file, { force: true });
  throw new Plain(`the backup failed: ${done.stderr.trim()}`);
}

/** Reads a backup into an empty shop, and brings an older one to the newest schema. All of it or nothing. */
export async function restore(url: string, file: string): Promise<void> {
  if (!existsSync(file)) throw new Plain(`there is no file ${file}`);
  const listed = spawnSync(join(postgresPrograms(), 'pg_restore'), ['--list', file], { encoding: 'utf8' });
  if (listed.status !== 0 || !listed.stdout.includes('hold_proofs'))
    throw new Plain(`${file} is no Bavrin backup`);
  await dropEmptySchema(url);
  const done = spawnSync(
    join(postgresPrograms(), 'pg_restore'),
    ['--no-owner', '--no-acl', '--single-transaction', '--exit-on-error', `--dbname=${url}`, file],
    {
      encoding: 'utf8',
    },
  );
  migrate(url);
  if (done.status !== 0)
    throw new Plain(`the restore failed, the shop is empty as before: ${done.stderr.trim()}`);
}

/** The archive brings its own tables; the empty ones make room. */
async function dropEmptySchema(url: string): Promise<void> {
  const sql = postgres(url, { max: 1, onnotice: () => {} });
  try {
    await sql.unsafe('drop schema public cascade; create schema public;');
  } finally {
    await sql.end();
  }
}
