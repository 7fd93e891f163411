import { randomBytes, randomUUID } from 'node:crypto';
import { startingSet } from '../../core/car/startingSets';
import { keepBench } from '../../server/benches/actions';
import { makeFeed } from '../../server/calendar/feed';
import { database } from '../../server/db/sql';
import { addFill } from '../../server/fills/actions';
import { addTrial } from '../../server/jobs/changeTrial';
import { sendOut } from '../../server/jobs/proofDrive';
import { addWork } from '../../server/jobs/work';
import { addPerson } from '../../server/people/actions';
import { addPhoto } from '../../server/photos/actions';
import { addSetup } from '../../server/setups/actions';
import { addShelfItem } from '../../server/shelf/actions';
import { getShop } from '../../server/shop/queries';
import { addEvent } from '../../server/wear/actions';
import { bleedAtHand, doSteps } from './bleed';
import { answer, makeCar, makeJob } from './shop';

/** One write: where it goes, what it says, and the same with other content. */
export type Sent = {
  params: Record<string, string>;
  body: Record<string, unknown>;
  other: Record<string, unknown>;
  /** Rows it may leave behind, all together. */
  count: () => Promise<number>;
  /** Another place the same id could be sent to. */
  elsewhere?: Record<string, string>;
};

const secret = () => randomBytes(32).toString('base64url');
const rows = (table: string) => async () =>
  Number((await database().unsafe(`select count(*)::int as count from ${table}`))[0]!.count);
const jobParams = async () => ({ id: (await makeJob()).job.id });
const lot = async () => {
  const { id } = await addShelfItem({
    id: randomUUID(),
    kind: 'fluid',
    what: 'DOT 4',
    batch: '',
    quantity: 40,
    fluidClass: 'DOT4',
    sizeMl: 500,
  });
  return { id };
};

/** A job whose car is whole and firm at rest. */
const readyToDrive = async () => {
  const { job } = await makeJob();
  for (const [finding, state] of [
    ['pedal_now', 'firm'],
    ['pedal_hold', 'holds'],
  ] as const)
    await answer(job.id, { phase: 'after', finding, state });
  return { id: job.id };
};

/** The smallest picture there is, in base64. */
export const JPEG =
  '/9j/4AAQSkZJRgABAQEASABIAAD/2wBDAP//////////////////////////////////////////////////////////////////////////////////////wgALCAABAAEBAREA/8QAFBABAAAAAAAAAAAAAAAAAAAAAP/aAAgBAQABPxD/2Q==';

const TRIAL = {
  onDate: '2026-05-01',
  change: 'Ducts on',
  figure: 'rotor',
  before: [610, 622, 615],
  after: [540, 551, 548],
  note: '',
};

const BENCH = {
  bench: 'balance',
  name: 'As it stands',
  typed: { bore: '22.2', front: { pistons: '40, 40' } },
  units: { lengthUnit: 'mm', temperatureUnit: '°C', pressureUnit: 'kPa' },
};
const SETUP = { track: 'Old field', kind: 'rough', frontN: 18, rearN: null, tap: true, note: '' };

const FILL = {
  filledOn: '2026-05-01',
  product: 'DOT 4',
  batch: 'A',
  fluidClass: 'DOT4',
  dryC: 250,
  wetC: 165,
  colour: 'amber',
  odometerKm: 120_000,
  lotId: null,
  lotOpenedOn: null,
};

