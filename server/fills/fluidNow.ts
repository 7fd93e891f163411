import { dayIn } from '../../core/base/day';
import { type FluidNow, fluidNow } from '../../core/planning/fill/fluidNow';
import type { FluidInput } from '../../core/readings/fluid/fluid';
import { lastReadings } from '../cars/queries';
import type { CarRow } from '../cars/rows';
import { getShop } from '../shop/queries';

/** What is in a car today, by its fill and its last reading, in the shop's height. */
export async function carFluidNow(car: CarRow): Promise<FluidNow> {
  const [{ timeZone, altitudeM }, readings] = await Promise.all([getShop(), lastReadings(car.id)]);
  const last = readings.find(({ kind }) => kind === 'fluid');
  const input = last?.input as FluidInput | null | undefined;
  return fluidNow(
    car,
    input ? { input, on: dayIn(timeZone, new Date(last!.recordedAt)) } : undefined,
    altitudeM,
  );
}
