import { judge } from '../../core/job/judgement';
import { headOf } from '../../core/job/standing';
import { passingRecord } from '../../core/planning/run/passing';
import { planOf } from '../../core/planning/run/run';
import { findingOf } from '../../core/readings/vocabulary/findings';
import { keepBench } from '../../server/benches/actions';
import { addCar } from '../../server/cars/actions';
import { database } from '../../server/db/sql';
import { addFill } from '../../server/fills/actions';
import { addAnswer, addReading } from '../../server/jobs/append';
import { addTrial } from '../../server/jobs/changeTrial';
import { closeJob } from '../../server/jobs/close';
import { changeJob, openJob } from '../../server/jobs/open';
import { comeBack, sendOut } from '../../server/jobs/proofDrive';
import { getSheet } from '../../server/jobs/queries';
import { addTick, addWork, proveHold, recordVerdict } from '../../server/jobs/work';
import { fitPart } from '../../server/parts/actions';
import { addPerson } from '../../server/people/actions';
import { as, COMMAND_LINE } from '../../server/people/actor';
import { addSetup } from '../../server/setups/actions';
import { addShelfItem, openBottle } from '../../server/shelf/actions';
import { saveShop } from '../../server/shop/actions';
import { addEvent } from '../../server/wear/actions';
import {
  DEMO_BENCHES,
  DEMO_CARS,
  DEMO_CIRCUITS,
  DEMO_EVENTS,
  DEMO_FILLS,
  DEMO_PARTS,
  DEMO_SETUPS,
  DEMO_SHELF,
  DEMO_SHOP,
  type DemoCar,
} from './cars';
import { DEMO_CONDITIONS } from './conditions';
import type { DemoJob } from './job';
import { DEMO_JOBS } from './jobs';
import { DEMO_PEOPLE, demoAuthor } from './people';

const MINUTE = 60_000;
const DAY = 24 * 60 * MINUTE;

/**
 * Loads the invented season through the same doors the screens use, so that it can hold nothing they would refuse.
 * Days count back from `today`, so that the board always looks like a working day.
 */
export function loadDemo(today: Date): Promise<void> {
  return as(COMMAND_LINE, () => load(today));
}

type CarIds = Record<DemoCar, string>;

async function load(today: Date): Promise<void> {
  made = 0;
  await saveShop({ ...DEMO_SHOP, version: 0 }, { isDemo: true });
  const ids = await loadCars(today);
  for (const { cars = [], ...person } of DEMO_PEOPLE)
    await addPerson({ ...person, cars: cars.map((car) => ids[car]) });
  await loadShelf(today);
  await loadOnCars(ids, today);
  const byStart = [...DEMO_JOBS].sort(
    (left, right) => right.daysAgo - left.daysAgo || left.hour - right.hour,
  );
  for (const job of byStart) await as(demoAuthor(job.close?.by), () => loadJob(job, ids[job.car], today));
  // Last of all: a load that breaks off before is no demo, and is made again.
  await database('setup')`update shop set demo_whole = true`;
}

/** The cars, with their days on track and what simulated instruments find on them. */
async function loadCars(today: Date): Promise<CarIds> {
  const ids = {} as CarIds;
  for (const [key, spec] of Object.entries(DEMO_CARS)) {
    const car = key as DemoCar;
    const { id } = await addCar({ id: demoId(), ...spec });
    ids[car] = id;
    for (const [name, inDays, sessions] of DEMO_EVENTS[car]) {
      const event = { name, onDate: dayBefore(today, -inDays), sessions, ...DEMO_CIRCUITS[name] };
      await addEvent(id, { id: demoId(), ...event });
    }
    const sql = database('work');
    const condition = DEMO_CONDITIONS[car];
    if (condition)
      await sql`insert into simulated_conditions ${sql({ carId: id, condition: sql.json(condition as never) })}`;
  }
  return ids;
}

async function loadShelf(today: Date): Promise<void> {
  for (const { openedDaysAgo, ...lot } of DEMO_SHELF) {
    const { id } = await addShelfItem({ id: demoId(), fluidClass: null, sizeMl: null, ...lot }, today);
    if (openedDaysAgo !== undefined)
      await openBottle(id, { id: demoId() }, new Date(today.getTime() - openedDaysAgo * DAY));
  }
}

/** What was poured into the cars, kept of benches, set for tracks and fitted. */
async function loadOnCars(ids: CarIds, today: Date): Promise<void> {
  for (const [car, daysAgo, fill] of DEMO_FILLS) {
    const filled = { ...fill, filledOn: dayBefore(today, daysAgo), lotId: null, lotOpenedOn: null };
    await addFill(ids[car], { id: demoId(), ...filled }, today);
  }
  for (const [car, bench] of DEMO_BENCHES) await keepBench(ids[car], { id: demoId(), ...bench }, today);
  for (const [car, setup] of DEMO_SETUPS) await addSetup(ids[car], { id: demoId(), ...setup }, today);
  for (const [car, inDays, part] of DEMO_PARTS) {
    const fitted = { ...part, fittedOn: dayBefore(today, -inDays), jobId: null, shelfId: null };
    await fitPart(ids[car], { id: demoId(), ...fitted }, today);
  }
}

let made = 0;

/** The demo's ids are counted, so that two loads are alike. */
function demoId(): string {
  made += 1;
  return `00000000-0000-4000-8000-${made.toString(16).padStart(12, '0')}`;
}

