import { z } from 'zod';
import { whole, within } from '../../base/issues/range';
import { SESSION_RANGES } from './ranges';

/** What of a car decides how hot its rotors get. */
export const heatedCar = {
  massKg: within(...SESSION_RANGES.massKg, 'kg'),
  axleShare: within(...SESSION_RANGES.axleShare, ''),
  rotorShare: within(...SESSION_RANGES.rotorShare, '').optional(),
  rotorMassKg: within(...SESSION_RANGES.rotorMassKg, 'kg'),
  specificHeat: within(...SESSION_RANGES.specificHeat, 'J/kg·K').optional(),
  hAWPerK: within(0.1, 500, 'W/K').optional(),
};

export const heatStopsSchema = z
  .strictObject({
    ...heatedCar,
    fromKmh: within(...SESSION_RANGES.fromKmh, 'km/h'),
    toKmh: within(...SESSION_RANGES.toKmh, 'km/h'),
    intervalS: within(0, 3600, 's').optional(),
    stops: whole(1, 200).optional(),
    ambientC: within(...SESSION_RANGES.ambientC, '°C').optional(),
  })
  .refine((input) => input.toKmh < input.fromKmh, {
    path: ['toKmh'],
    message: 'below fromKmh: a stop slows the car down',
  });

export type HeatStopsInput = z.infer<typeof heatStopsSchema>;
