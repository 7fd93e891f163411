import { randomUUID } from 'node:crypto';
import { afterAll, afterEach, beforeAll, describe, expect, it } from 'vitest';
import { database } from '../../server/db/sql';
import { addAnswer } from '../../server/jobs/append';
import { addPerson, changeOwnSecrets, changePerson, signOutEverywhere } from '../../server/people/actions';
import { type Actor, as, COMMAND_LINE, standAs, whoActs } from '../../server/people/actor';
import { auditPage, auditRows } from '../../server/people/audit';
import { endDevice, listDevices } from '../../server/people/devices';
import { passOf } from '../../server/people/passes';
import { doorOf, listPeople, namesToPress } from '../../server/people/queries';
import { makeOwner } from '../../server/people/recover';
import { endSession, rotate, sessionOf } from '../../server/people/sessions';
import {
  firstCode,
  makeFirstOwner,
  signInByPass,
  signInByPassword,
  signInByPin,
  signInToDemo,
} from '../../server/people/signIn';
import { freshDatabase } from '../support/database';
import { failureOf, makeJob, SOFT_PEDAL } from '../support/shop';

const PASSWORD = 'slow bleed at the far corner';
const OTHER = 'rear pads wear on the inside';
const PIN = '402917';

let drop: () => Promise<void>;
beforeAll(async () => {
  ({ drop } = await freshDatabase());
});
afterEach(() => standAs(COMMAND_LINE));
afterAll(() => drop());

const at = (place = randomUUID()) => ({ deviceId: null, place });
const somebody = async (role = 'technician', more: object = {}) =>
  addPerson({
    id: randomUUID(),
    name: `Person ${randomUUID()}`,
    role,
    password: PASSWORD,
    pin: PIN,
    ...more,
  });
const byPassword = (name: string, password = PASSWORD, device: string | null = null) =>
  signInByPassword({ name, password, device }, at());
const actorOf = async (token: string): Promise<Actor> => (await sessionOf(token))!.actor;
/** Signed in on a device that is the shop's from then on. */
const onDevice = async (name: string) => {
  const { session } = await byPassword(name, PASSWORD, `Tablet ${randomUUID()}`);
  return { session, deviceId: (await actorOf(session)).deviceId! };
};

describe('a shop that has nobody yet', () => {
  it('gets its first owner by the code of its start, once', async () => {
    expect((await doorOf()).hasPeople).toBe(false);
    const stale = await firstCode();
    const code = await firstCode();
    const wanted = { name: 'Ada', password: PASSWORD };
    expect(await failureOf(makeFirstOwner({ code: stale!, ...wanted }, at()))).toMatchObject({
      code: 'forbidden',
    });
    expect(
      (await failureOf(makeFirstOwner({ code, name: 'Ada', password: 'short' }, at()))).detail.issues,
    ).toMatchObject([{ path: 'password', value: '5 characters' }]);
    const { session } = await makeFirstOwner({ code, ...wanted }, at());
    expect(await actorOf(session)).toMatchObject({ name: 'Ada', role: 'owner' });
    expect(await firstCode()).toBeUndefined();
    expect((await failureOf(makeFirstOwner({ code, name: 'Eve', password: OTHER }, at()))).code).toBe(
      'forbidden',
    );
  });

  it('keeps one owner at the least', async () => {
    const ada = (await listPeople()).find(({ name }) => name === 'Ada')!;
    const change = { version: ada.version, name: 'Ada', role: 'reader' };
    expect((await failureOf(changePerson(ada.id, change))).detail.issues).toMatchObject([
      { path: 'role', accepted: 'one owner at the least' },
    ]);
    expect((await failureOf(changePerson(ada.id, { ...change, role: 'owner', left: true }))).code).toBe(
      'refused',
    );
  });
});

