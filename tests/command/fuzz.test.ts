import { randomUUID } from 'node:crypto';
import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { CALC_NAMES } from '../../core/exchange/calcs';
import { isDriversAnswer } from '../../core/job/driverTells';
import { FINDINGS } from '../../core/readings/vocabulary/findings';
import { answerCommand } from '../../scripts/answerCommand';
import { ROOT } from '../../scripts/system/paths';
import { freePort } from '../../scripts/system/port';
import { build, endGroup, type Server, serve } from '../../scripts/system/web';
import { closeDatabase, database } from '../../server/db/sql';
import { CASES } from '../support/cases';
import { freshDemo } from '../support/database';
import { oddities } from '../support/grammar';
import { limitNow } from '../support/pace';
import { allRoutes } from '../support/routes';
import { demoPerson, signIn } from '../support/signIn';
import { BY_ID, BY_VERSION } from '../support/writes';

/** More of them by `BAVRIN_FUZZ`: a run of 20,000 takes five minutes. */
const REQUESTS = Number(process.env.BAVRIN_FUZZ ?? 1200);
/** As many clients send them. */
const LANES = 3;
const METHODS = ['GET', 'HEAD', 'POST', 'PUT', 'PATCH', 'DELETE', 'OPTIONS'];
/** Nothing a client sends may keep it, or anybody else, waiting longer, ms. */
const PATIENCE_MS = 5000;
/** What was slow, or told that the database did not answer in time, is asked again by itself: a pause of the machine does not come again. */
const UNAVAILABLE = 503;

let server: Server;
let drop: () => Promise<void>;
/** Addresses with their parameters in brackets: every route handler and every page. */
let paths: string[];
/** A sound body for each write, and the parameters it goes to. */
let cookies: { role: string; cookie: string }[];
let sound: Map<string, { params: Record<string, string>; body: Record<string, unknown> }>;

beforeAll(async () => {
  await build('.next-test');
  const fresh = await freshDemo();
  drop = fresh.drop;
  const routes = await allRoutes();
  paths = [...new Set(routes.map((route) => route.path)), ...pages()];
  sound = new Map();
  for (const [name, make] of Object.entries({ ...BY_ID, ...BY_VERSION })) sound.set(name, await make());
  server = await serve({ port: await freePort(), host: '127.0.0.1', url: fresh.url, dist: '.next-test' });
  cookies = await Promise.all(
    ['Mira', 'Mira', 'Mira', 'Tobias', 'Tobias', 'Coline', 'Office'].map(async (name) => ({
      role: demoPerson(name).role,
      cookie: await signIn(server.address, name),
    })),
  );
  cookies.push({ role: 'nobody', cookie: '' });
}, 240_000);
afterAll(async () => {
  endGroup(server.pid);
  await drop();
});

/** Every page, read off the folder. */
function pages(): string[] {
  return readdirSync(join(ROOT, 'app'), { recursive: true, encoding: 'utf8' })
    .filter((file) => file.endsWith('page.tsx'))
    .map((file) => `/${file.replace(/\/?page\.tsx$/, '')}`)
    .sort();
}

const ODD_SEGMENTS = ['%ff', '%00', '..', 'null', '%F0%9F%92%A5', 'x'.repeat(600), '-1', '%2e%2e%2f', '%'];
const QUERIES = [
  '',
  '?words=%00',
  '?due=all',
  '?after=%ff_x',
  '?car=x&cause=%00&outcome=%F0',
  '?words=pedal%20%25_',
];

