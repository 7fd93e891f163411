import type { RowOf } from '../db/rows';
import { database } from '../db/sql';

export type LastBackups = {
  /** The newest that is whole. */
  good: { at: string; file: string; bytes: number; kept: number } | null;
  /** Why the newest try failed, where it did. */
  trouble: { at: string; words: string } | null;
};

/** One that was made whole: only one that failed has no file, no bytes and no number. */
type WholeBackup = { at: Date; file: string; bytes: string; kept: number };

/** What became of the backups that a start was told to make; nothing where it was told of none. */
export async function lastBackups(): Promise<LastBackups | null> {
  const sql = database('setup');
  const [[newest], [good]] = await Promise.all([
    sql<Pick<RowOf<'backups'>, 'at' | 'trouble'>[]>`select at, trouble from backups order by id desc limit 1`,
    sql<
      WholeBackup[]
    >`select at, file, bytes, kept from backups where trouble is null order by id desc limit 1`,
  ]);
  if (!newest) return null;
  return {
    good: good
      ? { at: good.at.toISOString(), file: good.file, bytes: Number(good.bytes), kept: good.kept }
      : null,
    trouble: newest.trouble ? { at: newest.at.toISOString(), words: newest.trouble } : null,
  };
}
