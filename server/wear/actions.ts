import { parseWith } from '../../core/issues/zod';
import { eventSchema } from '../../core/wear/eventSchema';
import { getCar } from '../cars/queries';
import { database } from '../db/sql';
import { notFound, stale } from '../failure';
import { accept } from '../http/route';
import { versioned } from '../http/versioned';
import { knownId, newId } from '../ids';
import { type EventRow, eventFromRow } from './queries';

/** Notes a day on track, under an id its author made, so that sending it twice notes it once. */
export async function addEvent(carId: string, input: unknown): Promise<EventRow> {
  const { id, ...body } = (input ?? {}) as Record<string, unknown>;
  const event = accept(parseWith(eventSchema, body));
  const eventId = newId(id);
  const { id: car } = await getCar(carId);
  const sql = database();
  await sql`
    insert into car_events ${sql({ id: eventId, car_id: car, name: event.name, on_date: event.onDate, sessions: event.sessions })}
    on conflict (id) do nothing`;
  const [row] = await sql`select * from car_events where id = ${eventId}`;
  return eventFromRow(row!);
}

/** Changes a day on track, or drops it, over the version its author saw. */
export async function changeEvent(id: string, input: unknown, now = new Date()): Promise<EventRow> {
  const { version, body } = versioned(input);
  const { dropped, ...rest } = body;
  const event = accept(parseWith(eventSchema, rest));
  const sql = database();
  const [row] = await sql`
    update car_events set name = ${event.name}, on_date = ${event.onDate}, sessions = ${event.sessions},
      dropped_at = ${dropped === true ? now : null}, version = version + 1
    where id = ${knownId('event', id)} and version = ${version} and dropped_at is null returning *`;
  if (row) return eventFromRow(row);
  const [current] = await sql`select * from car_events where id = ${id}`;
  if (!current) throw notFound('event', id);
  throw stale('That event', eventFromRow(current));
}
