import type { Row } from 'postgres';
import type { Corner } from '../../core/car/corner';
import type { PastReading } from '../../core/wear/history';
import { type CarEvent, sessionsBy } from '../../core/wear/sessions';
import { database, type Sql } from '../db/sql';

export type EventRow = CarEvent & { version: number };

/** Readings looked back on: more than a car gathers in ten years of one part. */
const MOST_READINGS = 400;

export function eventFromRow(row: Row): EventRow {
  return { id: row.id, name: row.name, onDate: row.on_date, sessions: row.sessions, version: row.version };
}

/** A car's days on track, oldest first. */
async function carEvents(carId: string, sql: Sql = database()): Promise<EventRow[]> {
  const rows = await sql`
    select id, name, on_date, sessions, version from car_events
    where car_id = ${carId} and dropped_at is null order by on_date, id`;
  return rows.map(eventFromRow);
}

export type CarPast = {
  /** What was measured in other jobs, oldest first. */
  readings: PastReading[];
  events: EventRow[];
};

/** What wear is told from: pads and rotors measured before, and the days on track between. */
export async function carPast(
  carId: string,
  options: { exceptJob?: string; timeZone: string },
  sql: Sql = database(),
): Promise<CarPast> {
  const [events, rows] = await Promise.all([
    carEvents(carId, sql),
    sql`
      select r.kind, r.corner, r.input, r.recorded_at, r.job_id
      from jobs j join readings r on r.job_id = j.id
      where j.car_id = ${carId} and r.kind in ('pads', 'rotor') and r.input is not null
        ${options.exceptJob ? sql`and j.id <> ${options.exceptJob}` : sql``}
        and not exists (select 1 from readings later where later.replaces = r.id)
      order by r.recorded_at desc limit ${MOST_READINGS}`,
  ]);
  const day = new Intl.DateTimeFormat('en-CA', { timeZone: options.timeZone });
  const readings = rows.reverse().map((row) => ({
    kind: row.kind as string,
    corner: row.corner as Corner | '',
    input: row.input as Record<string, unknown>,
    recordedAt: row.recorded_at.toISOString() as string,
    sessions: sessionsBy(events, day.format(row.recorded_at)),
    jobId: row.job_id as string,
  }));
  return { readings, events };
}
