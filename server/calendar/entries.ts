import { daysInWords, dayWords } from '../../core/base/dates';
import { dayAfter, dayIn } from '../../core/base/day';
import { inUnits } from '../../core/base/units/prose';
import { listCars } from '../cars/queries';
import type { RowOf } from '../db/rows';
import { database } from '../db/sql';
import { dueUpTo } from '../due/queries';
import { getShop, type ShopRow } from '../shop/queries';

/** What a calendar shows on a day. */
export type CalendarEntry = {
  /** Stays the same while it is the same thing, so that a program moves it instead of showing it twice. */
  uid: string;
  /** ISO date; all day. */
  day: string;
  title: string;
  about: string;
  /** Where to go, from the shop's own address on. */
  path: string;
};

/** How far a calendar looks ahead, days. */
const AHEAD_DAYS = 400;

/** All that falls due, and the days on track to come. What is over stands on today: nobody looks back for it. */
export async function calendarEntries(now = new Date()): Promise<CalendarEntry[]> {
  const shop = await getShop();
  const today = dayIn(shop.timeZone, now);
  const until = dayAfter(today, AHEAD_DAYS);
  const [cars, events] = await Promise.all([
    listCars().then((all) => dueUpTo(until, all, shop, today)),
    database()<
      (Pick<RowOf<'car_events'>, 'id' | 'carId' | 'name' | 'onDate' | 'sessions'> & { car: string })[]
    >`
      select e.id, e.car_id, e.name, e.on_date, e.sessions, cars.name as car from car_events e join cars on cars.id = e.car_id
      where e.dropped_at is null and e.on_date between ${today} and ${until} order by e.on_date, e.id`,
  ]);
  const due = cars.flatMap(({ carId, carName, lines }) =>
    lines.flatMap(({ key, what, why, dueOn }): CalendarEntry[] =>
      dueOn === null
        ? []
        : [
            {
              uid: `due ${carId} ${key}`,
              day: [dueOn, today].sort()[1]!,
              title: `${carName}: ${what}`,
              about: sentence(`${dueOn < today ? `Over since ${dueOn}. ` : ''}${why}`, shop),
              path: `/car/${carId}`,
            },
          ],
    ),
  );
  const onTrack = events.map(
    (row): CalendarEntry => ({
      uid: `event ${row.id}`,
      day: row.onDate,
      title: `${row.car}: ${row.name}`,
      about: `On track, ${row.sessions} sessions on ${dayWords(row.onDate, shop.dateOrder)}. Is it ready?`,
      path: `/car/${row.carId}/prepare?event=${row.id}`,
    }),
  );
  return [...due, ...onTrack];
}

/** As the shop writes days and units. */
function sentence(text: string, shop: ShopRow): string {
  return inUnits(daysInWords(text, shop.dateOrder), shop);
}
