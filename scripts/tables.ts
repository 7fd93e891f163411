import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { database } from '../server/db/sql';
import { onPassingDatabase } from './system/passing';
import { ROOT } from './system/paths';
import { run, say } from './system/say';
import { tablesAsTypes } from './system/tables';

/** The types of the tables anew, after a migration was added. */
async function main(): Promise<number> {
  await onPassingDatabase('tables', async () => {
    writeFileSync(join(ROOT, 'server/db/tables.ts'), await tablesAsTypes(database('open')));
  });
  say('server/db/tables.ts is as the migrations have it.');
  return 0;
}

await run(main);
