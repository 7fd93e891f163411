import { randomUUID } from 'node:crypto';
import { SIGNED_IN_HOURS } from '../../core/car/shop';
import { database, type Sql } from '../db/sql';
import { type Actor, type ActorRow, actorFrom } from './actor';
import { note } from './note';
import { endPassesOf } from './passes';
import { newToken, tokenHash } from './secrets';

/** However often it is used, a session ends after this, days: the owner can end it sooner. */
const LONGEST_DAYS = 90;
/** A token is exchanged for a new one after this, hours: one that was copied does not last. */
const ROTATE_HOURS = 24;
/** That somebody was here is written down not more often than this, minutes. */
const SEEN_MINUTES = 5;

export type How = 'password' | 'pin' | 'demo' | 'first' | 'pass';

/** Signs somebody in. @returns the token, which stands nowhere but in the browser */
export async function openSession(
  sql: Sql,
  { personId, deviceId, how }: { personId: string; deviceId: string | null; how: How },
): Promise<string> {
  const token = newToken();
  await sql`
    insert into sessions ${sql({ id: randomUUID(), tokenHash: tokenHash(token), personId, deviceId, how })}`;
  await noteSignIn(sql, { personId, deviceId, how: `by_${how}` });
  return token;
}

/** Who came in, or did not, for the owner's list. */
export async function noteSignIn(
  sql: Sql,
  { personId, deviceId, how }: { personId: string | null; deviceId: string | null; how: string },
): Promise<void> {
  await note(sql, { what: 'sign_in', how, rowId: personId ?? '', personId, deviceId });
}

type SessionRow = ActorRow & {
  id: string;
  beforeHash: Buffer | null;
  isNewest: boolean;
  unseen: boolean;
  old: boolean;
};

/**
 * Who is behind a token, if anybody: not where the session, the person or the device has ended, where it lay idle longer than the shop
 * allows, or is too old. What it finds it also keeps: that somebody was here, and that the new token of an exchange has arrived.
 * @returns `rotate` where the token is due to be exchanged
 */
export async function sessionOf(token: string): Promise<{ actor: Actor; rotate: boolean } | undefined> {
  const sql = database('open');
  const hash = tokenHash(token);
  const [row] = await sql<SessionRow[]>`
    select s.id, s.device_id, s.before_hash, s.token_hash = ${hash} as is_newest, p.id as person_id, p.name, p.role,
      s.seen_at < now() - make_interval(mins => ${SEEN_MINUTES}) as unseen,
      s.rotated_at < now() - make_interval(hours => ${ROTATE_HOURS}) as old,
      (select array_agg(car_id) from people_cars where person_id = p.id) as cars
    from sessions s
      join people p on p.id = s.person_id and p.left_at is null
      left join devices d on d.id = s.device_id
      left join shop on true
    where (s.token_hash = ${hash} or s.before_hash = ${hash}) and s.ended_at is null and d.ended_at is null
      and s.seen_at > now() - make_interval(hours => coalesce(shop.signed_in_hours, ${SIGNED_IN_HOURS}))
      and s.started_at > now() - make_interval(days => ${LONGEST_DAYS})`;
  if (!row) return undefined;
  const arrived = row.isNewest && row.beforeHash !== null;
  if (row.unseen || arrived)
    await sql`
      update sessions set seen_at = now(), before_hash = ${arrived ? null : row.beforeHash} where id = ${row.id}`;
  if (row.unseen && row.deviceId) await sql`update devices set seen_at = now() where id = ${row.deviceId}`;
  return { actor: actorFrom(row), rotate: row.isNewest && row.old };
}

/**
 * Exchanges a token. The old one stays good until the new one has been used: the answer that carries it may be lost on its way.
 * @returns nothing where somebody else of the same device was quicker
 */
export async function rotate(token: string): Promise<string | undefined> {
  const sql = database('open');
  const fresh = newToken();
  const changed = await sql`
    update sessions set token_hash = ${tokenHash(fresh)}, before_hash = token_hash, rotated_at = now()
    where token_hash = ${tokenHash(token)} and ended_at is null returning 1`;
  return changed.length > 0 ? fresh : undefined;
}

/** Ends the session of a token. */
export async function endSession(token: string): Promise<void> {
  const hash = tokenHash(token);
  await database('open')`
    update sessions set ended_at = now() where (token_hash = ${hash} or before_hash = ${hash}) and ended_at is null`;
}

/**
 * Signs a person out everywhere; another's goes by who may change people.
 * @param but the session that stays, where one does
 */
export async function endSessionsOf(sql: Sql, personId: string, but: string | null = null): Promise<void> {
  await sql`
    update sessions set ended_at = now()
    where person_id = ${personId} and ended_at is null and id is distinct from ${but}`;
  await endPassesOf(sql, personId);
}
