import { dayIn } from '../../core/base/day';
import { CORNERS, type Corner, cornersOf } from '../../core/car/corner';
import {
  badPairs,
  type CarLives,
  type LivesAsked,
  type Pairing,
  type PartRecord,
  partRecordsOf,
} from '../../core/planning/lives/partLives';
import type { FittedPart } from '../../core/planning/shelf/fitted';
import { type PastReading, wearOf } from '../../core/planning/wear/history';
import { sessionsBy } from '../../core/planning/wear/sessions';
import type { RowOf } from '../db/rows';
import { database } from '../db/sql';
import { type FiguresRow, figuresFromRow } from '../jobs/rows';
import { partFromRow } from '../parts/queries';
import { getShop } from '../shop/queries';
import { kilometres } from '../units';

/** Parts looked back on: what a shop fitted of late, of all cars. */
const MOST_PARTS = 2000;
/** Of these the newest whose wear is worked out: each costs a look at its readings. */
const MOST_WORN = 300;

export type PartsLedger = {
  records: PartRecord[];
  pairs: Pairing[];
  /** Cars that parts are noted on. */
  cars: { id: string; name: string }[];
  asked: LivesAsked;
};

/** How the shop's parts last, by their names, and which pairs do not get on. */
export async function partsLedger(asked: LivesAsked = {}, now = new Date()): Promise<PartsLedger> {
  const sql = database();
  const shop = await getShop(sql);
  const today = dayIn(shop.timeZone, now);
  const [parts, events] = await Promise.all([
    sql<(RowOf<'fitted_parts'> & { carName: string })[]>`
      select p.*, c.name as car_name from fitted_parts p join cars c on c.id = p.car_id
      order by p.fitted_on desc, p.id limit ${MOST_PARTS}`,
    sql<EventSeen[]>`
      select id, car_id, name, on_date, sessions, circuit, odometer_m from car_events
      where dropped_at is null and car_id in (select car_id from fitted_parts) order by on_date`,
  ]);
  const cars = new Map<string, Gathered>();
  for (const row of parts) {
    const known: Gathered = cars.get(row.carId) ?? {
      ...{ carId: row.carId, carName: row.carName, parts: [], events: [], wear: new Map() },
    };
    known.parts.push(partFromRow(row));
    cars.set(row.carId, known);
  }
  for (const row of events)
    cars.get(row.carId)?.events.push({
      ...{ id: row.id, name: row.name, onDate: row.onDate, sessions: row.sessions, circuit: row.circuit },
      odometerKm: kilometres(row.odometerM),
    });
  await addWear([...cars.values()], shop.timeZone);
  const all = [...cars.values()];
  const known = all
    .map(({ carId: id, carName: name }) => ({ id, name }))
    .sort((left, right) => left.name.localeCompare(right.name));
  return { records: partRecordsOf(all, today, asked), pairs: badPairs(all, today), cars: known, asked };
}

type Worn = { mm: number; sessions: number };
type EventSeen = Pick<
  RowOf<'car_events'>,
  'id' | 'carId' | 'name' | 'onDate' | 'sessions' | 'circuit' | 'odometerM'
>;
/** A car while its parts are gathered. */
type Gathered = Omit<CarLives, 'parts' | 'events' | 'wear'> & {
  parts: FittedPart[];
  events: CarLives['events'][number][];
  wear: Map<string, Worn>;
};

/** What pads and rotors lost between the first and the last reading of them while they were on. */
async function addWear(cars: readonly Gathered[], timeZone: string): Promise<void> {
  const worn = cars
    .flatMap((car) =>
      car.parts.filter(({ kind }) => kind === 'pads' || kind === 'rotor').map((part) => ({ car, part })),
    )
    .slice(0, MOST_WORN);
  if (worn.length === 0) return;
  const rows = await database()<(FiguresRow & { partId: string })[]>`
    select part.id as part_id, seen.*
    from fitted_parts part
    cross join lateral (
      select r.kind, r.corner, r.input, r.result, r.calcs, r.recorded_at
      from jobs j join readings r on r.job_id = j.id
      where j.car_id = part.car_id and (r.kind = part.kind or part.kind = 'pads' and r.kind = 'look-in') and r.input is not null
        and r.recorded_at >= part.fitted_on and r.recorded_at < coalesce(part.removed_on, 'infinity'::date)
        and not exists (select 1 from readings later where later.replaces = r.id)
      order by r.recorded_at desc limit 40
    ) seen
    where part.id = any(${worn.map(({ part }) => part.id)})`;
  for (const { car, part } of worn) {
    const readings = rows
      .filter((row) => row.partId === part.id)
      .flatMap((row): PastReading[] => {
        const { input } = figuresFromRow(row);
        return input === null
          ? []
          : [
              {
                ...{ kind: row.kind, corner: row.corner, input, recordedAt: row.recordedAt.toISOString() },
                sessions: sessionsBy(car.events, dayIn(timeZone, row.recordedAt)),
              },
            ];
      });
    const lost = lostBy(part, readings);
    if (lost) car.wear.set(part.id, lost);
  }
}

/** Thickness lost at the corner of a part that lost the most. */
function lostBy(part: FittedPart, readings: readonly PastReading[]): Worn | undefined {
  const wear = wearOf(readings);
  const corners: readonly Corner[] = part.place === '' ? CORNERS : cornersOf(part.place);
  const lost = corners
    .flatMap((corner) =>
      part.kind === 'pads' ? [wear[corner].inner, wear[corner].outer] : [wear[corner].rotor],
    )
    .flatMap((series): Worn[] => {
      const [first, last] = [series[0], series.at(-1)];
      if (!first || !last || last.sessions <= first.sessions) return [];
      return [{ mm: Math.max(0, first.mm - last.mm), sessions: last.sessions - first.sessions }];
    });
  return lost.sort((left, right) => right.mm / right.sessions - left.mm / left.sessions)[0];
}
