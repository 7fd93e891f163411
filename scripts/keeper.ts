import { statSync } from 'node:fs';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { backup } from './system/archive';
import { backupName, isDue, type Keep, letGo } from './system/keeping';
import { talk } from './system/postgres';

/** How often it is looked whether it is time, ms. */
const LOOK_MS = 30_000;
/** After one that failed it is tried again, ms. */
const AGAIN_MS = 5 * 60_000;

const url = process.env.DATABASE_URL!;
const keep = JSON.parse(process.env.BAVRIN_KEEP!) as Keep;

for (;;) {
  await pause(isDue(keep, new Date()) && !(await keepOne()) ? AGAIN_MS : LOOK_MS);
}

/** Makes one, lets go of the oldest, and says what became of it where the owner looks. */
async function keepOne(): Promise<boolean> {
  const now = new Date();
  const file = join(keep.folder, backupName(now));
  try {
    await backup(url, file);
    const row = { file, bytes: statSync(file).size, kept: letGo(keep) };
    await talk(url, (sql) => sql`insert into backups ${sql(row)}`);
    return true;
  } catch (error) {
    const trouble = ((error as Error).message || 'it failed').slice(0, 2000);
    console.error(`${now.toISOString()} ${trouble}`);
    await talk(url, (sql) => sql`insert into backups ${sql({ file, trouble })}`).catch(() => undefined);
    return false;
  }
}
