import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { overWhatStands, standingOf } from '../../features/queue/conflict';
import { createOutbox } from '../../features/queue/outbox';
import { createSender } from '../../features/queue/send';
import type { Entry, QueuedWrite } from '../../features/queue/write';
import { database } from '../../server/db/sql';
import { getSheet } from '../../server/jobs/queries';
import { freshDatabase } from '../support/database';
import { seeded } from '../support/drawn';
import { memory, onePage } from '../support/memory';
import { allRoutes, fetchFrom } from '../support/routes';
import { makeJob } from '../support/shop';

const DEVICES = ['trolley', 'pit phone', 'laptop'] as const;
type Device = (typeof DEVICES)[number];
const ORDERS: readonly (readonly Device[])[] = [
  ['trolley', 'pit phone', 'laptop'],
  ['trolley', 'laptop', 'pit phone'],
  ['pit phone', 'trolley', 'laptop'],
  ['pit phone', 'laptop', 'trolley'],
  ['laptop', 'trolley', 'pit phone'],
  ['laptop', 'pit phone', 'trolley'],
];
const ENTRIES = 500;

/** What is entered about: a question at a place, a reading at a corner, a line of the job itself. */
type About =
  | { kind: 'answer'; finding: string; place: '' | 'FL' | 'FR' | 'RL' | 'RR' }
  | { kind: 'reading'; corner: 'FL' | 'FR' | 'RL' | 'RR' }
  | { kind: 'job'; field: 'whenWhere' | 'history' };

/** Something that one of three people entered without a network: what about, and when. */
type Made = { at: number; device: Device; about: About; key: string };

const CORNERS = ['FL', 'FR', 'RL', 'RR'] as const;
const ABOUT: readonly About[] = [
  ...['pedal_spongy', 'pedal_long', 'pedal_hard', 'pulls', 'poor_stopping'].map(
    (finding): About => ({ kind: 'answer', finding, place: '' }),
  ),
  ...CORNERS.map((place): About => ({ kind: 'answer', finding: 'hose_swell', place })),
  ...CORNERS.map((corner): About => ({ kind: 'reading', corner })),
  { kind: 'job', field: 'whenWhere' },
  { kind: 'job', field: 'history' },
];

/** 500 entries, by one of three in turn as it comes. */
function entriesMade(): Made[] {
  const random = seeded(16);
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)]!;
  return Array.from({ length: ENTRIES }, (_, at) => {
    const about = pick(ABOUT);
    return { at, device: pick(DEVICES), about, key: JSON.stringify(about) };
  });
}

let drop: () => Promise<void>;
let send: ReturnType<typeof fetchFrom>;
beforeAll(async () => {
  ({ drop } = await freshDatabase());
  send = fetchFrom(await allRoutes());
});
afterAll(() => drop());

/** Each entry as its device makes it: over what that device itself has seen, which is what there was and its own. */
function queuedOn(
  device: Device,
  made: readonly Made[],
  jobId: string,
  madeOf: Map<string, Made>,
): QueuedWrite[] {
  const seen = new Map<string, string>();
  return made
    .filter((each) => each.device === device)
    .map((each) => {
      const id = randomUUID();
      madeOf.set(id, each);
      const entry = entryOf(each, { id, jobId, before: seen.get(each.key) ?? null });
      seen.set(each.key, each.about.kind === 'job' ? textOf(each) : id);
      return { ...entry, order: each.at + 1, enteredAt: new Date(each.at * 1000).toISOString() };
    });
}

const textOf = ({ at }: Made) => `entry ${at}`;

function entryOf(
  made: Made,
  { id, jobId, before }: { id: string; jobId: string; before: string | null },
): Entry {
  const { about, at } = made;
  const common = { id, jobId, label: made.key };
  if (about.kind === 'job') {
    const body = { changes: { [about.field]: textOf(made) }, was: { [about.field]: before ?? '' } };
    return { ...common, kind: 'job', body };
  }
  const row = { id, phase: 'before' as const, replaces: before, why: '' };
  if (about.kind === 'reading') {
    const mm = 4 + (at % 50) / 10;
    const pad = { leading: mm, trailing: mm };
    const input = {
      caliper: {},
      newMm: 12,
      minimumMm: 3,
      corners: { [about.corner]: { inner: pad, outer: pad } },
    };
    return {
      ...common,
      kind: 'reading',
      body: { ...row, kind: 'pads', corner: about.corner, input, entered: {} },
    };
  }
  const state = at % 2 === 0 ? 'yes' : 'no';
  return {
    ...common,
    kind: 'answer',
    body: { ...row, finding: about.finding as never, place: about.place, state },
  };
}

