import type postgres from 'postgres';
import type { Sql } from '../db/sql';

/** What the database does not note by itself: who came in and went out, on which device. By whoever acts, where nobody else is named. */
type Noted = {
  what: 'sign_in' | 'devices';
  how: string;
  rowId: string;
  personId?: string | null;
  deviceId?: string | null;
  changes?: postgres.Parameter;
};

/** Writes a line of the list of who did what. */
export async function note(sql: Sql, line: Noted): Promise<void> {
  await sql`insert into audit ${sql(line as never)}`;
}
