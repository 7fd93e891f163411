import type { Axle } from '../../core/car/corner';
import { type FluidSchool, fluidDue } from '../../core/planning/due/fluid';
import { type CarLine, type FollowUp, openFollowUps } from '../cars/queries';
import { database, type Sql } from '../db/sql';
import { drivenSinceFill } from '../fills/queries';
import { waterTrends } from '../fills/water';
import { carsSeen } from '../people/actor';
import type { ShopRow } from '../shop/queries';
import { eventDaysSinceFill } from '../wear/queries';
import { allDue, carDue } from './kept';

/** One thing that is due: by its day, what it rests on, whose wheels come off for it, and the note it is ticked off by. */
export type DueLine = {
  /** Which thing it is, of its car; stays the same while it is due. */
  key: string;
  what: string;
  why: string;
  dueOn: string | null;
  wheels?: Axle | null;
  followUp?: FollowUp;
};

/** What is due on one car, soonest first. */
export type DueCar = { carId: string; carName: string; lines: DueLine[] };

/** A car that is out to be driven on proof. */
type OutOnProof = { carId: string; number: number; driver: string; dueOn: string };

/** All that is due on one car, however late, soonest first. */
export async function dueOf(car: CarLine, shop: ShopRow, today: string): Promise<DueLine[]> {
  const [own] = await dueUpTo('9999-12-31', [car], shop, today);
  return own?.lines ?? [];
}

/**
 * What falls due up to a day, or is over, car by car, the soonest first: fluid by the shop's school, pads, rotors and parts by
 * their forecast and life, repairs that were temporary, what was noted, and proofs that are out.
 * @param upTo ISO date; what nobody knows the day of is always in, and what was noted by hand
 * @param cars all of the shop's, or the one that is asked of
 */
export async function dueUpTo(
  upTo: string,
  cars: readonly CarLine[],
  shop: ShopRow,
  today: string,
  sql: Sql = database('own'),
): Promise<DueCar[]> {
  const [only] = cars.length === 1 ? cars : [];
  const own = only ? sql`and car_id = ${only.id}` : sql``;
  const [followUps, kept, proofs, fluidOf] = await Promise.all([
    openFollowUps(today, only?.id, sql),
    only || carsSeen() ? dueOfEach(cars, shop, today) : allDue(upTo, shop, today),
    sql<OutOnProof[]>`
      select car_id, number, driver, due_on from jobs join proof_drives on proof_drives.job_id = jobs.id
      where closed_at is null and back_id is null and due_on <= ${upTo} ${own} order by due_on`,
    fluidRule(shop, today, only?.id, sql),
  ]);
  const lines = new Map<string, DueLine[]>();
  const add = (carId: string, line: DueLine) => lines.set(carId, [...(lines.get(carId) ?? []), line]);
  for (const car of cars) {
    const { dueOn, daysLeft, why } = fluidOf(car);
    if (daysLeft !== null && (dueOn === null || dueOn <= upTo))
      add(car.id, { key: 'fluid', what: 'Brake fluid', why, dueOn });
  }
  for (const followUp of followUps) add(followUp.carId, noteLine(followUp));
  for (const { carId, line } of kept) if (line.dueOn <= upTo) add(carId, line);
  for (const row of proofs)
    add(row.carId, {
      ...{
        key: `proof ${row.number}`,
        what: 'Out on proof',
        why: `Job ${row.number}, with ${row.driver}.`,
        dueOn: row.dueOn,
      },
    });
  return cars
    .flatMap(({ id, name }): DueCar[] => {
      const own = lines.get(id);
      return own ? [{ carId: id, carName: name, lines: own.sort(bySoonest) }] : [];
    })
    .sort((left, right) => bySoonest(left.lines[0]!, right.lines[0]!));
}

/** Car by car, where it is only a few. */
async function dueOfEach(cars: readonly CarLine[], shop: ShopRow, today: string) {
  const each = await Promise.all(
    cars.map(async ({ id }) => (await carDue(id, shop, today)).map((line) => ({ carId: id, line }))),
  );
  return each.flat();
}

function noteLine(followUp: FollowUp): DueLine {
  const { what, jobId, dueOn } = followUp;
  const why = followUp.why ?? (jobId === null ? '' : 'Noted when a job was closed.');
  return { key: `note ${followUp.id}`, what, why, dueOn, followUp };
}

/** When each car's fluid is due, by the shop's school. */
async function fluidRule(shop: ShopRow, today: string, only: string | undefined, sql: Sql) {
  const school: FluidSchool = shop.fluidSchool;
  const events = school === 'each_event' ? await eventDaysSinceFill(sql) : new Map();
  const driven = school === 'months_or_distance' ? await drivenSinceFill(sql) : new Map();
  const water = school === 'by_water' ? await waterTrends(shop, only ? [only] : undefined, sql) : new Map();
  return ({ id, fluidFilledOn }: CarLine) =>
    fluidDue(fluidFilledOn, school, today, {
      ...{ events: events.get(id), driven: driven.get(id), water: water.get(id) },
    });
}

/** A date before what has none: what nobody knows the date of is no more urgent for that. */
function bySoonest(left: DueLine, right: DueLine): number {
  return (left.dueOn ?? '9').localeCompare(right.dueOn ?? '9');
}