/** Whoever looks at a conflict decides for what was entered later; what is shown is counted. */
async function joined(order: readonly (readonly Device[])[], made: readonly Made[]) {
  const { job } = await makeJob();
  const madeOf = new Map<string, Made>();
  const shown = new Set<string>();
  const givenUp = new Set<Made>();
  const landed = new Set<Made>();

  const online = async (device: Device) => {
    const { storage } = memory(queuedOn(device, made, job.id, madeOf));
    const sender = createSender({ fetch: send, passOf: () => undefined, onPassEnded: async () => {} });
    sender.sawVersion(job.id, job.version);
    const outbox = createOutbox({
      storage,
      send: sender.send,
      ...onePage(),
    });
    outbox.onNews((news) => {
      if ('landing' in news) landed.add(madeOf.get(news.landing.write.id)!);
    });
    const idle = () =>
      new Promise<void>((resolve) => {
        const look = () => {
          const { loaded, phase } = outbox.snapshot();
          if (!loaded || phase !== 'idle') return;
          end();
          resolve();
        };
        const end = outbox.subscribe(look);
        outbox.wake();
        look();
      });
    await idle();
    for (let write = outbox.snapshot().writes[0]; write; write = outbox.snapshot().writes[0]) {
      expect(write.refusal, 'nothing waits that nobody can decide').toMatchObject({ code: 'stale' });
      const mine = madeOf.get(write.id)!;
      shown.add(mine.key);
      const theirs = standing(write, mine);
      if (theirs !== undefined && theirs.at > mine.at) {
        givenUp.add(mine);
        outbox.drop(write.id);
      } else {
        const id = randomUUID();
        madeOf.set(id, mine);
        if (write.kind === 'job') sender.sawVersion(job.id, standingOf(write)!.version!);
        outbox.retry(write.id, (each) => overWhatStands(each, id));
      }
      await idle();
    }
  };
  /** The entry that stands in place of one that was not taken. */
  const standing = (write: QueuedWrite, { about }: Made): Made | undefined => {
    const row = standingOf(write) as ({ id: string } & Record<string, string>) | null;
    if (about.kind !== 'job') return madeOf.get(row?.id ?? '');
    return made.find((each) => textOf(each) === row?.[about.field]);
  };

  for (const together of order) await Promise.all(together.map(online));
  return { jobId: job.id, madeOf, shown, givenUp, landed };
}

/** What stands about each thing in the end, as the entry that says it. */
async function outcome(jobId: string, madeOf: ReadonlyMap<string, Made>, made: readonly Made[]) {
  const sheet = await getSheet(jobId);
  const rows = [...sheet.answers, ...sheet.readings];
  const replaced = new Set(rows.map(({ replaces }) => replaces));
  for (const { id, replaces, why } of rows) {
    const before = replaces === null ? undefined : madeOf.get(replaces);
    const isOver = before !== undefined && before.device !== madeOf.get(id)!.device;
    expect(why !== '', 'what one wrote over another’s was shown to somebody first').toBe(isOver);
  }
  const heads = rows.filter(({ id }) => !replaced.has(id)).map(({ id }) => madeOf.get(id)!);
  const fields = (['whenWhere', 'history'] as const).map(
    (field) => made.find((each) => textOf(each) === sheet.job[field])!,
  );
  const stands = [...heads, ...fields];
  expect(new Set(stands.map(({ key }) => key)).size, 'one thing stands about each').toBe(stands.length);
  return { rows: rows.length, stands: stands.map(({ at }) => at).sort((left, right) => left - right) };
}

describe('500 entries of three devices that had no network', { timeout: 120_000 }, () => {
  const made = entriesMade();
  const keys = new Set(made.map(({ key }) => key));
  /** The last entry about each thing, whoever made it. */
  const last = [...keys].map((key) => made.findLast((each) => each.key === key)!.at).sort((a, b) => a - b);
  const contested = [...keys].filter(
    (key) => new Set(made.filter((each) => each.key === key).map(({ device }) => device)).size > 1,
  );

  const orders = [
    ...ORDERS.map((order) => ({ said: order.join(', then '), order: order.map((device) => [device]) })),
    { said: 'all at once', order: [DEVICES] },
  ];

  it.each(orders)('come to one result: $said', async ({ order }) => {
    const { jobId, madeOf, shown, givenUp, landed } = await joined(order, made);
    const { rows, stands } = await outcome(jobId, madeOf, made);
    expect(stands).toEqual(last);
    // Nothing is lost: each stands in the record, or somebody saw what it stood against and gave it up.
    expect(landed.size + givenUp.size).toBe(ENTRIES);
    expect([...landed].filter((each) => givenUp.has(each))).toEqual([]);
    expect(rows).toBe([...landed].filter(({ about }) => about.kind !== 'job').length);
    // Whatever two of them entered about was shown to somebody.
    expect([...shown].sort()).toEqual(contested.sort());
    const [{ twice }] = await database()<[{ twice: number }]>`
        select count(*)::int as twice from (
          select replaces from findings where job_id = ${jobId} and replaces is not null group by 1 having count(*) > 1
          union all
          select replaces from readings where job_id = ${jobId} and replaces is not null group by 1 having count(*) > 1) forks`;
    expect(twice).toBe(0);
  });
});