describe('a pass, for a device that has no network', () => {
  const passFor = async (role = 'technician') => {
    const person = await somebody(role);
    const { deviceId } = await onDevice(person.name);
    const from = { deviceId, place: deviceId };
    const { pass, session } = await signInByPin({ person: person.id, pin: PIN }, from);
    return { person, deviceId, from, session, token: pass!.token, until: pass!.until };
  };

  it('is what a PIN brings, for as long as a sign-in may lie idle, and a password does not', async () => {
    const { person, deviceId, token, until } = await passFor();
    expect(await passOf(token, deviceId)).toMatchObject({ id: person.id, role: 'technician', deviceId });
    const days = (Date.parse(until) - Date.now()) / 86_400_000;
    expect(days).toBeCloseTo(14, 2);
    expect((await byPassword(person.name)).pass).toBeUndefined();
  });

  it('is good from its own device only, and the newest of a person there', async () => {
    const { person, deviceId, from, token } = await passFor();
    const elsewhere = await onDevice(person.name);
    expect(await passOf(token, null)).toBeUndefined();
    expect(await passOf(token, elsewhere.deviceId)).toBeUndefined();
    const again = await signInByPin({ person: person.id, pin: PIN }, from);
    expect(await passOf(token, deviceId)).toBeUndefined();
    expect(await passOf(again.pass!.token, deviceId)).toBeDefined();
  });

  it('lets them in again once there is a network, and stands in the list', async () => {
    const { person, from, token } = await passFor();
    const { session } = await signInByPass({ pass: token }, from);
    expect(await actorOf(session)).toMatchObject({ id: person.id, deviceId: from.deviceId });
    const came = (await auditRows()).filter(([, who]) => who === person.name).map(([, , , , how]) => how);
    expect(came).toContain('by_pass');
    expect((await failureOf(signInByPass({ pass: 'x' }, from))).code).toBe('signed_out');
  });

  it.each([
    ['its device', async ({ deviceId }) => endDevice(deviceId, { ended: true })],
    ['a sign-out everywhere', async ({ person }) => signOutEverywhere(person.id)],
    [
      'a new PIN',
      async ({ session }) =>
        as(await actorOf(session), () => changeOwnSecrets({ current: PASSWORD, pin: '719204' })),
    ],
    [
      'another role',
      async ({ person }) =>
        changePerson(person.id, { version: 1, name: person.name, role: 'reader', cars: [] }),
    ],
    [
      'the time the shop sets',
      async () => database('setup')`update passes set made_at = now() - interval '337 hours'`,
    ],
  ] satisfies [string, (made: Awaited<ReturnType<typeof passFor>>) => Promise<unknown>][])(
    'ends with %s',
    async (_, end) => {
      const made = await passFor();
      await end(made);
      expect(await passOf(made.token, made.deviceId)).toBeUndefined();
    },
  );
});

describe('signing in', () => {
  it('by password, whatever the case of the name', async () => {
    const { name, id } = await somebody();
    const { session } = await byPassword(name.toUpperCase());
    expect(await actorOf(session)).toMatchObject({ id, name, role: 'technician', deviceId: null });
    expect((await actorOf(session)).cars).toBeUndefined();
  });

  it('answers a wrong name and a wrong password alike, and takes as long over both', async () => {
    const { name } = await somebody();
    const took = async (who: string) => {
      const started = performance.now();
      const failure = await failureOf(byPassword(who, OTHER));
      return { ms: performance.now() - started, said: `${failure.code}: ${failure.message}` };
    };
    const [known, unknown] = [await took(name), await took('Nobody of that name')];
    expect(known.said).toBe(unknown.said);
    // A hash is worked out either way: without it an answer comes in a few milliseconds.
    expect(Math.min(known.ms, unknown.ms)).toBeGreaterThan(15);
  });

  it('is held up after a few wrong tries, of that name only', async () => {
    const [one, other] = [await somebody(), await somebody()];
    for (let tries = 0; tries < 6; tries++)
      expect((await failureOf(byPassword(one.name, OTHER))).code).toBe('signed_out');
    expect(await failureOf(byPassword(one.name))).toMatchObject({
      code: 'too_often',
      message: expect.stringMatching(/Try again in \d+ minutes/),
    });
    expect(await byPassword(other.name)).toHaveProperty('session');
  });

  it('forgets the slips before a right try', async () => {
    const { name } = await somebody();
    for (let round = 0; round < 3; round++) {
      for (let tries = 0; tries < 4; tries++) await failureOf(byPassword(name, OTHER));
      expect(await byPassword(name)).toHaveProperty('session');
    }
  });

  it('holds up a place that tries many names', async () => {
    const from = at();
    const tries = Array.from({ length: 30 }, (_, nth) => ({
      name: `Guess ${nth}`,
      password: OTHER,
      device: null,
    }));
    for (const each of tries) expect((await failureOf(signInByPassword(each, from))).code).toBe('signed_out');
    expect((await failureOf(signInByPassword(tries[0]!, from))).code).toBe('too_often');
  });

  it('by PIN only on a device of the shop', async () => {
    const { id, name } = await somebody();
    expect((await failureOf(signInByPin({ person: id, pin: PIN }, at()))).code).toBe('forbidden');
    const { deviceId } = await onDevice(name);
    const there = { deviceId, place: deviceId };
    const { session } = await signInByPin({ person: id, pin: PIN }, there);
    expect(await actorOf(session)).toMatchObject({ id, deviceId });
    const wrong = await failureOf(signInByPin({ person: id, pin: '402918' }, there));
    const unknown = await failureOf(signInByPin({ person: randomUUID(), pin: PIN }, there));
    expect([wrong.code, wrong.message]).toEqual([unknown.code, unknown.message]);
    expect((await namesToPress()).map((each) => each.id)).toContain(id);
  });

  it('without a secret only into a demo', async () => {
    const { id } = await somebody();
    expect((await failureOf(signInToDemo({ person: id }, at()))).code).toBe('forbidden');
  });

  it.each([
    ['password1234', 'One that everybody uses'],
    ['PASSWORD1234', 'One that everybody uses'],
    ['short', '5 characters'],
    ['x'.repeat(201), '201 characters'],
  ])('takes no password like %s', async (password, value) => {
    const failure = await failureOf(somebody('technician', { password }));
    expect(failure.detail.issues).toMatchObject([{ path: 'password', value }]);
  });

  it.each(['111111', '123456', '654321', '121212', '123123', '40291', 'abcdef', '4029171'])(
    'takes no PIN like %s',
    async (pin) => {
      expect((await failureOf(somebody('technician', { pin }))).detail.issues).toMatchObject([
        { path: 'pin' },
      ]);
    },
  );
});

