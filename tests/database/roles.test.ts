import { randomUUID } from 'node:crypto';
import { afterAll, afterEach, beforeAll, describe, expect, it } from 'vitest';
import { may, type Right, ROLES, type Role } from '../../core/base/people/roles';
import { database } from '../../server/db/sql';
import { addPerson } from '../../server/people/actions';
import { COMMAND_LINE, standAs } from '../../server/people/actor';
import { SESSION_COOKIE } from '../../server/people/cookies';
import { openSession } from '../../server/people/sessions';
import { addPhoto } from '../../server/photos/actions';
import { freshDatabase } from '../support/database';
import { allRoutes, call, type RouteEntry } from '../support/routes';
import { makeCar, makeJob } from '../support/shop';
import { BY_ID, BY_VERSION, JPEG } from '../support/writes';

/**
 * What each route asks for. `open` answers whoever comes, `self` whoever is signed in, of nobody but themselves. A route that is not
 * here fails the first test.
 */
const ASKS: Record<string, Right | 'open' | 'self'> = {
  'GET /api/health': 'open',
  'POST /api/sign-in': 'open',
  'POST /api/sign-in/demo': 'open',
  'POST /api/sign-in/first': 'open',
  'POST /api/sign-in/pass': 'open',
  'POST /api/sign-in/pin': 'open',
  'POST /api/sign-out': 'open',
  'PATCH /api/me': 'self',
  'POST /api/people/[id]/sign-out': 'setup',
  'GET /api/changes': 'self',
  'GET /api/offline': 'self',
  'GET /api/cars/[id]': 'own',
  'GET /api/cars/[id]/blank': 'own',
  'GET /api/cars/[id]/simulated': 'own',
  'GET /api/jobs/[id]': 'own',
  'GET /api/jobs/[id]/case': 'own',
  'GET /api/jobs/[id]/changes': 'own',
  'GET /api/photos/[id]': 'own',
  'POST /api/jobs/[id]/here': 'own',
  'GET /api/audit': 'setup',
  'GET /api/calendar': 'read',
  'GET /api/cars/[id]/file': 'read',
  'GET /api/find': 'read',
  'GET /api/ledger/csv': 'read',
  'GET /api/ledger/export': 'read',
  'GET /api/readings/csv': 'read',
  'POST /api/jobs': 'tell',
  'POST /api/jobs/[id]/answers': 'tell',
  'POST /api/drives/[id]/back': 'tell',
  'PATCH /api/jobs/[id]': 'tell',
  'PATCH /api/benches/[id]': 'work',
  'PATCH /api/cars/[id]': 'work',
  'PATCH /api/events/[id]': 'work',
  'PATCH /api/fills/[id]': 'work',
  'PATCH /api/follow-ups/[id]': 'work',
  'PATCH /api/photos/[id]': 'work',
  'PATCH /api/setups/[id]': 'work',
  'PATCH /api/shelf/[id]': 'work',
  'PATCH /api/trials/[id]': 'work',
  'POST /api/cars': 'work',
  'POST /api/cars/[id]/benches': 'work',
  'POST /api/cars/[id]/events': 'work',
  'POST /api/cars/[id]/fills': 'work',
  'POST /api/cars/[id]/parts': 'work',
  'POST /api/cars/[id]/photos': 'work',
  'POST /api/cars/[id]/setups': 'work',
  'POST /api/cars/file': 'work',
  'POST /api/cases': 'work',
  'POST /api/jobs/[id]/close': 'work',
  'POST /api/jobs/[id]/drives': 'work',
  'POST /api/jobs/[id]/proofs': 'work',
  'POST /api/jobs/[id]/readings': 'work',
  'POST /api/jobs/[id]/trials': 'work',
  'POST /api/jobs/[id]/verdicts': 'work',
  'POST /api/jobs/[id]/works': 'work',
  'POST /api/readings': 'work',
  'POST /api/readings/check': 'work',
  'POST /api/shelf': 'work',
  'POST /api/shelf/[id]/open': 'work',
  'POST /api/works/[id]/fluid': 'work',
  'POST /api/works/[id]/ticks': 'work',
  'PUT /api/cars/[id]': 'work',
  'PATCH /api/calendar/[id]': 'setup',
  'PATCH /api/devices/[id]': 'setup',
  'PATCH /api/people/[id]': 'setup',
  'POST /api/calendar': 'setup',
  'POST /api/people': 'setup',
  'PUT /api/shop': 'setup',
};

let drop: () => Promise<void>;
let routes: RouteEntry[];
beforeAll(async () => {
  ({ drop } = await freshDatabase());
  routes = await allRoutes();
});
afterEach(() => standAs(COMMAND_LINE));
afterAll(() => drop());

/** The cookie of somebody in a role; a driver of these cars. */
async function cookieOf(role: Role, cars: string[] = []): Promise<string> {
  const { id } = await addPerson({ id: randomUUID(), name: `A ${role} ${randomUUID()}`, role, cars });
  const token = await openSession(database('setup'), { personId: id, deviceId: null, how: 'password' });
  return `${SESSION_COOKIE}=${token}`;
}

