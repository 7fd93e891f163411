import { dayIn } from '../../core/base/day';
import type { PhotoRow } from '../../core/car/photos';
import { type InspectionReport, inspectionReport } from '../../core/planning/inspect/report';
import type { Measured } from '../../core/planning/wear/measured';
import { getCar, lastReadings } from '../cars/queries';
import type { CarRow } from '../cars/rows';
import { type DueLine, dueOf } from '../due/queries';
import { type InBay, inBayOf } from '../jobs/inBay';
import { photosOf } from '../photos/queries';
import { getShop } from '../shop/queries';
import { carPast } from '../wear/queries';

export type CarInspection = {
  car: CarRow;
  report: InspectionReport;
  measured: Measured;
  due: DueLine[];
  inBay: InBay[];
  photos: PhotoRow[];
};

/** A car's brakes as they stand, for whoever owns it: figures against limits, what was seen, what is due and when. */
export async function getInspection(carId: string, now = new Date()): Promise<CarInspection> {
  const [car, shop] = await Promise.all([getCar(carId), getShop()]);
  const { timeZone } = shop;
  const [readings, past, due, photos, inBay] = await Promise.all([
    lastReadings(car.id),
    carPast(car.id, { timeZone }),
    dueOf(car, shop, dayIn(timeZone, now)),
    photosOf([car.id]),
    inBayOf(car.id),
  ]);
  const dated = readings.map(({ kind, corner, input, said, recordedAt }) => ({
    ...{ kind, corner, input, on: dayIn(timeZone, new Date(recordedAt)) },
    ...(said ? { said } : {}),
  }));
  return {
    ...{ car, measured: past.measured, due, inBay, photos: photos.get(car.id) ?? [] },
    report: inspectionReport(car, dated),
  };
}
