import { database } from '../../server/db/sql';
import { seeded } from '../../tests/support/drawn';
import { signIn } from '../../tests/support/signIn';
import { freePort } from '../system/port';
import { endGroup, serve } from '../system/web';
import { spread } from './spread';

const ROUNDS = 60;
const WARM_ROUNDS = 10;
const STAGES = ['complaint', 'checks', 'verdict', 'work', 'proof'];
/** Asks for next to nothing: what a page of this server costs at the least. */
const PLAINEST = '/setup';

/**
 * How long each screen takes to come, asked in turn, and how large it is: the screens of an open job, of the car with
 * the longest past, and those that list.
 * @returns milliseconds at the 95th percentile by screen
 */
export async function screenFigures(what: string, url: string): Promise<Map<string, number>> {
  const sql = database();
  const [job] = await sql`select id from jobs where closed_at is null order by number limit 1`;
  const [car] = await sql`select car_id from jobs group by car_id order by count(*) desc limit 1`;
  const [closed] = await sql`select id from jobs where closed_at is not null order by closed_at desc limit 1`;
  const server = await serve({ port: await freePort(), host: '127.0.0.1', url });
  const late = new Map<string, number>();
  try {
    const cookie = await signIn(server.address);
    await dueWorkedOut(what, server.address, cookie);
    const paths = [
      '/',
      ...STAGES.map((stage) => `/job/${job!.id}/${stage}`),
      `/car/${car!.carId}`,
      ...['/ledger', '/ledger?words=pedal', `/ledger/${closed!.id}`, '/bench/fluid', '/job/new', PLAINEST],
    ];
    const times = new Map(paths.map((path) => [path, [] as number[]]));
    const sizes = new Map<string, number>();
    const random = seeded(13);
    // In turn, so that none is asked of a server that is less awake than for the others, and each time in another order: the
    // server clears its memory after so much asked, which would fall to the same page round after round.
    for (let round = 0; round < ROUNDS + WARM_ROUNDS; round++) {
      for (const path of shuffled(paths, random)) {
        const started = performance.now();
        const page = await (await fetch(server.address + path, { headers: { cookie } })).text();
        if (round >= WARM_ROUNDS) times.get(path)!.push(performance.now() - started);
        sizes.set(path, page.length);
      }
    }
    for (const [path, each] of times) {
      const screen = path.replace(/[0-9a-f-]{36}/, '…');
      late.set(screen, [...each].sort((left, right) => left - right)[Math.floor(0.95 * each.length)]!);
      console.log(
        `server, ${what}, ${screen}: ${spread(each)}, ${(sizes.get(path)! / 1024).toFixed(0)} kB of page`,
      );
    }
  } finally {
    endGroup(server.pid);
  }
  return late;
}

function shuffled<T>(all: readonly T[], random: () => number): T[] {
  return all
    .map((each) => ({ each, at: random() }))
    .sort((left, right) => left.at - right.at)
    .map(({ each }) => each);
}

/** What is due on each car is worked out once a day, behind the first answers: that is a figure of its own. */
async function dueWorkedOut(what: string, address: string, cookie: string): Promise<void> {
  const started = performance.now();
  const open = async () =>
    (
      await database()`
      select count(*)::int as cars from cars
      where not exists (select from car_due_made made where made.car_id = cars.id and done)`
    )[0]!.cars as number;
  do await (await fetch(address, { headers: { cookie } })).text();
  while ((await open()) > 0);
  console.log(
    `server, ${what}, what is due on every car: ${((performance.now() - started) / 1000).toFixed(1)} s, behind the first answers`,
  );
}

/** Shops of several ages side by side: what a screen costs, and how many times the plainest of the same shop that is. */
export function besideEachOther(shops: ReadonlyMap<string, ReadonlyMap<string, number>>): void {
  const [first] = shops.values();
  for (const screen of first!.keys()) {
    const each = [...shops].map(([name, late]) => {
      const ms = late.get(screen)!;
      return `${name} ${ms.toFixed(0)} ms (${(ms / late.get(PLAINEST)!).toFixed(1)})`;
    });
    console.log(`95th and times the plainest, ${screen}: ${each.join(', ')}`);
  }
}
