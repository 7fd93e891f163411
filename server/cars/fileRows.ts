import type { CarFile } from '../../core/exchange/carfile/schema';
import type { RowOf } from '../db/rows';
import { fillFromRow } from '../fills/queries';
import { partFromRow } from '../parts/queries';
import { fromCelsius, fromKilometres } from '../units';
import { eventFromRow } from '../wear/queries';

// What a car's file has of a row, and the row that comes of it elsewhere.

type FiledEvent = CarFile['events'][number];
type FiledFill = CarFile['fills'][number];
type FiledPart = CarFile['parts'][number];

export function filedEvent(row: RowOf<'car_events'>): FiledEvent {
  const { version: _, ...event } = eventFromRow(row);
  return event;
}

export function eventRow(
  carId: string,
  { id, name, onDate, sessions, odometerKm, circuit, airC }: FiledEvent,
) {
  return {
    ...{ id, carId, name, onDate, sessions, circuit },
    ...{ odometerM: fromKilometres(odometerKm), airC },
  };
}

export function filedFill(row: RowOf<'fills'>): FiledFill {
  const { id, filledOn, product, batch, fluidClass, dryC, wetC, colour, odometerKm } = fillFromRow(row);
  return { id, filledOn, product, batch, fluidClass, dryC, wetC, colour, odometerKm };
}

export function fillRow(carId: string, fill: FiledFill, now: Date) {
  return {
    ...{ id: fill.id, carId, filledOn: fill.filledOn, product: fill.product, batch: fill.batch },
    ...{ fluidClass: fill.fluidClass, dryK: fromCelsius(fill.dryC), wetK: fromCelsius(fill.wetC) },
    ...{ colour: fill.colour, odometerM: fromKilometres(fill.odometerKm), recordedAt: now },
  };
}

export function filedPart(row: RowOf<'fitted_parts'>): FiledPart {
  const { jobId: _, price = null, ...part } = partFromRow(row);
  return { ...part, price };
}

export function partRow(carId: string, part: FiledPart) {
  return {
    ...{ id: part.id, carId, kind: part.kind, place: part.place, what: part.what, batch: part.batch },
    ...{ fittedOn: part.fittedOn, removedOn: part.removedOn, price: part.price },
    ...{ oldWhy: part.oldWhy, oldMate: part.oldMate },
  };
}