describe('a session', () => {
  const setBack = async (token: string, column: string, interval: string) => {
    const { sessionId } = await actorOf(token);
    await database('setup').unsafe(
      `update sessions set ${column} = now() - interval '${interval}' where id = '${sessionId}'`,
    );
  };

  it('ends when it is left, lies idle, or is too old', async () => {
    const { name } = await somebody();
    const [left, idle, old, good] = await Promise.all(
      [1, 2, 3, 4].map(async () => (await byPassword(name)).session),
    );
    await endSession(left!);
    await setBack(idle!, 'seen_at', '337 hours');
    await setBack(old!, 'started_at', '91 days');
    const found = await Promise.all([left, idle, old, good].map((token) => sessionOf(token!)));
    expect(found.map((each) => each !== undefined)).toEqual([false, false, false, true]);
  });

  it('exchanges its token; the old one is good until the new one has been used', async () => {
    const { name } = await somebody();
    const { session } = await byPassword(name);
    expect((await sessionOf(session))!.rotate).toBe(false);
    await setBack(session, 'rotated_at', '25 hours');
    expect((await sessionOf(session))!.rotate).toBe(true);
    const fresh = (await rotate(session))!;
    expect(await rotate(session)).toBeUndefined();
    // The answer that carried the new one was lost: the old one still does, and is not exchanged again.
    expect(await sessionOf(session)).toMatchObject({ rotate: false, actor: { name } });
    expect(await sessionOf(fresh)).toMatchObject({ actor: { name } });
    expect(await sessionOf(session)).toBeUndefined();
  });

  it('is kept as a hash only', async () => {
    const { name } = await somebody();
    const { session, device } = await byPassword(name, PASSWORD, 'A phone');
    const rows = await database('setup')<{ tokenHash: Buffer }[]>`
      select token_hash from sessions union all select token_hash from devices`;
    const kept = rows.map((row) => row.tokenHash.toString('base64url'));
    expect(kept).not.toContain(session);
    expect(kept).not.toContain(device);
    const [person] = await database('setup')`
      select password_hash, pin_hash from person_secrets join people on id = person_id where name = ${name}`;
    for (const hash of Object.values(person!)) expect(hash).toMatch(/^\$argon2id\$v=19\$m=19456,/);
  });

  it('ends on every device when somebody leaves, changes role, gets another secret, or asks for it', async () => {
    const ways: ((person: Awaited<ReturnType<typeof somebody>>) => Promise<unknown>)[] = [
      ({ id, version, name }) => changePerson(id, { version, name, role: 'technician', left: true }),
      ({ id, version, name }) => changePerson(id, { version, name, role: 'reader' }),
      ({ id, version, name }) => changePerson(id, { version, name, role: 'technician', pin: '730184' }),
      ({ id }) => signOutEverywhere(id),
    ];
    for (const way of ways) {
      const person = await somebody();
      const { session } = await byPassword(person.name);
      await way(person);
      expect(await sessionOf(session)).toBeUndefined();
    }
  });

  it('changes its own secrets over the one that stands, and ends the others', async () => {
    const { name, id } = await somebody();
    const [mine, other] = [await byPassword(name), await byPassword(name)];
    const me = await actorOf(mine.session);
    const wrong = await failureOf(as(me, () => changeOwnSecrets({ current: OTHER, password: OTHER })));
    expect(wrong.detail.issues).toMatchObject([{ path: 'current' }]);
    await as(me, () => changeOwnSecrets({ current: PASSWORD, password: OTHER }));
    expect(await sessionOf(mine.session)).toMatchObject({ actor: { id } });
    expect(await sessionOf(other.session)).toBeUndefined();
    expect((await failureOf(byPassword(name))).code).toBe('signed_out');
    expect(await byPassword(name, OTHER)).toHaveProperty('session');
  });

  it('ends with its device', async () => {
    const { name, id } = await somebody();
    const { session, deviceId } = await onDevice(name);
    const pinned = await signInByPin({ person: id, pin: PIN }, { deviceId, place: deviceId });
    expect((await listDevices()).find((device) => device.id === deviceId)!.people).toEqual([name]);
    await endDevice(deviceId, { ended: true });
    expect(await sessionOf(session)).toBeUndefined();
    expect(await sessionOf(pinned.session)).toBeUndefined();
    expect((await listDevices()).map((device) => device.id)).not.toContain(deviceId);
  });

  it('is recovered for an owner from the machine itself', async () => {
    const { name } = await somebody('owner');
    const { session } = await byPassword(name);
    expect(await makeOwner(name, OTHER)).toBe('known');
    expect(await sessionOf(session)).toBeUndefined();
    expect(await byPassword(name, OTHER)).toHaveProperty('session');
    expect(await makeOwner(`Heir ${randomUUID()}`, OTHER)).toBe('new');
  });
});

