import type { Row } from 'postgres';
import type { CarFile } from '../../core/exchange/carfile/schema';
import { fillFromRow } from '../fills/queries';
import { partFromRow } from '../parts/queries';
import { fromCelsius, fromKilometres } from '../units';
import { eventFromRow } from '../wear/queries';

// What a car's file has of a row, and the row that comes of it elsewhere.

type FiledEvent = CarFile['events'][number];
type FiledFill = CarFile['fills'][number];
type FiledPart = CarFile['parts'][number];

export function filedEvent(row: Row): FiledEvent {
  const { version: _, ...event } = eventFromRow(row);
  return event;
}

export function eventRow(
  carId: string,
  { id, name, onDate, sessions, odometerKm, circuit, airC }: FiledEvent,
) {
  return {
    ...{ id, car_id: carId, name, on_date: onDate, sessions, circuit },
    ...{ odometer_m: fromKilometres(odometerKm), air_c: airC },
  };
}

export function filedFill(row: Row): FiledFill {
  const { id, filledOn, product, batch, fluidClass, dryC, wetC, colour, odometerKm } = fillFromRow(row);
  return { id, filledOn, product, batch, fluidClass, dryC, wetC, colour, odometerKm };
}

export function fillRow(carId: string, fill: FiledFill, now: Date) {
  return {
    ...{ id: fill.id, car_id: carId, filled_on: fill.filledOn, product: fill.product, batch: fill.batch },
    ...{ fluid_class: fill.fluidClass, dry_k: fromCelsius(fill.dryC), wet_k: fromCelsius(fill.wetC) },
    ...{ colour: fill.colour, odometer_m: fromKilometres(fill.odometerKm), recorded_at: now },
  };
}

export function filedPart(row: Row): FiledPart {
  const { jobId: _, price = null, kind, ...part } = partFromRow(row);
  return { ...part, price, kind: kind as FiledPart['kind'] };
}

export function partRow(carId: string, part: FiledPart) {
  return {
    ...{ id: part.id, car_id: carId, kind: part.kind, place: part.place, what: part.what, batch: part.batch },
    ...{ fitted_on: part.fittedOn, removed_on: part.removedOn, price: part.price },
    ...{ old_why: part.oldWhy, old_mate: part.oldMate },
  };
}
