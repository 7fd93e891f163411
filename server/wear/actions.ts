import { parseWith } from '../../core/base/issues/zod';
import { eventSchema } from '../../core/planning/wear/eventSchema';
import { refuseBackwards } from '../cars/odometer';
import { getCar } from '../cars/queries';
import type { RowOf } from '../db/rows';
import { database, type Sql } from '../db/sql';
import { accept, notFound, refused, stale } from '../failure';
import { fieldsOf, versioned } from '../http/versioned';
import { knownId, newId } from '../ids';
import { once, sameContent } from '../once';
import { fromKilometres } from '../units';
import { type EventRow, eventFromRow } from './queries';

/** Notes a day on track, under an id its author made, so that sending it twice notes it once. */
export async function addEvent(carId: string, input: unknown): Promise<EventRow> {
  const { id, ...body } = fieldsOf(input);
  const event = accept(parseWith(eventSchema, body));
  const eventId = newId(id);
  const car = knownId('car', carId);
  return database('work').begin((tx) =>
    once(
      tx,
      { id: eventId, kind: 'event', target: car, content: event },
      async () =>
        eventFromRow((await tx<RowOf<'car_events'>[]>`select * from car_events where id = ${eventId}`)[0]!),
      async () => {
        await getCar(car, tx);
        await refuseOverlap(tx, car, event.onDate);
        await refuseBackwards(tx, car, event.odometerKm, { on: event.onDate });
        const row = {
          id: eventId,
          carId: car,
          name: event.name,
          onDate: event.onDate,
          sessions: event.sessions,
          odometerM: fromKilometres(event.odometerKm),
          circuit: event.circuit,
          airC: event.airC,
        };
        const [written] = await tx<RowOf<'car_events'>[]>`insert into car_events ${tx(row)} returning *`;
        return eventFromRow(written!);
      },
    ),
  );
}

/** A car is on track once a day: sessions of a second event would be counted twice. */
async function refuseOverlap(tx: Sql, carId: string, onDate: string): Promise<void> {
  const [other] = await tx`
    select name, sessions from car_events where car_id = ${carId} and on_date = ${onDate} and dropped_at is null`;
  if (!other) return;
  throw refused([
    {
      ...{ code: 'refused', path: 'onDate', value: onDate },
      accepted: `a day on which the car is not out already; ${other.name} is on file with ${other.sessions} sessions`,
    },
  ]);
}

/** Changes a day on track, or drops it, over the version its author saw. */
export async function changeEvent(id: string, input: unknown, now = new Date()): Promise<EventRow> {
  const { version, body } = versioned(input);
  const { dropped, ...rest } = body;
  const event = accept(parseWith(eventSchema, rest));
  const eventId = knownId('event', id);
  return database('work').begin(async (tx) => {
    const [row] = await tx<RowOf<'car_events'>[]>`
    update car_events set name = ${event.name}, on_date = ${event.onDate}, sessions = ${event.sessions},
      odometer_m = ${fromKilometres(event.odometerKm)}, circuit = ${event.circuit}, air_c = ${event.airC}, dropped_at = ${dropped === true ? now : null}, version = version + 1
    where id = ${eventId} and version = ${version} and dropped_at is null returning *`;
    if (row) return eventFromRow(row);
    const [current] = await tx<RowOf<'car_events'>[]>`select * from car_events where id = ${eventId}`;
    if (!current) throw notFound('event', id);
    const { id: _, version: __, ...fields } = eventFromRow(current);
    const stands = { ...fields, dropped: current.droppedAt !== null };
    if (current.version > version && sameContent(stands, { ...event, dropped: dropped === true }))
      return eventFromRow(current);
    throw stale('That event', eventFromRow(current));
  });
}