/** Every write there is under an id its sender made. */
export const BY_ID: Record<string, () => Promise<Sent>> = {
  'POST /api/cars': async () => ({
    params: {},
    body: { ...startingSet('saloon'), name: 'One' },
    other: { ...startingSet('saloon'), name: 'Other' },
    count: rows('cars'),
  }),
  'POST /api/cars/[id]/events': async () => ({
    params: { id: (await makeCar()).id },
    elsewhere: { id: (await makeCar()).id },
    body: { name: 'Club day', onDate: '2026-05-01', sessions: 4 },
    other: { name: 'Club day', onDate: '2026-05-01', sessions: 5 },
    count: rows('car_events'),
  }),
  'POST /api/cars/[id]/fills': async () => ({
    params: { id: (await makeCar()).id },
    elsewhere: { id: (await makeCar()).id },
    body: FILL,
    other: { ...FILL, batch: 'B' },
    count: rows('fills'),
  }),
  'POST /api/jobs/[id]/trials': async () => ({
    params: await jobParams(),
    elsewhere: await jobParams(),
    body: TRIAL,
    other: { ...TRIAL, note: 'Wind' },
    count: rows('change_trials'),
  }),
  'POST /api/cars/[id]/setups': async () => ({
    params: { id: (await makeCar()).id },
    elsewhere: { id: (await makeCar()).id },
    body: SETUP,
    other: { ...SETUP, tap: false },
    count: rows('track_setups'),
  }),
  'POST /api/cars/[id]/benches': async () => ({
    params: { id: (await makeCar()).id },
    elsewhere: { id: (await makeCar()).id },
    body: BENCH,
    other: { ...BENCH, name: 'Other bore' },
    count: rows('bench_states'),
  }),
  'POST /api/cars/[id]/photos': async () => {
    const photo = { jobId: null, place: 'FR', note: null, jpeg: JPEG };
    return {
      params: { id: (await makeCar()).id },
      elsewhere: { id: (await makeCar()).id },
      body: { ...photo, caption: 'Pad' },
      other: { ...photo, caption: 'Rotor' },
      count: rows('photos'),
    };
  },
  'POST /api/cars/[id]/parts': async () => {
    const part = { kind: 'pads', place: 'front', what: 'Track pads', batch: '', jobId: null, shelfId: null };
    return {
      params: { id: (await makeCar()).id },
      elsewhere: { id: (await makeCar()).id },
      body: { ...part, fittedOn: '2026-05-01' },
      other: { ...part, fittedOn: '2026-05-02' },
      count: rows('fitted_parts'),
    };
  },
  'POST /api/people': async () => ({
    params: {},
    body: { name: `Somebody ${randomUUID()}`, role: 'technician' },
    other: { name: `Somebody else ${randomUUID()}`, role: 'technician' },
    count: rows('people'),
  }),
  'POST /api/calendar': async () => ({
    params: {},
    body: { token: secret() },
    other: { token: secret() },
    count: rows('calendar_feeds'),
  }),
  'POST /api/jobs': async () => {
    const carId = (await makeCar()).id;
    return {
      params: {},
      body: { carId, complaint: 'Soft', neededAt: null },
      other: { carId, complaint: 'Hard', neededAt: null },
      count: rows('jobs'),
    };
  },
  'POST /api/jobs/[id]/answers': async () => {
    const said = { phase: 'before', finding: 'pedal_spongy', place: '', replaces: null, why: '' };
    return {
      params: await jobParams(),
      elsewhere: await jobParams(),
      body: { ...said, state: 'yes' },
      other: { ...said, state: 'no' },
      count: rows('findings'),
    };
  },
  'POST /api/jobs/[id]/readings': async () => {
    const read = { phase: 'before', kind: 'fluid', corner: '', replaces: null, why: '' };
    return {
      params: await jobParams(),
      elsewhere: await jobParams(),
      body: { ...read, input: { class: 'DOT4', moisturePct: 2 } },
      other: { ...read, input: { class: 'DOT4', moisturePct: 3 } },
      count: rows('readings'),
    };
  },
  'POST /api/jobs/[id]/verdicts': async () => ({
    params: await jobParams(),
    elsewhere: await jobParams(),
    body: { decided: null },
    other: { decided: 'fluid_boiled_wet' },
    count: rows('verdicts'),
  }),
  'POST /api/jobs/[id]/works': async () => ({
    params: await jobParams(),
    elsewhere: await jobParams(),
    body: { procedure: 'flush', cause: null, title: 'Flush', before: '' },
    other: { procedure: 'flush', cause: null, title: 'Flush again', before: '' },
    count: rows('works'),
  }),
  'POST /api/works/[id]/ticks': async () => {
    const work = async () => {
      const { job } = await makeJob();
      return addWork(job.id, {
        id: randomUUID(),
        procedure: 'other',
        cause: null,
        title: 'Work',
        before: '',
        options: { touches: ['none'] },
      });
    };
    const { id, plan } = await work();
    const step = (plan as { steps: { id: string }[] }).steps[0]!.id;
    return {
      params: { id },
      elsewhere: { id: (await work()).id },
      body: { step, done: true, note: '' },
      other: { step, done: false, note: '' },
      count: rows('ticks'),
    };
  },
  'POST /api/jobs/[id]/drives': async () => {
    const drive = { driver: 'Mira', dueOn: '2199-01-01' };
    return {
      params: await readyToDrive(),
      elsewhere: await readyToDrive(),
      body: { ...drive, conditions: 'Hot' },
      other: { ...drive, conditions: 'Cold' },
      count: rows('proof_drives'),
    };
  },
  'POST /api/drives/[id]/back': async () => {
    const away = async () => {
      const { id } = await readyToDrive();
      const drive = { id: randomUUID(), driver: 'Mira', conditions: 'Hot', dueOn: '2199-01-01' };
      return { id: (await sendOut(id, drive)).id };
    };
    return {
      params: await away(),
      elsewhere: await away(),
      body: { laps: 5, airC: 21.5, note: '' },
      other: { laps: 6, airC: 21.5, note: '' },
      count: rows('proof_drives where back_id is not null'),
    };
  },
  'POST /api/jobs/[id]/proofs': async () => {
    const held = async () => {
      const { job } = await makeJob();
      await answer(job.id, { finding: 'pedal_hold', state: 'sinks' });
      await answer(job.id, { phase: 'after', finding: 'pedal_hold', state: 'holds' });
      return { id: job.id };
    };
    const proof = { hold: 'pedal_sinks', by: 'Mira' };
    return {
      params: await held(),
      elsewhere: await held(),
      body: { ...proof, how: 'Held for a minute' },
      other: { ...proof, how: 'Held for two' },
      count: rows('hold_proofs'),
    };
  },
  'POST /api/shelf': async () => {
    const item = { kind: 'pads', what: 'Street pads', batch: '', fluidClass: null, sizeMl: null };
    return {
      params: {},
      body: { ...item, quantity: 2 },
      other: { ...item, quantity: 3 },
      count: rows('shelf'),
    };
  },
  'POST /api/shelf/[id]/open': async () => ({
    params: await lot(),
    elsewhere: await lot(),
    body: {},
    other: {},
    count: rows('shelf'),
  }),
  'POST /api/works/[id]/fluid': async () => {
    await lot();
    const begun = async () => {
      const { work } = await bleedAtHand();
      await doSteps(work, 'first bleeder');
      return { id: work.id };
    };
    return {
      params: await begun(),
      elsewhere: await begun(),
      body: { taken: true, lot: null },
      other: { taken: true, lot: randomUUID() },
      count: rows('work_fluid'),
    };
  },
};

