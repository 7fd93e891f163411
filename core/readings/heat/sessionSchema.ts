import { z } from 'zod';
import { whole, within } from '../../base/issues/range';
import { SESSION_RANGES } from './ranges';

const zone = z
  .strictObject({
    fromKmh: within(...SESSION_RANGES.fromKmh, 'km/h'),
    toKmh: within(...SESSION_RANGES.toKmh, 'km/h'),
    thenS: within(...SESSION_RANGES.thenS, 's'),
  })
  .refine((each) => each.toKmh < each.fromKmh, { path: ['toKmh'], message: 'below fromKmh' });

const measured = z
  .strictObject({
    lap: z.int().min(1, '1 or more is accepted'),
    rotorC: within(...SESSION_RANGES.rotorC, '°C').optional(),
    caliperC: within(...SESSION_RANGES.caliperC, '°C').optional(),
  })
  .refine((each) => each.rotorC !== undefined || each.caliperC !== undefined, {
    path: ['rotorC'],
    message: 'rotorC, caliperC or both',
  });

export const heatSessionSchema = z
  .strictObject({
    car: z.strictObject({
      massKg: within(...SESSION_RANGES.massKg, 'kg'),
      axleShare: within(...SESSION_RANGES.axleShare, ''),
      rotorMassKg: within(...SESSION_RANGES.rotorMassKg, 'kg'),
      specificHeat: within(...SESSION_RANGES.specificHeat, 'J/kg·K').optional(),
      rotorShare: within(...SESSION_RANGES.rotorShare, '').optional(),
      rotorAreaM2: within(...SESSION_RANGES.rotorAreaM2, 'm²').optional(),
      caliperJPerK: within(...SESSION_RANGES.caliperJPerK, 'J/K').optional(),
      padWorn: within(...SESSION_RANGES.padWorn, '').optional(),
      decelMs2: within(...SESSION_RANGES.decelMs2, 'm/s²').optional(),
      emissivity: within(...SESSION_RANGES.emissivity, '').optional(),
      /** From rotor to caliper through new pads. */
      couplingWPerK: within(...SESSION_RANGES.couplingWPerK, 'W/K').optional(),
      /** On the convection of the rotor, the duct apart. */
      coolingScale: within(...SESSION_RANGES.coolingScale, '').optional(),
    }),
    lap: z.strictObject({
      zones: z.array(zone).min(1, 'at least 1 zone').max(40, 'at most 40 zones'),
    }),
    laps: whole(...SESSION_RANGES.laps),
    ambientC: within(...SESSION_RANGES.ambientC, '°C'),
    cooling: z.enum(['none', 'face', 'core']),
    limits: z
      .strictObject({
        padC: within(...SESSION_RANGES.padC, '°C').optional(),
        fluidC: within(...SESSION_RANGES.fluidC, '°C').optional(),
        /** From where a rotor is at risk of cracking. */
        rotorC: within(...SESSION_RANGES.padC, '°C').optional(),
      })
      .optional(),
    coolS: within(...SESSION_RANGES.coolS, 's').optional(),
    coolKmh: within(...SESSION_RANGES.coolKmh, 'km/h').optional(),
    measured: z.array(measured).min(1, 'at least 1 lap').max(100, 'at most 100 laps').optional(),
  })
  .superRefine(({ laps, measured: found }, context) => {
    for (const [index, { lap }] of (found ?? []).entries())
      if (lap > laps)
        context.addIssue({
          code: 'custom',
          path: ['measured', index, 'lap'],
          message: `1 to ${laps}, the laps of this session`,
        });
  });

export type HeatSessionInput = z.infer<typeof heatSessionSchema>;
