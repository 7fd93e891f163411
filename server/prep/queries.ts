import { dayIn } from '../../core/base/day';
import { limitFor } from '../../core/car/limits/catalogue';
import { type ToBring, toBring } from '../../core/planning/prep/buyList';
import { type HeatAhead, heatAhead } from '../../core/planning/prep/heatAhead';
import type { PrepJob } from '../../core/planning/prep/line';
import { type Preparation, prepare } from '../../core/planning/prep/prepare';
import { type CarEvent, nextEvent } from '../../core/planning/wear/sessions';
import type { DatedReading } from '../../core/readings/dated';
import { getCar, lastReadings, openFollowUps } from '../cars/queries';
import type { RowOf } from '../db/rows';
import { database } from '../db/sql';
import { notFound } from '../failure';
import { drivenSinceFill } from '../fills/queries';
import { waterTrends } from '../fills/water';
import { inBayOf } from '../jobs/inBay';
import { carParts } from '../parts/queries';
import { getShelf } from '../shelf/queries';
import { getShop, type ShopRow } from '../shop/queries';
import { carPast } from '../wear/queries';

export type CarPreparation = Preparation & {
  car: { id: string; name: string };
  event: CarEvent;
  /** The hottest caliper it goes by, °C: said, else the hotter of what was last measured and what that comes to here. */
  peak: { c: number; from: 'said' | 'measured' | 'ahead' } | null;
  /** What the last measured one comes to at this event, where both circuits are known. */
  heat: HeatAhead | null;
  toBring: ToBring[];
  /** The open job that measures go into, where there is one. */
  job: PrepJob | null;
};

/**
 * Whether a car is ready for an event of its calendar, from all that is on file of it.
 * @param options the event, else the next one; the hottest caliper expected, °C, else the last that was measured, or what that comes to here
 * @throws Failure where the car, or the event, is not there
 */
export async function getPreparation(
  carId: string,
  options: { eventId?: string; peakC?: number },
  now = new Date(),
): Promise<CarPreparation> {
  const [car, shop] = await Promise.all([getCar(carId), getShop()]);
  const today = dayIn(shop.timeZone, now);
  const { past, parts, last, water, driven, notes, shelf, inBay, clearAtMl } = await onFileOf(
    car.id,
    shop,
    today,
  );
  const { wear, events } = past;
  const event = options.eventId ? events.find(({ id }) => id === options.eventId) : nextEvent(events, today);
  if (!event) throw notFound('event', options.eventId ?? 'to come');
  const readings = dated(last, shop.timeZone);
  const measured = hottestMeasured(readings);
  const heat = (measured && heatAhead(car, event, measured, events)) ?? null;
  const peak = peakOf(options.peakC, measured, heat);
  const preparation = prepare({
    ...{ car, event, events, wear, parts, readings, today, clearAtMl },
    limits: shop.limits,
    altitudeM: shop.altitudeM,
    fluid: { school: shop.fluidSchool, driven: driven.get(car.id), water: water.get(car.id) },
    peakC: peak?.c ?? null,
    notes: notes.map(({ what, why = '', dueOn, temporary }) => ({ what, why, dueOn, temporary })),
    ways: shop,
    inBay: inBay.map(({ holds, wrong, ...job }) => ({ job: jobOf(job), holds, wrong })),
  });
  const [newest] = inBay;
  const freshDays = limitFor('bottleDays', shop.limits).value;
  return {
    ...preparation,
    car: { id: car.id, name: car.name },
    ...{ event, peak, heat },
    toBring: toBring(preparation.lines, shelf, { wanted: car.fluidClass, freshDays, now }),
    job: newest ? jobOf(newest) : null,
  };
}

/** All that a preparation goes by, as it is on file. */
async function onFileOf(carId: string, shop: ShopRow, today: string) {
  const [past, parts, last, water, driven, notes, shelf, inBay, [bled]] = await Promise.all([
    carPast(carId, { timeZone: shop.timeZone }),
    carParts(carId),
    lastReadings(carId),
    waterTrends(shop, [carId]),
    drivenSinceFill(),
    openFollowUps(today, carId),
    getShelf(),
    inBayOf(carId),
    database('own')<Pick<RowOf<'cars'>, 'clearAtMl'>[]>`select clear_at_ml from cars where id = ${carId}`,
  ]);
  return { past, parts, last, water, driven, notes, shelf, inBay, clearAtMl: bled!.clearAtMl };
}

/** Readings with the day each was taken in the shop; those that were taken back are none. */
function dated(last: Awaited<ReturnType<typeof lastReadings>>, timeZone: string): DatedReading[] {
  return last.flatMap(({ kind, corner, input, recordedAt }): DatedReading[] => {
    if (input === null) return [];
    const on = dayIn(timeZone, new Date(recordedAt));
    return [{ kind, corner, input: input as DatedReading['input'], on }];
  });
}

function jobOf({ id, number }: PrepJob): PrepJob {
  return { id, number };
}

function hottestMeasured(readings: readonly DatedReading[]): { c: number; on: string } | undefined {
  const read = readings.find(({ kind }) => kind === 'fluid');
  const c = read?.input.caliperPeakC;
  return read && typeof c === 'number' ? { c, on: read.on } : undefined;
}

function peakOf(
  said: number | undefined,
  measured: { c: number } | undefined,
  heat: HeatAhead | null,
): CarPreparation['peak'] {
  if (said !== undefined) return { c: said, from: 'said' };
  if (!measured) return null;
  return heat && heat.c > measured.c ? { c: heat.c, from: 'ahead' } : { c: measured.c, from: 'measured' };
}
