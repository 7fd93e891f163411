import { spawn } from 'node:child_process';
import { closeSync, existsSync, mkdirSync, openSync, readdirSync, rmSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { wholeNumber } from './number';
import { DATA, dataFolder, fromWhereTheyStand, ROOT } from './paths';
import { markOf } from './processes';
import { Plain } from './say';

/** Where backups go while the shop is open, how often, and how many stay. */
export type Keep = { folder: string; hours: number; count: number };

export const KEEP_OPTIONS = {
  'backup-into': { type: 'string' },
  'backup-hours': { type: 'string' },
  'backup-count': { type: 'string' },
} as const;

type Said = { [K in keyof typeof KEEP_OPTIONS]?: string };

/** What a start was told of backups; nothing where none are wanted. */
export function readKeep(said: Said): Keep | undefined {
  const into = said['backup-into'];
  if (into === undefined) return undefined;
  const folder = fromWhereTheyStand(into);
  if (!existsSync(folder) || !statSync(folder).isDirectory())
    throw new Plain(`--backup-into is ${into}: a folder that is there is accepted`);
  return {
    folder,
    hours: wholeNumber(said['backup-hours'], 'backup-hours', { usual: 24, least: 1, most: 24 * 31 }),
    count: wholeNumber(said['backup-count'], 'backup-count', { usual: 14, least: 1, most: 1000 }),
  };
}

/** A backup's own name says when it was made. */
const NAMED = /^bavrin-(\d{4})(\d\d)(\d\d)T(\d\d)(\d\d)\.backup$/;

/** "bavrin-20261127T0300.backup", in UTC. */
export function backupName(at: Date): string {
  return `bavrin-${at.toISOString().slice(0, 16).replace(/[-:]/g, '')}.backup`;
}

/** The backups in a folder, the newest first; what else lies there is none of ours. */
export function backupsIn(folder: string): { name: string; at: Date }[] {
  return readdirSync(folder)
    .flatMap((name) => {
      const parts = NAMED.exec(name)?.slice(1);
      if (!parts) return [];
      const [year, month, day, hour, minute] = parts;
      return [{ name, at: new Date(`${year}-${month}-${day}T${hour}:${minute}:00Z`) }];
    })
    .sort((left, right) => right.at.getTime() - left.at.getTime());
}

/** Whether it is time for another, by the newest there is. */
export function isDue({ folder, hours }: Keep, now: Date): boolean {
  const [newest] = backupsIn(folder);
  return newest === undefined || now.getTime() - newest.at.getTime() >= hours * 3_600_000;
}

/** Lets go of those that are more than should stay, the oldest; @returns how many stay */
export function letGo({ folder, count }: Keep): number {
  const all = backupsIn(folder);
  for (const { name } of all.slice(count)) rmSync(join(folder, name), { force: true });
  return Math.min(all.length, count);
}

/** Starts the process that keeps backups while the shop is open; it ends with the shop. */
export async function startKeeper(keep: Keep, url: string): Promise<void> {
  mkdirSync(dataFolder('log'), { recursive: true });
  const out = openSync(join(dataFolder('log'), 'backups.log'), 'a', 0o600);
  const child = spawn(process.execPath, ['--import', 'tsx', join(ROOT, 'scripts/keeper.ts')], {
    cwd: ROOT,
    detached: true,
    stdio: ['ignore', out, out],
    env: { ...process.env, ...markOf(DATA), DATABASE_URL: url, BAVRIN_KEEP: JSON.stringify(keep) },
  });
  closeSync(out);
  child.unref();
}
