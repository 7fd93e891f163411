import { parseWith } from '../../core/base/issues/zod';
import type { Pass } from '../../core/base/people/pass';
import {
  demoSignInSchema,
  firstOwnerSchema,
  passSignInSchema,
  passwordSignInSchema,
  pinSignInSchema,
} from '../../core/base/people/schemas';
import { database, type Sql } from '../db/sql';
import { accept, Failure } from '../failure';
import { idFromContent } from '../ids';
import { enrol } from './devices';
import { countTry, forgive } from './limits';
import { makePass, passOf } from './passes';
import { chosen, keepSecrets, newToken, tokenHash, verifySecret } from './secrets';
import { type How, noteSignIn, openSession } from './sessions';

/** Somebody is in: the token of the session, of the device where it became one of the shop's, and what lets them in there without a network. */
export type CameIn = { session: string; device?: string; pass?: Pass };

/** The device that asks, and where from: tries are counted by it. */
export type From = { deviceId: string | null; place: string };

/** One answer for a wrong name and a wrong secret. */
const WRONG = 'That name and that password or PIN do not go together.';

/** Signs in by name and password; the device is taken into the shop where it is given a name. */
export async function signInByPassword(input: unknown, from: From): Promise<CameIn> {
  const { name, password, device } = accept(parseWith(passwordSignInSchema, input));
  const who = name.trim().toLowerCase();
  await countTries(`password ${who}`, from);
  const sql = database('open');
  const [person] = await sql<{ id: string; passwordHash: string | null }[]>`
    select id, password_hash from people left join person_secrets on person_id = id where lower(name) = ${who} and left_at is null`;
  if (!(await verifySecret(person?.passwordHash, password)))
    return refuse(sql, person?.id, from, 'wrong_password');
  await forgive(`password ${who}`, from.place);
  return comeIn(person!.id, 'password', from.deviceId, device ?? '');
}

/** Signs in by a press on a name and a PIN, on a device of the shop. */
export async function signInByPin(input: unknown, from: From): Promise<CameIn> {
  const { person: id, pin } = accept(parseWith(pinSignInSchema, input));
  if (from.deviceId === null)
    throw new Failure(
      'forbidden',
      'A PIN does on a device of the shop; on this one sign in with your password.',
    );
  await countTries(`pin ${id}`, from);
  const sql = database('open');
  const [person] = await sql<{ id: string; pinHash: string | null }[]>`
    select id, pin_hash from people left join person_secrets on person_id = id where id = ${id} and left_at is null`;
  if (!(await verifySecret(person?.pinHash, pin))) return refuse(sql, person?.id, from, 'wrong_pin');
  await forgive(`pin ${id}`, from.place);
  return comeIn(person!.id, 'pin', from.deviceId, '');
}

/** Signs in whoever came in on the device while it had no network, once it has one: with the pass that their PIN unsealed there. */
export async function signInByPass(input: unknown, from: From): Promise<CameIn> {
  const { pass } = accept(parseWith(passSignInSchema, input));
  const actor = await passOf(pass, from.deviceId);
  if (!actor?.id) throw new Failure('signed_out', 'That is not taken any more: sign in anew.');
  return comeIn(actor.id, 'pass', from.deviceId, '');
}

/** Signs in without a secret, where everything is invented. */
export async function signInToDemo(input: unknown, from: From): Promise<CameIn> {
  const { person: id } = accept(parseWith(demoSignInSchema, input));
  const [found] = await database('open')<{ id: string }[]>`
    select p.id from people p join shop on shop.is_demo where p.id = ${id} and p.left_at is null`;
  if (!found) throw new Failure('forbidden', 'Only the demo lets anybody in without a password.');
  return comeIn(found.id, 'demo', from.deviceId, '');
}

/**
 * Makes the first owner of a shop that has nobody yet, and signs them in. The code stands in the address that its start prints: whoever
 * happens to reach the address first does not own the shop.
 */
export async function makeFirstOwner(input: unknown, from: From): Promise<CameIn> {
  const { code, name, password } = accept(parseWith(firstOwnerSchema, input));
  await countTry('place', from.place);
  const hashes = await chosen({ password, pin: null }, name);
  await database('open').begin(async (tx) => {
    await tx`lock table people in share row exclusive mode`;
    const [shop] = await tx<{ right: boolean; taken: boolean }[]>`
      select first_code = ${tokenHash(code)} as right, exists (select from people) as taken from first_codes`;
    if (!shop?.right || shop.taken)
      throw new Failure(
        'forbidden',
        shop?.taken
          ? 'This shop has an owner already.'
          : 'That address is not the one that the start printed. ./bavrin owner makes an owner, too.',
      );
    await tx`insert into people ${tx({ id: firstId(name), name, role: 'owner' })}`;
    await keepSecrets(tx, firstId(name), hashes);
    await tx`delete from first_codes`;
  });
  return comeIn(firstId(name), 'first', from.deviceId, '');
}

const firstId = (name: string) => idFromContent(`first owner ${name}`);

async function countTries(who: string, { place }: From): Promise<void> {
  await countTry('place', place);
  await countTry('secret', who);
}

async function refuse(
  sql: Sql,
  personId: string | undefined,
  { deviceId }: From,
  how: string,
): Promise<never> {
  await noteSignIn(sql, { personId: personId ?? null, deviceId, how });
  throw new Failure('signed_out', WRONG);
}

async function comeIn(
  personId: string,
  how: How,
  deviceId: string | null,
  newDevice: string,
): Promise<CameIn> {
  return database('open').begin(async (tx) => {
    const device = newDevice === '' ? undefined : await enrol(tx, { name: newDevice, by: personId });
    const session = await openSession(tx, { personId, deviceId: device?.id ?? deviceId, how });
    // What a PIN or a press opens here now, it opens here without a network too.
    const pass = how === 'pin' || how === 'demo' ? await makePass(tx, { personId, deviceId }) : undefined;
    return { session, ...(device ? { device: device.token } : {}), ...(pass ? { pass } : {}) };
  });
}

/** Makes the code of the address under which the first owner is made. @returns nothing where there is somebody already */
export async function firstCode(): Promise<string | undefined> {
  return database('open').begin(async (tx) => {
    const [somebody] = await tx`select 1 from people limit 1`;
    if (somebody) return undefined;
    const code = newToken();
    await tx`delete from first_codes`;
    await tx`insert into first_codes ${tx({ firstCode: tokenHash(code) })}`;
    return code;
  });
}