async function loadJob(job: DemoJob, carId: string, today: Date): Promise<void> {
  const opened = new Date(
    startOfDay(today).getTime() - job.daysAgo * DAY + job.hour * 60 * MINUTE + 10 * MINUTE,
  );
  let minute = 0;
  const clock = () => new Date(opened.getTime() + 2 * MINUTE * ++minute);
  const id = demoId();
  const neededAt =
    job.neededInHours === undefined
      ? null
      : new Date(startOfDay(today).getTime() + (10 + job.neededInHours) * 60 * MINUTE).toISOString();
  const { job: fresh } = await openJob({ id, carId, complaint: job.complaint, neededAt }, opened);
  await changeJob(id, {
    version: fresh.version,
    whenWhere: job.whenWhere ?? '',
    history: job.history ?? '',
    odometerKm: job.odometerKm ?? null,
    wheelsOff: job.wheelsOff ?? false,
    helper: job.helper ?? true,
  });

  await loadAnswers(id, 'before', job.answers, clock);
  await loadReadings(id, 'before', job.readings ?? [], clock);
  if (job.decided) await recordVerdict(id, { id: demoId(), decided: job.decided }, clock());
  const found = job.work ? await loadWork(id, job.work, clock) : [];
  const after = job.after ?? [];
  const only = found.filter(([finding]) => !after.some(([said]) => said === finding));
  await loadAnswers(id, 'after', [...only, ...after], clock);
  await loadReadings(id, 'after', job.afterReadings ?? [], clock);
  for (const [hold, how] of job.proofs ?? [])
    await proveHold(id, { id: demoId(), hold, how, by: 'Mira' }, clock());
  if (job.driven) await loadDrive(id, job.driven, clock);
  for (const trial of job.trials ?? [])
    await addTrial(id, { id: demoId(), onDate: dayBefore(opened, 0), ...trial }, clock());
  if (job.close) await loadClosing(id, job.close, { opened, clock });
}

async function loadClosing(
  id: string,
  { hours, next = [], ...said }: NonNullable<DemoJob['close']>,
  { opened, clock }: { opened: Date; clock: () => Date },
): Promise<void> {
  const { job: now } = await getSheet(id);
  const closed = new Date(Math.max(opened.getTime() + hours * 60 * MINUTE, clock().getTime()));
  const due = next.map(([what, inDays, temporary]) => ({
    id: demoId(),
    what,
    ...(temporary ? { temporary } : {}),
    dueOn: new Date(closed.getTime() + inDays * DAY).toISOString().slice(0, 10),
  }));
  await closeJob(id, { version: now.version, ...said, next: due }, closed);
}

/** Out on proof, and back with nothing of the complaint left. */
async function loadDrive(
  jobId: string,
  { driver, conditions, backInDays = 0, back, found = [] }: NonNullable<DemoJob['driven']>,
  clock: () => Date,
): Promise<void> {
  const out = clock();
  const dueOn = dayBefore(out, -backInDays);
  const { id } = await sendOut(jobId, { id: demoId(), driver, conditions, dueOn }, out);
  if (!back) return;
  await comeBack(id, { id: demoId(), ...back }, clock());
  const sheet = await getSheet(jobId);
  for (const { finding, place = '', change, out: complained } of judge(sheet).proof) {
    if (!complained || change !== 'not_yet') continue;
    const [state] = findingOf(finding).states;
    // Said at rest already, it is said anew after the drive.
    const said = headOf(sheet.answers, 'after', (row) => row.finding === finding && row.place === place);
    const gone = { id: demoId(), phase: 'after', finding, place, state, replaces: said?.id ?? null, why: '' };
    await addAnswer(jobId, gone, clock());
  }
  await loadAnswers(jobId, 'after', found, clock);
}

/** Work with its steps as far as they were done; what those found comes back. */
async function loadWork(
  jobId: string,
  work: NonNullable<DemoJob['work']>,
  clock: () => Date,
): Promise<DemoJob['answers']> {
  const { procedure, cause, title, before, corners = [], options = {}, measuredBy = null } = work;
  const started = await addWork(
    jobId,
    { id: demoId(), procedure, cause, title, before, corners, options, measuredBy },
    clock(),
  );
  const found = new Map<string, string>();
  const { steps } = planOf(started);
  for (const step of steps.slice(0, work.ticked === 'all' ? steps.length : work.ticked)) {
    const record = { ...passingRecord(step), ...work.records?.[step.id] };
    const note = work.notes?.[step.id] ?? '';
    await addTick(started.id, { id: demoId(), step: step.id, done: true, note, record }, clock());
    const answer = step.ask?.find(({ value }) => value === record.answer);
    for (const { id, state } of answer?.finds ?? []) found.set(id, state);
  }
  return [...found];
}

async function loadAnswers(
  jobId: string,
  phase: string,
  answers: DemoJob['answers'],
  clock: () => Date,
): Promise<void> {
  for (const [finding, state, place = ''] of answers) {
    await addAnswer(jobId, { id: demoId(), phase, finding, place, state, replaces: null, why: '' }, clock());
  }
}

async function loadReadings(
  jobId: string,
  phase: string,
  readings: NonNullable<DemoJob['readings']>,
  clock: () => Date,
): Promise<void> {
  for (const [kind, input, corner = ''] of readings) {
    await addReading(jobId, { id: demoId(), phase, kind, corner, input, replaces: null, why: '' }, clock());
  }
}

function startOfDay(day: Date): Date {
  return new Date(`${day.toISOString().slice(0, 10)}T00:00:00Z`);
}

function dayBefore(today: Date, days: number): string {
  return new Date(today.getTime() - days * DAY).toISOString().slice(0, 10);
}
