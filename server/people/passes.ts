import type { Pass } from '../../core/base/people/pass';
import { SIGNED_IN_HOURS } from '../../core/car/shop';
import { database, type Sql } from '../db/sql';
import { type Actor, type ActorRow, actorFrom } from './actor';
import { newToken, tokenHash } from './secrets';

/**
 * Makes a pass: with it a device sends what somebody enters there while it has no network. One that they had there before is gone.
 * @returns the token, which stands nowhere but on the device, and there only sealed
 */
export async function makePass(
  sql: Sql,
  { personId, deviceId }: { personId: string; deviceId: string | null },
): Promise<Pass> {
  const token = newToken();
  await sql`
    delete from passes where (person_id = ${personId} and device_id = ${deviceId}) or not ${isFresh(sql)}`;
  const [row] = await sql<{ until: Date }[]>`
    insert into passes ${sql({ tokenHash: tokenHash(token), personId, deviceId })}
    returning made_at + make_interval(hours => ${hours(sql)}) as until`;
  return { token, until: row!.until.toISOString() };
}

/** Who is behind a pass that comes from a device, if the shop still takes it. */
export async function passOf(token: string, deviceId: string | null): Promise<Actor | undefined> {
  const sql = database('open');
  const [row] = await sql<ActorRow[]>`
    select p.id as person_id, p.name, p.role, d.id as device_id,
      (select array_agg(car_id) from people_cars where person_id = p.id) as cars
    from passes
      join people p on p.id = passes.person_id and p.left_at is null
      left join devices d on d.id = passes.device_id
    where passes.token_hash = ${tokenHash(token)} and passes.device_id is not distinct from ${deviceId}
      and d.ended_at is null and ${isFresh(sql)}`;
  return row && actorFrom(row);
}

/** Ends the passes of somebody: what they were made for must not outlast it. */
export async function endPassesOf(sql: Sql, personId: string): Promise<void> {
  await sql`delete from passes where person_id = ${personId}`;
}

/** For as long as a sign-in may lie idle. */
const hours = (sql: Sql) => sql`coalesce((select signed_in_hours from shop), ${SIGNED_IN_HOURS})`;
const isFresh = (sql: Sql) => sql`made_at > now() - make_interval(hours => ${hours(sql)})`;
