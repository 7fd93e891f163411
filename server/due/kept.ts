import { randomUUID } from 'node:crypto';
import { type CarDue, dueOfCar } from '../../core/planning/due/ofCar';
import { getCar } from '../cars/queries';
import type { RowOf } from '../db/rows';
import { database, type Sql } from '../db/sql';
import { log } from '../log';
import { carParts } from '../parts/queries';
import type { ShopRow } from '../shop/queries';
import { carPast } from '../wear/queries';

/** The rules of `core/planning/due`: whoever changes them gives them the next number, and every car is worked out anew. */
const RULES = '2';

/** Cars are worked out before a board is answered for so long, ms; the rest follow behind it. */
const BUDGET_MS = 100;

/** Under way behind an answer: one round at a time. */
let following = false;

/**
 * What is due on every car up to a day. Cars on which something was written since, or for which another day has begun, are
 * worked out anew; what a great shop cannot have at once follows after, a car at a time, and shows what was so before.
 */
export async function allDue(
  upTo: string,
  shop: ShopRow,
  today: string,
): Promise<{ carId: string; line: CarDue }[]> {
  await freshenAll(shop, today);
  const rows = await database()<
    RowOf<'car_due'>[]
  >`select * from car_due where due_on <= ${upTo} order by due_on, key`;
  return rows.map((row) => ({ carId: row.carId, line: lineFromRow(row) }));
}

/** What is due on one car: never behind what was written of it. */
export async function carDue(carId: string, shop: ShopRow, today: string): Promise<CarDue[]> {
  const fresh = await freshen(carId, shop, today);
  if (fresh) return fresh;
  const rows = await database('own')<
    RowOf<'car_due'>[]
  >`select * from car_due where car_id = ${carId} order by due_on, key`;
  return rows.map(lineFromRow);
}

function lineFromRow(row: RowOf<'car_due'>): CarDue {
  return { key: row.key, what: row.what, why: row.why, dueOn: row.dueOn, wheels: row.wheels };
}

async function freshenAll(shop: ShopRow, today: string): Promise<void> {
  const started = performance.now();
  const rows = await database()<{ id: string }[]>`
    select id from cars
    where not exists (
      select from car_due_made made where made.car_id = cars.id and done and made_on = ${today} and rules = ${RULES})
    order by id`;
  const stale = rows.map((row) => row.id);
  while (stale.length > 0 && performance.now() - started < BUDGET_MS) await freshenNext(stale, shop, today);
  if (stale.length === 0 || following) return;
  following = true;
  void followUp(stale, shop, today).finally(() => {
    following = false;
  });
}

async function followUp(stale: string[], shop: ShopRow, today: string): Promise<void> {
  while (stale.length > 0) {
    await freshenNext(stale, shop, today);
    // Whoever asks for something meanwhile is answered first.
    await new Promise((resolve) => setImmediate(resolve));
  }
}

/** Takes the first of them; one that cannot be worked out is no reason to show no board. */
async function freshenNext(stale: string[], shop: ShopRow, today: string): Promise<void> {
  await freshen(stale.shift()!, shop, today).catch((error) =>
    log.warn({ err: error }, 'what is due on a car was not worked out'),
  );
}

/**
 * Works out what is due on one car, where that is not done yet; one that another is at is done again, not waited for.
 * @returns what it found; nothing where what is kept is good
 */
async function freshen(carId: string, shop: ShopRow, today: string): Promise<CarDue[] | undefined> {
  const sql = database('open');
  const run = randomUUID();
  // Said before it is read: what is written meanwhile takes it back, and it is worked out once more.
  const made = await sql`
    insert into car_due_made ${sql({ carId, run, madeOn: today, rules: RULES })}
    on conflict (car_id) do update set run = excluded.run, done = false, made_on = excluded.made_on, rules = excluded.rules
    where not car_due_made.done
      or (car_due_made.made_on, car_due_made.rules) is distinct from (excluded.made_on, excluded.rules) returning 1`;
  if (made.length === 0) return undefined;
  const [car, { wear, events }, parts] = await Promise.all([
    getCar(carId),
    carPast(carId, { timeZone: shop.timeZone }),
    carParts(carId),
  ]);
  const lines = dueOfCar({ car, wear, events, parts, limits: shop.limits, today });
  await sql.begin(async (tx) => {
    const [mine] = await tx`
      update car_due_made set done = true where car_id = ${carId} and run = ${run} returning 1`;
    // Something was written since it was read, or another run took it over: what this one found is old.
    if (mine) await replaceLines(tx, carId, lines);
  });
  return lines;
}

async function replaceLines(tx: Sql, carId: string, lines: readonly CarDue[]): Promise<void> {
  await tx`delete from car_due where car_id = ${carId}`;
  const rows = lines.map(({ key, what, why, dueOn, wheels }) => ({
    ...{ carId, key, what, why, dueOn, wheels },
  }));
  if (rows.length > 0) await tx`insert into car_due ${tx(rows)}`;
}