/** What is sent to a route, and the car it is about, where it is about one. */
async function asked({ name, path }: RouteEntry) {
  const made = await (BY_ID[name] ?? BY_VERSION[name])?.();
  if (made) {
    const body = { ...(BY_ID[name] ? { id: randomUUID() } : {}), ...made.body };
    return { params: made.params, body, car: await carOf(path, made.params.id, made.body) };
  }
  if (path.startsWith('/api/cars/[id]')) return about((await makeCar()).id);
  if (path.startsWith('/api/jobs/[id]')) {
    const { job } = await makeJob();
    const body = path.endsWith('/here') ? { page: randomUUID(), stage: 'checks', question: '' } : {};
    return { params: { id: job.id }, body, car: job.carId };
  }
  if (path.startsWith('/api/photos')) {
    const car = await makeCar();
    const photo = { id: randomUUID(), jobId: null, place: '', note: null, caption: '', jpeg: JPEG };
    return { params: { id: (await addPhoto(car.id, photo)).id }, body: {}, car: car.id };
  }
  const body = path.startsWith('/api/devices') ? { ended: true } : {};
  return { params: { id: randomUUID() }, body, car: undefined };
}

const about = (car: string) => ({ params: { id: car }, body: {}, car });

async function carOf(path: string, id: string | undefined, body: object): Promise<string | undefined> {
  if (path.startsWith('/api/cars/[id]')) return id;
  if ('carId' in body) return body.carId as string;
  if (id === undefined) return undefined;
  const sql = database();
  const [row] = path.startsWith('/api/drives')
    ? await sql<
        { carId: string }[]
      >`select car_id from jobs where id = (select job_id from proof_drives where id = ${id})`
    : await sql<{ carId: string }[]>`select car_id from jobs where id = ${id}`;
  return row?.carId;
}

describe('every route and method', () => {
  it('stands in this table', () => {
    expect(routes.map(({ name }) => name).sort()).toEqual(Object.keys(ASKS).sort());
  });

  it.each(Object.keys(ASKS))('%s answers those it is for, and nobody else', async (name) => {
    const entry = routes.find((route) => route.name === name)!;
    const asks = ASKS[name]!;
    const cookies = await Promise.all(
      ROLES.map(async (role) => ({ role, cookie: await cookieOf(role), made: await asked(entry) })),
    );
    const nobody = await asked(entry);
    standAs(undefined);
    const { status, json } = await call(entry, nobody.params, nobody.body);
    if (asks === 'open') expect(json.code).not.toBe('signed_out');
    else expect([status, json.code]).toEqual([401, 'signed_out']);
    if (asks === 'open') return;
    for (const { role, cookie, made } of cookies) {
      const answer = await call(entry, made.params, made.body, cookie);
      const told = `${role}: ${answer.status} ${JSON.stringify(answer.json).slice(0, 200)}`;
      const sees = role !== 'driver' || made.car === undefined;
      if (asks === 'self' || (may(role, asks) && sees)) expect([401, 403], told).not.toContain(answer.status);
      // What is about a car that one does not see is not there.
      else
        expect(role === 'driver' && made.car !== undefined ? [403, 404] : [403], told).toContain(
          answer.status,
        );
    }
  });

  it.each(Object.keys(ASKS).filter((name) => ['own', 'tell'].includes(ASKS[name]!)))(
    '%s answers a driver about the own car',
    async (name) => {
      const entry = routes.find((route) => route.name === name)!;
      const { params, body, car } = await asked(entry);
      const cookie = await cookieOf('driver', [car!]);
      standAs(undefined);
      const answer = await call(entry, params, body, cookie);
      expect(answer.status, JSON.stringify(answer.json).slice(0, 200)).toBe(200);
    },
  );
});

describe('a driver', () => {
  it('tells what is wrong and whether it is gone, and nothing of what is under the car', async () => {
    const { job } = await makeJob();
    const cookie = await cookieOf('driver', [job.carId]);
    standAs(undefined);
    const answers = routes.find(({ name }) => name === 'POST /api/jobs/[id]/answers')!;
    const changes = routes.find(({ name }) => name === 'PATCH /api/jobs/[id]')!;
    const say = (finding: string, state: string, phase: string) =>
      call(
        answers,
        { id: job.id },
        { id: randomUUID(), phase, finding, place: '', state, replaces: null, why: '' },
        cookie,
      );
    expect((await say('pedal_spongy', 'yes', 'before')).status).toBe(200);
    expect((await say('pedal_spongy', 'no', 'after')).status).toBe(200);
    expect(await say('pedal_hold', 'sinks', 'before')).toMatchObject({
      status: 403,
      json: { code: 'forbidden' },
    });
    const change = (body: object) => call(changes, { id: job.id }, { version: job.version, ...body }, cookie);
    expect(await change({ wheelsOff: true })).toMatchObject({ status: 403 });
    expect((await change({ whenWhere: 'After five laps' })).status).toBe(200);
  });
});
