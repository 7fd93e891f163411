import { z } from 'zod';
import { within } from '../../base/issues/range';

/** What of a car decides how hot its rotors get. */
export const heatedCar = {
  massKg: within(100, 4000, 'kg'),
  axleShare: within(0, 1, ''),
  rotorShare: within(0, 1, '').optional(),
  rotorMassKg: within(0.5, 40, 'kg'),
  specificHeat: within(100, 2000, 'J/kg·K').optional(),
  hAWPerK: within(0.1, 500, 'W/K').optional(),
};

export const heatStopsSchema = z
  .strictObject({
    ...heatedCar,
    fromKmh: within(1, 400, 'km/h'),
    toKmh: within(0, 399, 'km/h'),
    intervalS: within(0, 3600, 's').optional(),
    stops: z.int().min(1, '1 to 200 is accepted').max(200, '1 to 200 is accepted').optional(),
    ambientC: within(-40, 60, '°C').optional(),
  })
  .refine((input) => input.toKmh < input.fromKmh, {
    path: ['toKmh'],
    message: 'below fromKmh: a stop slows the car down',
  });

export type HeatStopsInput = z.infer<typeof heatStopsSchema>;
