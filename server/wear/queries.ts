import { dayIn } from '../../core/base/day';
import type { Corner } from '../../core/car/corner';
import { type CornerWear, type PastReading, WEAR_KINDS, wearOf } from '../../core/planning/wear/history';
import { type Measured, measuredOf } from '../../core/planning/wear/measured';
import { type CarEvent, sessionsBy } from '../../core/planning/wear/sessions';
import type { RowOf } from '../db/rows';
import { database, type Sql } from '../db/sql';
import { type FiguresRow, figuresFromRow } from '../jobs/rows';
import { kilometres } from '../units';

export type EventRow = Required<CarEvent> & { odometerKm: number | null; version: number };

/** Jobs that measured pads or rotors looked back on: more than any part lives to see. */
const MOST_JOBS = 20;

export function eventFromRow(row: RowOf<'car_events'>): EventRow {
  return {
    id: row.id,
    name: row.name,
    onDate: row.onDate,
    sessions: row.sessions,
    odometerKm: kilometres(row.odometerM),
    circuit: row.circuit,
    airC: row.airC === null ? null : Number(row.airC),
    version: row.version,
  };
}

/** A car's days on track, oldest first. */
async function carEvents(carId: string, sql: Sql = database('own')): Promise<EventRow[]> {
  const rows = await sql<RowOf<'car_events'>[]>`
    select * from car_events
    where car_id = ${carId} and dropped_at is null order by on_date, id`;
  return rows.map(eventFromRow);
}

export type CarPast = { wear: Record<Corner, CornerWear>; measured: Measured; events: EventRow[] };

/** What wear is told from: pads and rotors measured in other jobs, and the days on track between. */
export async function carPast(
  carId: string,
  options: { exceptJob?: string; timeZone: string },
  sql: Sql = database('own'),
): Promise<CarPast> {
  const [events, rows] = await Promise.all([
    carEvents(carId, sql),
    sql<FiguresRow[]>`
      select r.kind, r.corner, r.input, r.result, r.calcs, r.recorded_at
      from (
        select id from jobs where car_id = ${carId} ${options.exceptJob ? sql`and id <> ${options.exceptJob}` : sql``}
          and exists (select from readings where job_id = jobs.id and kind in ${sql(WEAR_KINDS)})
        order by opened_at desc limit ${MOST_JOBS}
      ) j join readings r on r.job_id = j.id
      where r.kind in ${sql(WEAR_KINDS)} and r.input is not null
        and not exists (select 1 from readings later where later.replaces = r.id)
      order by r.recorded_at`,
  ]);
  const readings = rows.flatMap((row): PastReading[] => {
    const { input } = figuresFromRow(row);
    // Wear is told from what today's rules can read; the car's page shows the rest as it was written.
    if (input === null) return [];
    const sessions = sessionsBy(events, dayIn(options.timeZone, row.recordedAt));
    return [
      { kind: row.kind, corner: row.corner, input, recordedAt: row.recordedAt.toISOString(), sessions },
    ];
  });
  return { wear: wearOf(readings), measured: measuredOf(readings), events };
}

/** Each car's days on track since its fluid was filled, past and to come. */
export async function eventDaysSinceFill(sql: Sql = database('own')): Promise<Map<string, string[]>> {
  const rows = await sql<{ carId: string; days: string[] }[]>`
    select car_events.car_id, array_agg(car_events.on_date::text) as days
    from car_events join cars on cars.id = car_events.car_id
    where car_events.dropped_at is null and car_events.on_date >= cars.fluid_filled_on
    group by car_events.car_id`;
  return new Map(rows.map(({ carId, days }) => [carId, days]));
}
