import { join } from 'node:path';
import { endsWithUs, runChild } from './child';
import { ROOT } from './paths';
import { Plain } from './say';

/** Where the schema's steps lie. */
export const MIGRATIONS = join(ROOT, 'db/migrations');

/** The address goes by the environment: a command line can be read by everybody on the machine. */
async function dbmate(url: string, folder: string, ...args: string[]): Promise<void> {
  const command = [
    join(ROOT, 'node_modules/.bin/dbmate'),
    '--migrations-dir',
    folder,
    '--no-dump-schema',
    ...args,
  ];
  const done = await runChild(endsWithUs(command), { cwd: ROOT, env: { ...process.env, DATABASE_URL: url } });
  if (done.status === 0) return;
  const said = (done.stderr || done.stdout).trim().replaceAll(url, 'the database');
  throw new Plain(`preparing the database failed (dbmate ${args.join(' ')}): ${said}`);
}

/** Makes the database when missing and brings it to the newest schema (or as far as the steps in a folder go). */
export async function migrate(url: string, folder = MIGRATIONS): Promise<void> {
  await dbmate(url, folder, 'up');
}

/** Takes the newest step back. */
export async function rollBack(url: string): Promise<void> {
  await dbmate(url, MIGRATIONS, 'rollback');
}