/** Writes over a version its author saw: sent again they say what stands already. */
export const BY_VERSION: Record<string, () => Promise<Omit<Sent, 'elsewhere' | 'count'>>> = {
  'PUT /api/cars/[id]': async () => {
    const { id, ...car } = await makeCar();
    return { params: { id }, body: { ...car, note: 'one' }, other: { ...car, note: 'other' } };
  },
  'PATCH /api/cars/[id]': async () => {
    const note = { of: 'torque', id: 'wheel', saw: null };
    return {
      params: { id: (await makeCar()).id },
      body: { ...note, value: 88 },
      other: { ...note, value: 90 },
    };
  },
  'PATCH /api/jobs/[id]': async () => {
    const { job } = await makeJob();
    const version = job.version;
    return {
      params: { id: job.id },
      body: { version, history: 'one', neededAt: '2026-06-01T10:00:00Z' },
      other: { version, history: 'other' },
    };
  },
  'PATCH /api/events/[id]': async () => {
    const car = await makeCar();
    const event = { name: 'Day', onDate: '2026-05-01', sessions: 4, circuit: 'fast', airC: 31.5 };
    const { id, version } = await addEvent(car.id, { id: randomUUID(), ...event });
    return {
      params: { id },
      body: { ...event, version, dropped: true },
      other: { ...event, version, sessions: 6 },
    };
  },
  'PATCH /api/calendar/[id]': async () => {
    const { id, version } = await makeFeed({
      id: randomUUID(),
      token: randomBytes(32).toString('base64url'),
    });
    return { params: { id }, body: { version }, other: { version: version + 5 } };
  },
  'PATCH /api/people/[id]': async () => {
    await addPerson({ id: randomUUID(), name: `Owner ${randomUUID()}`, role: 'owner' });
    const name = `Somebody ${randomUUID()}`;
    const { id, version } = await addPerson({ id: randomUUID(), name, role: 'technician' });
    return {
      params: { id },
      body: { version, name, role: 'reader' },
      other: { version, name, role: 'technician' },
    };
  },
  'PATCH /api/fills/[id]': async () => {
    const { id, version } = await addFill((await makeCar()).id, { id: randomUUID(), ...FILL });
    return { params: { id }, body: { version, dropped: true }, other: { version, dropped: false } };
  },
  'PATCH /api/trials/[id]': async () => {
    const { id } = await jobParams();
    const trial = await addTrial(id, { id: randomUUID(), ...TRIAL });
    return {
      params: { id: trial.id },
      body: { version: trial.version, dropped: true },
      other: { version: trial.version, dropped: false },
    };
  },
  'PATCH /api/setups/[id]': async () => {
    const { id, version } = await addSetup((await makeCar()).id, { id: randomUUID(), ...SETUP });
    return { params: { id }, body: { version, dropped: true }, other: { version, dropped: false } };
  },
  'PATCH /api/benches/[id]': async () => {
    const { id, version } = await keepBench((await makeCar()).id, { id: randomUUID(), ...BENCH });
    return { params: { id }, body: { version, dropped: true }, other: { version, dropped: false } };
  },
  'PATCH /api/photos/[id]': async () => {
    const photo = { id: randomUUID(), jobId: null, place: '', note: null, caption: '', jpeg: JPEG };
    const { id, version } = await addPhoto((await makeCar()).id, photo);
    return { params: { id }, body: { version, dropped: true }, other: { version, dropped: false } };
  },
  'PATCH /api/follow-ups/[id]': async () => {
    const id = randomUUID();
    const sql = database();
    await sql`insert into follow_ups ${sql({ id, carId: (await makeCar()).id, what: 'Look', dueOn: null })}`;
    return { params: { id }, body: { version: 1 }, other: { version: 7 } };
  },
  'PATCH /api/shelf/[id]': async () => ({
    params: await lot(),
    body: { version: 1, quantity: 3, remainingMl: null, dropped: false },
    other: { version: 1, quantity: 9, remainingMl: null, dropped: false },
  }),
  'PUT /api/shop': async () => {
    const { isDemo: _, ...shop } = await getShop();
    return { params: {}, body: { ...shop, name: 'One' }, other: { ...shop, name: 'Other' } };
  },
  'POST /api/jobs/[id]/close': async () => {
    const { job } = await makeJob();
    await answer(job.id, { phase: 'after', finding: 'pedal_hold', state: 'holds' });
    await answer(job.id, { phase: 'after', finding: 'pedal_spongy', state: 'no' });
    const closing = { version: job.version, outcome: 'no_change', confirmed: [], by: 'Mira', next: [] };
    return {
      params: { id: job.id },
      body: { ...closing, summary: 'one' },
      other: { ...closing, summary: 'other' },
    };
  },
};

/** Letting in and out, ending, secrets, and where somebody is: sent again they are what they were, or are asked for anew. */
export const BY_NATURE = [
  'PATCH /api/devices/[id]',
  'PATCH /api/me',
  'POST /api/jobs/[id]/here',
  'POST /api/people/[id]/sign-out',
  'POST /api/sign-in',
  'POST /api/sign-in/demo',
  'POST /api/sign-in/first',
  'POST /api/sign-in/pass',
  'POST /api/sign-in/pin',
  'POST /api/sign-out',
];

/** An import knows its cases by what is in them. */
export const BY_CONTENT = [
  'POST /api/cases',
  'POST /api/cars/file',
  'POST /api/readings',
  'POST /api/readings/check',
];
