import { dueOfCar } from '../../core/planning/due/ofCar';
import { getCar } from '../cars/queries';
import { database, type Sql } from '../db/sql';
import { log } from '../log';
import { carParts } from '../parts/queries';
import type { ShopRow } from '../shop/queries';
import { carPast } from '../wear/queries';

/** The rules of `core/planning/due`: whoever changes them gives them the next number, and every car is worked out anew. */
const RULES = '1';

/** Cars are worked out before a board is answered for so long, ms; the rest follow behind it. */
const BUDGET_MS = 200;
const AT_A_TIME = 10;

/** Under way behind an answer: one round at a time. */
let following = false;

/**
 * Works out what is due on the cars on which something was written since, or for which another day has begun. What a
 * great shop cannot have at once follows after; until then it shows what was so before.
 */
export async function freshenDue(shop: ShopRow, today: string): Promise<void> {
  const started = performance.now();
  while (performance.now() - started < BUDGET_MS) {
    if ((await freshenSome(shop, today)) < AT_A_TIME) return;
  }
  if (following) return;
  following = true;
  void followUp(shop, today)
    .catch((error) => log.warn({ err: error }, 'what is due was not worked out for every car'))
    .finally(() => {
      following = false;
    });
}

async function followUp(shop: ShopRow, today: string): Promise<void> {
  while ((await freshenSome(shop, today)) === AT_A_TIME)
    await new Promise((resolve) => setImmediate(resolve));
}

/** @returns how many cars were worked out */
async function freshenSome(shop: ShopRow, today: string): Promise<number> {
  const rows = await database()`
    select id from cars
    where not exists (select from car_due_made made where made.car_id = cars.id and made_on = ${today} and rules = ${RULES})
    order by id limit ${AT_A_TIME}`;
  await Promise.all(rows.map((row) => freshenCarDue(row.id, shop, today)));
  return rows.length;
}

/** Works out what is due on one car, where that is not done yet. */
export async function freshenCarDue(carId: string, shop: ShopRow, today: string): Promise<void> {
  const sql = database();
  // Said before it is read: what is written meanwhile takes it back, and it is worked out once more.
  const made = await sql`
    insert into car_due_made ${sql({ car_id: carId, made_on: today, rules: RULES })}
    on conflict (car_id) do update set made_on = excluded.made_on, rules = excluded.rules
    where (car_due_made.made_on, car_due_made.rules) is distinct from (excluded.made_on, excluded.rules) returning 1`;
  if (made.length === 0) return;
  const [car, { wear, events }, parts] = await Promise.all([
    getCar(carId),
    carPast(carId, { timeZone: shop.timeZone }),
    carParts(carId),
  ]);
  const lines = dueOfCar({ car, wear, events, parts, limits: shop.limits, today });
  await sql.begin((tx) => replaceLines(tx, carId, lines));
}

async function replaceLines(tx: Sql, carId: string, lines: ReturnType<typeof dueOfCar>): Promise<void> {
  await tx`delete from car_due where car_id = ${carId}`;
  const rows = lines.map(({ key, what, why, dueOn, wheels }) => ({
    ...{ car_id: carId, key, what, why, due_on: dueOn, wheels },
  }));
  if (rows.length > 0)
    await tx`insert into car_due ${tx(rows)} on conflict (car_id, key) do update set
      what = excluded.what, why = excluded.why, due_on = excluded.due_on, wheels = excluded.wheels`;
}