describe('whatever a client sends', () => {
  it(`${REQUESTS} odd requests over every route, page and method: none breaks the server, none is slow, and a refusal names what it refuses`, {
    timeout: 60_000 + REQUESTS * 100,
  }, async () => {
    const { random, pick, body } = oddities(20261125);
    const ids = (
      await database()`select id from jobs union all select id from cars union all select id from works`
    ).map((row) => row.id as string);
    const broken: string[] = [];
    const doubted: { where: string; request: RequestInit; told: string }[] = [];
    const nameless: string[] = [];
    const statuses = new Map<number, number>();
    // Everything of a request is drawn before it is sent: the same ones are sent, however many wait at once.
    const one = async () => {
      const path = pick(paths);
      const method = random() < 0.6 ? (pick([...sound.keys()]).split(' ')[0] ?? 'GET') : pick(METHODS);
      const known = sound.get(`${method} ${path}`);
      const address = path.replace(/\[(\w+)\]/g, (_, name: string) => {
        const way = random();
        if (way < 0.5) return known?.params[name] ?? pick(ids);
        if (way < 0.7) return pick(ids).toUpperCase();
        return way < 0.8 ? randomUUID() : pick(ODD_SEGMENTS);
      });
      const template = known ? { id: randomUUID(), ...known.body } : {};
      const sent = method === 'GET' || method === 'HEAD' ? undefined : body(template);
      const { cookie } = pick(cookies);
      const type =
        random() < 0.95 ? 'application/json' : pick(['text/plain', '', 'application/json; charset=x']);
      const asked = `${address}${pick(QUERIES)}`;
      const told = `${method} ${asked} ${sent?.slice(0, 200) ?? ''}`;
      const headers = {
        ...(type === '' ? {} : { 'content-type': type }),
        // Whoever signs out is asked to come in again: these stay.
        ...(path.includes('sign-out') ? {} : { cookie }),
      };
      const request = { method, headers, body: sent, redirect: 'manual' } as const;
      const where = `${server.address}${asked}`;
      const { status, answer, ms } = await timed(where, request);
      if (status >= 500 && status !== UNAVAILABLE) broken.push(`${status}: ${told}`);
      else if (status === UNAVAILABLE || ms > PATIENCE_MS) doubted.push({ where, request, told });
      if (status === 422 && !named(answer)) nameless.push(`${told} -> ${answer.slice(0, 300)}`);
      statuses.set(status, (statuses.get(status) ?? 0) + 1);
    };
    let sent = 0;
    const lane = async () => {
      while (sent++ < REQUESTS) await one();
    };
    await Promise.all(Array.from({ length: LANES }, lane));
    for (const { where, request, told } of doubted) {
      const { status, ms } = await timed(where, request);
      if (status >= 500 || ms > PATIENCE_MS) broken.push(`${status} after ${Math.round(ms)} ms: ${told}`);
    }
    // In lines: a list is cut where it is told.
    expect(broken.join('\n')).toBe('');
    expect(nameless.join('\n')).toBe('');
    // The grammar is worth something only when requests get past the first fences too: one in sixteen, with every new page
    // that takes no body, and every role that may not, the shares shift.
    expect(statuses.get(422) ?? 0).toBeGreaterThan(REQUESTS / 16);
    expect(statuses.get(200) ?? 0).toBeGreaterThan(REQUESTS / 16);
    expect((await fetch(`${server.address}/api/health`)).status).toBe(200);
    expect((await fetch(server.address)).status).toBe(200);
    expect(await writtenByWrongRoles()).toEqual([]);
  });

  it('a small case waits for no engine to be warm: reading it needs none', async () => {
    const times: number[] = [];
    for (let tried = 0; tried < 5; tried++) {
      const { status, ms } = await timed(`${server.address}/api/cases`, {
        method: 'POST',
        headers: { 'content-type': 'application/json', cookie: owner() },
        body: '{"x":221}',
      });
      expect(status).toBe(422);
      times.push(ms);
    }
    expect(Math.min(...times)).toBeLessThan(limitNow(600));
  });

  it('a body of 31 MB holds nobody up', { timeout: 240_000 }, async () => {
    const large = fetch(`${server.address}/api/cases`, {
      method: 'POST',
      headers: { 'content-type': 'application/json', cookie: owner() },
      body: `[${'{},'.repeat(10_400_000)}{}]`,
    });
    const waits: number[] = [];
    let answered = false;
    void large.then(() => {
      answered = true;
    });
    do {
      const started = performance.now();
      await (await fetch(`${server.address}/api/health`)).text();
      waits.push(performance.now() - started);
    } while (!answered && waits.length < 2000);
    const refused = await large;
    expect(refused.status).toBe(422);
    expect(await refused.text()).toContain('at most');
    waits.sort((left, right) => left - right);
    expect(waits[Math.floor(waits.length * 0.9)]).toBeLessThan(limitNow(300));
  });

  it('ten verdicts on everything abnormal leave the others their answers', { timeout: 240_000 }, async () => {
    const { everythingAbnormal } = await import('../support/abnormal');
    const jobs = await Promise.all(Array.from({ length: 10 }, () => everythingAbnormal()));
    await closeDatabase();
    const started = performance.now();
    const all = Promise.all(
      jobs.map(async (id) => {
        const response = await fetch(`${server.address}/job/${id}/verdict`, { headers: { cookie: owner() } });
        // A hundred pieces of evidence are not all drawn before anybody asks for them.
        expect(await response.text()).toContain('more pieces of evidence');
        return response.status;
      }),
    );
    const waits: number[] = [];
    let done = false;
    void all.then(() => {
      done = true;
    });
    while (!done) {
      const asked = performance.now();
      await (await fetch(`${server.address}/api/health`)).text();
      waits.push(performance.now() - asked);
    }
    expect(await all).toEqual(Array(10).fill(200));
    expect(performance.now() - started).toBeLessThan(limitNow(20_000));
    waits.sort((left, right) => left - right);
    expect(waits[Math.floor(waits.length / 2)]).toBeLessThan(limitNow(100));
  });
});

