import { randomUUID } from 'node:crypto';
import { parseWith } from '../../core/base/issues/zod';
import { deviceChangeSchema } from '../../core/base/people/schemas';
import type { RowOf } from '../db/rows';
import { database, type Sql } from '../db/sql';
import { accept, notFound } from '../failure';
import { knownId } from '../ids';
import { note } from './note';
import { newToken, tokenHash } from './secrets';

/** The device behind a token, unless it was ended. */
export async function deviceWith(token: string): Promise<{ id: string; name: string } | undefined> {
  const [row] = await database('open')<{ id: string; name: string }[]>`
    select id, name from devices where token_hash = ${tokenHash(token)} and ended_at is null`;
  return row && { id: row.id, name: row.name };
}

/** Takes a device into the shop: on it a PIN does. @returns its id, and the token that only it has */
export async function enrol(
  sql: Sql,
  { name, by }: { name: string; by: string },
): Promise<{ id: string; token: string }> {
  const id = randomUUID();
  const token = newToken();
  await sql`insert into devices ${sql({ id, name, tokenHash: tokenHash(token), enrolledBy: by })}`;
  await note(sql, { what: 'devices', how: 'added', rowId: id, personId: by, deviceId: id });
  return { id, token };
}

export type DeviceRow = {
  id: string;
  name: string;
  enrolledBy: string;
  enrolledAt: string;
  seenAt: string;
  /** Who is signed in on it now. */
  people: string[];
};

type DeviceSeen = Pick<RowOf<'devices'>, 'id' | 'name' | 'enrolledAt' | 'seenAt'> & {
  by: string;
  people: string[];
};

/** The shop's devices, the one that was used last first. */
export async function listDevices(): Promise<DeviceRow[]> {
  const rows = await database('setup')<DeviceSeen[]>`
    select d.id, d.name, coalesce(p.name, '') as by, d.enrolled_at, d.seen_at,
      (select coalesce(array_agg(distinct q.name order by q.name), '{}') from sessions s join people q on q.id = s.person_id
       where s.device_id = d.id and s.ended_at is null) as people
    from devices d left join people p on p.id = d.enrolled_by
    where d.ended_at is null order by d.seen_at desc, d.id`;
  return rows.map((row) => ({
    id: row.id,
    name: row.name,
    enrolledBy: row.by,
    enrolledAt: row.enrolledAt.toISOString(),
    seenAt: row.seenAt.toISOString(),
    people: row.people,
  }));
}

/** Ends a device that was lost or sold: whoever is signed in on it is out at once, and what waits on it goes by nobody's pass. */
export async function endDevice(id: string, input: unknown): Promise<{ id: string }> {
  accept(parseWith(deviceChangeSchema, input));
  const deviceId = knownId('device', id);
  return database('setup').begin(async (tx) => {
    const [known] = await tx<
      Pick<RowOf<'devices'>, 'endedAt'>[]
    >`select ended_at from devices where id = ${deviceId} for no key update`;
    if (!known) throw notFound('device', id);
    if (known.endedAt !== null) return { id: deviceId };
    await tx`update devices set ended_at = now() where id = ${deviceId}`;
    const out = await tx`
      update sessions set ended_at = now() where device_id = ${deviceId} and ended_at is null returning 1`;
    await tx`delete from passes where device_id = ${deviceId}`;
    const changes = tx.json({ sessions: [out.length, 0] });
    await note(tx, { what: 'devices', how: 'ended', rowId: deviceId, changes });
    return { id: deviceId };
  });
}
