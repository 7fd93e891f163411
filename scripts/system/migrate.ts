import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { ROOT } from './paths';
import { Plain } from './say';

function dbmate(url: string, ...args: string[]): void {
  const program = join(ROOT, 'node_modules/.bin/dbmate');
  const done = spawnSync(
    program,
    ['--url', url, '--migrations-dir', join(ROOT, 'db/migrations'), '--no-dump-schema', ...args],
    {
      encoding: 'utf8',
      cwd: ROOT,
    },
  );
  if (done.status !== 0) {
    const said = (done.stderr || done.stdout || String(done.error)).trim().replaceAll(url, 'the database');
    throw new Plain(`preparing the database failed (dbmate ${args.join(' ')}): ${said}`);
  }
}

/** Makes the database when missing and brings it to the newest schema. */
export function migrate(url: string): void {
  dbmate(url, 'up');
}

/** Removes the database with everything in it. */
export function dropDatabase(url: string): void {
  dbmate(url, 'drop');
}