const owner = () => cookies[0]!.cookie;

async function timed(
  address: string,
  request: RequestInit,
): Promise<{ status: number; answer: string; ms: number }> {
  const started = performance.now();
  const response = await fetch(address, request);
  // A stream has no end to wait for.
  const isStream = response.headers.get('content-type') === 'text/event-stream';
  const answer = isStream ? '' : await response.text();
  if (isStream) await response.body?.cancel();
  return { status: response.status, answer, ms: performance.now() - started };
}

/** What readers wrote, and what drivers wrote that a driver does not; what was changed counts with what was added. */
async function writtenByWrongRoles(): Promise<readonly unknown[]> {
  const drivers = FINDINGS.filter(({ id }) => isDriversAnswer(id)).map(({ id }) => id);
  return database()`
    select p.role, w.what from (
      select by_person, 'answer ' || finding as what from findings
      where by_person in (select id from people where role <> 'driver') or finding <> all(${drivers})
      union all select by_person, 'reading' from readings
      union all select by_person, 'verdict' from verdicts
      union all select by_person, 'work' from works
      union all select by_person, 'tick' from ticks
      union all select by_person, 'proof' from hold_proofs
      union all select person_id, what || ' ' || how from audit where what not in ('sign_in', 'jobs', 'proof_drives')
    ) w join people p on p.id = w.by_person where p.role in ('driver', 'reader')`;
}

/** Whether every issue names its field, the value and what is accepted. */
function named(answer: string): boolean {
  const { issues } = JSON.parse(answer) as {
    issues?: { path?: string; value?: string; accepted?: string }[];
  };
  return (
    issues !== undefined &&
    issues.length > 0 &&
    issues.every(
      ({ path, value, accepted }) =>
        path !== undefined && value !== undefined && value !== '' && accepted && !/^Invalid/.test(accepted),
    )
  );
}

