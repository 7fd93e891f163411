import { createHash } from 'node:crypto';
import { mkdirSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';

/** The clone. */
export const ROOT = fileURLToPath(new URL('../../', import.meta.url)).replace(/\/$/, '');

/** Where everything that is not source lives; another place can be given with BAVRIN_DATA. */
export const DATA = process.env.BAVRIN_DATA ? resolve(process.env.BAVRIN_DATA) : join(ROOT, '.data');

/** A folder under the data folder, made when missing. */
export function dataFolder(name: string): string {
  const folder = join(DATA, name);
  mkdirSync(folder, { recursive: true });
  return folder;
}

/** A short name for this clone, for what has to live outside it. */
export function cloneName(): string {
  return createHash('sha256').update(ROOT).digest('hex').slice(0, 12);
}

/** A path as the person typed it, from where they stand. */
export function fromWhereTheyStand(file: string): string {
  return resolve(process.env.BAVRIN_CWD ?? process.cwd(), file);
}
