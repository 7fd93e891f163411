import { z } from 'zod';
import { whole, within } from '../../base/issues/range';
import { heatedCar } from '../../readings/heat/stopsSchema';
import { PLAN_RANGES } from '../ranges';

const row = z
  .strictObject({
    count: whole(...PLAN_RANGES.stops),
    fromKmh: within(...PLAN_RANGES.fromKmh, 'km/h'),
    toKmh: within(...PLAN_RANGES.toKmh, 'km/h'),
    coolS: within(...PLAN_RANGES.coolS, 's'),
  })
  .refine((each) => each.toKmh < each.fromKmh, { path: ['toKmh'], message: 'below fromKmh' });

/** The pad maker's own way. */
export const slowdownRowsSchema = z.array(row).min(1, 'at least one row').max(8, 'at most 8 rows');

export const bedInSchema = z.strictObject({
  /** A, B or C; `rows`, the pad maker's own, come before any. */
  school: z.enum(['A', 'B', 'C']),
  rows: slowdownRowsSchema.optional(),
  stops: whole(...PLAN_RANGES.stops).optional(),
  compound: z.enum(['street', 'fast_road', 'track']),
  windowC: z
    .strictObject({ low: within(40, 900, '°C'), high: within(50, 1000, '°C') })
    .refine((window) => window.low < window.high, { path: ['high'], message: 'above low' })
    .optional(),
  /** The car with the share and the rotor of the front axle; of the rear one where only that is bedded. */
  car: z.strictObject(heatedCar),
  /** The axle with new faces; both unless said. The other one is still watched for too hot. */
  axle: z.enum(['front', 'rear', 'both']).optional(),
  /** A rotor of the other axle; like the one of `car` unless said, null where it has none. */
  otherRotorMassKg: heatedCar.rotorMassKg.nullable().optional(),
  /** How the car comes back up to speed between slowdowns. */
  accelMs2: within(...PLAN_RANGES.accelMs2, 'm/s²').optional(),
  /** The same by the power at its wheels, where that is known instead. */
  powerKW: within(...PLAN_RANGES.powerKW, 'kW').optional(),
  ambientC: within(...PLAN_RANGES.ambientC, '°C'),
});

export type BedInInput = z.infer<typeof bedInSchema>;
