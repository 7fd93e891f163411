import type { Role } from '../../core/base/people/roles';
import type { RowOf } from '../db/rows';
import { database, type Sql } from '../db/sql';

export type PersonRow = {
  id: string;
  name: string;
  role: Role;
  /** A driver's own cars. */
  cars: string[];
  hasPassword: boolean;
  hasPin: boolean;
  /** When they left the shop; what they wrote stays theirs. */
  leftAt: string | null;
  seenAt: string | null;
  version: number;
};

type PersonSeen = Pick<RowOf<'people'>, 'id' | 'name' | 'role' | 'leftAt' | 'version'> &
  Pick<PersonRow, 'cars' | 'hasPassword' | 'hasPin'> & { seenAt: Date | null };

/** Everybody there is and was, those who are first. */
export async function listPeople(sql: Sql = database('setup')): Promise<PersonRow[]> {
  const rows = await sql<PersonSeen[]>`
    select p.id, p.name, p.role, p.left_at, p.version, password_hash is not null as has_password, pin_hash is not null as has_pin,
      (select coalesce(array_agg(car_id), '{}') from people_cars where person_id = p.id) as cars,
      (select max(seen_at) from sessions where person_id = p.id) as seen_at
    from people p left join person_secrets on person_id = p.id order by p.left_at is not null, lower(p.name), p.id`;
  return rows.map((row) => ({
    id: row.id,
    name: row.name,
    role: row.role,
    cars: row.cars,
    hasPassword: row.hasPassword,
    hasPin: row.hasPin,
    leftAt: row.leftAt?.toISOString() ?? null,
    seenAt: row.seenAt?.toISOString() ?? null,
    version: row.version,
  }));
}

/** Who can be pressed on at a device of the shop: whoever has a PIN; in the demo everybody. */
export async function namesToPress(): Promise<{ id: string; name: string; role: Role }[]> {
  const rows = await database('open')<Pick<RowOf<'people'>, 'id' | 'name' | 'role'>[]>`
    select id, name, role from people left join person_secrets on person_id = id
    where left_at is null and (pin_hash is not null or coalesce((select is_demo from shop), false))
    order by array_position(array['owner', 'technician', 'driver', 'reader'], role), lower(name), id`;
  return rows.map(({ id, name, role }) => ({ id, name, role }));
}

/** What stands before anybody is in: the shop's name, whether all of it is invented, and whether it has anybody yet. */
export async function doorOf(): Promise<{ name: string; isDemo: boolean; hasPeople: boolean }> {
  const [row] = await database('open')<{ name: string | null; isDemo: boolean; hasPeople: boolean }[]>`
    select (select name from shop) as name, coalesce((select is_demo from shop), false) as is_demo,
      exists (select from people) as has_people`;
  return { name: row!.name ?? '', isDemo: row!.isDemo, hasPeople: row!.hasPeople };
}
