import type { Sql } from './sql';

/** Lets no other transaction of that kind run beside this one, on whichever server: the next waits for its end. */
export async function oneAtATime(tx: Sql, kind: 'import' | 'table'): Promise<void> {
  await tx`select pg_advisory_xact_lock(hashtext(${`bavrin ${kind}`}))`;
}