describe('who did it', () => {
  it('stands beside what was written, and in the owner’s list', async () => {
    const person = await somebody();
    const { session, deviceId } = await onDevice(person.name);
    const { job } = await makeJob();
    const id = randomUUID();
    await as(await actorOf(session), () => addAnswer(job.id, { id, ...SOFT_PEDAL }));
    const [row] = await database('setup')`select by_person from findings where id = ${id}`;
    expect(row!.byPerson).toBe(person.id);
    const { lines } = await auditPage({ person: person.id });
    expect(lines.map(({ what, how }) => `${what} ${how}`)).toEqual(['sign_in by_password', 'devices added']);
    expect(lines[0]).toMatchObject({ who: person.name, device: expect.stringContaining('Tablet') });
    expect(lines[1]!.device).toBe(lines[0]!.device);
    expect(deviceId).toBeTruthy();
  });

  it('says which fields went from what to what, and never a secret', async () => {
    const person = await somebody();
    const owner: Actor = { ...COMMAND_LINE, id: person.id };
    await as(owner, () =>
      changePerson(person.id, {
        version: person.version,
        name: person.name,
        role: 'reader',
        password: OTHER,
      }),
    );
    const { lines } = await auditPage({ person: person.id });
    expect(lines.slice(0, 2)).toMatchObject([
      { what: 'people', how: 'secret', changes: {} },
      { what: 'people', how: 'changed', changes: { role: ['technician', 'reader'] } },
    ]);
    expect(JSON.stringify(await auditRows())).not.toMatch(/argon2|password_hash/);
  });

  it('is never written over', async () => {
    await expect(database('setup')`update audit set how = 'nothing'`).rejects.toThrow(/append-only/);
    await expect(database('setup')`delete from audit`).rejects.toThrow(/append-only/);
  });

  it('is nobody where nobody asks', async () => {
    standAs(undefined);
    expect(whoActs()).toBeUndefined();
    expect(() => database()).toThrow('Nobody is signed in');
    expect(await failureOf(makeJob())).toMatchObject({ code: 'signed_out' });
  });
});