describe('whatever a command is given', () => {
  it('500 odd inputs: an answer, or what is wrong in lines a person can read; never a stack', () => {
    const { pick, body, below } = oddities(500);
    const calcs = calcInputs();
    let answered = 0;
    for (let count = 0; count < 500; count++) {
      const calc = below(4) === 0 ? pick(CALC_NAMES) : pick(Object.keys(calcs));
      const diagnosing = below(3) === 0;
      const sound = diagnosing ? pick(CASES) : (calcs[calc] ?? {});
      // Now and then one that is right: the others are worth something only beside it.
      const text = below(10) === 0 ? JSON.stringify(sound) : body(sound);
      const argv = diagnosing ? ['diagnose', '-'] : ['calc', below(20) === 0 ? '__proto__' : calc, '-'];
      const { code, out, err } = answerCommand(argv, () => text);
      const told = `${argv.join(' ')} < ${text.slice(0, 200)}`;
      if (code === 0) {
        answered += 1;
        expect(err, told).toBe('');
        expect(out, told).not.toMatch(/\bNaN\b|undefined/);
        JSON.parse(out);
      } else {
        expect(out, told).toBe('');
        expect(err, told).toMatch(/: .+\n/);
        expect(err, told).not.toMatch(/ {4}at |Invalid input|\[object/);
      }
    }
    expect(answered).toBeGreaterThan(20);
  });
});

/** A sound input for each calc, from the demo's readings and the shop's own plans. */
function calcInputs(): Record<string, unknown> {
  return {
    fluid: { class: 'DOT4', moisturePct: 2, altitudeM: 300, caliperPeakC: 160 },
    rotor: {
      runoutMm: [0, 0.02, 0.04, 0.02, 0, -0.02, -0.04, -0.02],
      thicknessMm: Array(8).fill(27.4),
      newMm: 28,
      minimumMm: 26,
    },
    judder: { speedKmh: 110, rollingRadiusM: 0.31, frequencyHz: 15.7 },
    pads: {
      caliper: { front: 'sliding' },
      newMm: 15,
      minimumMm: 3,
      corners: { FL: { inner: { leading: 8, trailing: 8.2 }, outer: { leading: 9, trailing: 9 } } },
    },
    'pad-life': { newMm: 12, limitMm: 4, readings: [{ sessions: 10, mm: 7 }] },
    'heat-stops': {
      massKg: 1280,
      axleShare: 0.7,
      rotorMassKg: 7.2,
      hAWPerK: 14.4,
      fromKmh: 200,
      toKmh: 80,
      intervalS: 25,
      ambientC: 25,
    },
    'heat-session': {
      car: { massKg: 1280, axleShare: 0.7, rotorMassKg: 7.2 },
      lap: { zones: [{ fromKmh: 190, toKmh: 80, thenS: 20 }] },
      laps: 6,
      ambientC: 20,
      cooling: 'face',
      limits: { padC: 600, fluidC: 210 },
      measured: [{ lap: 6, rotorC: 420, caliperC: 120 }],
    },
    hydraulics: {
      master: { boreMm: 22.225 },
      pedal: { forceN: 400, ratio: 5.5 },
      front: { caliper: 'opposed', pistonsMm: [40, 40], mu: 0.4, effectiveRadiusM: 0.13 },
      rear: { caliper: 'sliding', pistonsMm: [38], mu: 0.4, effectiveRadiusM: 0.12 },
      massKg: 1200,
      rollingRadiusM: 0.31,
      tyreGrip: 1.1,
    },
    travel: {
      master: { boreMm: 22.225 },
      pedal: { ratio: 5.5, freePlayMm: 3 },
      pressureMPa: 5,
      gasMl: 0.5,
      hoses: [{ lengthM: 1.6, mlPerMAt1000psi: 2.165 }],
    },
    'travel-solve': {
      master: { boreMm: 22.225 },
      pedal: { ratio: 5.5 },
      points: [
        { forceN: 40, travelMm: 25 },
        { forceN: 150, travelMm: 38 },
        { forceN: 400, travelMm: 55 },
      ],
    },
    firmness: {
      master: { boreMm: 22.225 },
      pedal: { ratio: 5.5 },
      points: [
        { forceN: 100, travelMm: 30 },
        { forceN: 300, travelMm: 41 },
        { forceN: 300, travelMm: 36, press: 3 },
      ],
      toFloorMm: 90,
    },
    'pedal-ratio': { aMm: 270, bMm: 50 },
    'bleed-plan': {
      masterSide: 'right',
      bleeders: { front: 2, rear: 1 },
      opened: true,
      stabilityControl: true,
      method: 'pressure',
      bottleMl: 500,
    },
  };
}
