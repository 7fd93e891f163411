import { parseWith } from '../../core/base/issues/zod';
import type { Role } from '../../core/base/people/roles';
import { newPersonSchema, ownSecretsSchema, personChangesSchema } from '../../core/base/people/schemas';
import { database, type Sql } from '../db/sql';
import { accept, Failure, notFound, refused, stale } from '../failure';
import { versioned } from '../http/versioned';
import { knownId } from '../ids';
import { once, sameContent } from '../once';
import { actorWith } from './actor';
import { countTry } from './limits';
import { note } from './note';
import { listPeople, type PersonRow } from './queries';
import { chosen, keepSecrets, verifySecret } from './secrets';
import { endSessionsOf } from './sessions';

/** Takes somebody into the shop. */
export async function addPerson(input: unknown): Promise<PersonRow> {
  const { password, pin, ...person } = accept(parseWith(newPersonSchema, input));
  const hashes = await chosen({ password, pin }, person.name);
  return database('setup').begin((tx) =>
    once(
      tx,
      // A secret is in no hash that is quickly tried.
      { id: person.id, kind: 'person', content: person },
      () => readPerson(tx, person.id),
      async () => {
        await refuseTaken(tx, person.id, person.name);
        await tx`insert into people ${tx({ id: person.id, name: person.name, role: person.role })}`;
        await keepSecrets(tx, person.id, hashes);
        await writeCars(tx, person.id, person);
        return readPerson(tx, person.id);
      },
    ),
  );
}

/**
 * Changes somebody over the version its author saw. Who leaves, or gets another role or secret, is signed out everywhere: what a
 * session was opened for must not outlast it. The last owner stays one.
 */
export async function changePerson(id: string, input: unknown): Promise<PersonRow> {
  const { version, body } = versioned(input);
  const { password, pin, left, ...person } = accept(parseWith(personChangesSchema, body));
  const personId = knownId('person', id);
  const hashes = await chosen({ password, pin }, person.name);
  return database('setup').begin(async (tx) => {
    const [locked] = await tx`select 1 from people where id = ${personId} for no key update`;
    if (!locked) throw notFound('person', id);
    const was = await readPerson(tx, personId);
    if (was.version > version && isAlready(was, { ...person, left, hashes })) return was;
    if (was.version !== version) throw stale('That person', was);
    if (!left) await refuseTaken(tx, personId, person.name);
    await tx`
      update people set ${tx({ name: person.name, role: person.role })},
        left_at = ${left ? tx`coalesce(left_at, now())` : null}, version = version + 1
      where id = ${personId}`;
    await keepSecrets(tx, personId, hashes);
    await writeCars(tx, personId, person);
    await refuseNoOwner(tx);
    if (left || was.role !== person.role || Object.keys(hashes).length > 0) await endSessionsOf(tx, personId);
    return readPerson(tx, personId);
  });
}

/** Changes one's own secrets, over the password that stands: a trolley left open changes nobody's. */
export async function changeOwnSecrets(input: unknown): Promise<{ changed: true }> {
  const { id, name, sessionId } = actorWith('own');
  const { current, password, pin } = accept(parseWith(ownSecretsSchema, input));
  if (id === null) throw new Failure('forbidden', 'A command has no password.');
  await countTry('secret', `own ${id}`);
  const [row] = await database('open')<
    { passwordHash: string | null }[]
  >`select password_hash from person_secrets where person_id = ${id}`;
  if (!(await verifySecret(row?.passwordHash, current)))
    throw refused([
      { code: 'refused', path: 'current', value: 'another one', accepted: 'the password that stands' },
    ]);
  const hashes = await chosen({ password, pin }, name);
  if (Object.keys(hashes).length === 0)
    throw refused([
      { code: 'missing', path: 'password', value: 'nothing', accepted: 'a new password or PIN' },
    ]);
  await database('open').begin(async (tx) => {
    await keepSecrets(tx, id, hashes);
    await endSessionsOf(tx, id, sessionId ?? null);
  });
  return { changed: true };
}

/** Signs somebody out on every device; oneself, or anybody where one is the owner. */
export async function signOutEverywhere(id: string): Promise<{ id: string }> {
  const personId = knownId('person', id);
  const self = actorWith('own').id === personId;
  await database(self ? 'open' : 'setup').begin(async (tx) => {
    await endSessionsOf(tx, personId);
    await note(tx, { what: 'sign_in', how: 'ended_everywhere', rowId: personId });
  });
  return { id: personId };
}

/** Whether somebody is already what is asked for: a change that landed before, and is sent again. */
function isAlready(
  { name, role, cars, leftAt }: PersonRow,
  asked: { name: string; role: Role; cars: string[]; left: boolean; hashes: object },
): boolean {
  const own = asked.role === 'driver' ? asked.cars : [];
  return (
    Object.keys(asked.hashes).length === 0 &&
    sameContent(
      [name, role, [...cars].sort(), leftAt !== null],
      [asked.name, asked.role, [...own].sort(), asked.left],
    )
  );
}

async function readPerson(tx: Sql, id: string): Promise<PersonRow> {
  const person = (await listPeople(tx)).find((each) => each.id === id);
  if (!person) throw notFound('person', id);
  return person;
}

async function writeCars(tx: Sql, id: string, { role, cars }: { role: Role; cars: string[] }): Promise<void> {
  const own = role === 'driver' ? [...new Set(cars)] : [];
  await tx`delete from people_cars where person_id = ${id} and car_id <> all(${own})`;
  const known = await tx`select id from cars where id = any(${own})`;
  if (known.length < own.length)
    throw refused([
      {
        code: 'unknown_id',
        path: 'cars',
        value: `${own.length - known.length} unknown`,
        accepted: 'cars of the shop',
      },
    ]);
  const rows = own.map((car) => ({ personId: id, carId: car }));
  if (rows.length > 0) await tx`insert into people_cars ${tx(rows)} on conflict do nothing`;
}

async function refuseTaken(tx: Sql, id: string, name: string): Promise<void> {
  const [taken] = await tx`
    select 1 from people where lower(name) = lower(${name}) and left_at is null and id <> ${id}`;
  if (taken)
    throw refused([{ code: 'refused', path: 'name', value: name, accepted: 'a name that nobody here has' }]);
}

async function refuseNoOwner(tx: Sql): Promise<void> {
  const [owner] = await tx`select 1 from people where role = 'owner' and left_at is null limit 1`;
  if (!owner)
    throw refused([
      { code: 'refused', path: 'role', value: 'no owner left', accepted: 'one owner at the least' },
    ]);
}
