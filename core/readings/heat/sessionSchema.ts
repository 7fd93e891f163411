import { z } from 'zod';
import { within } from '../../base/issues/range';

const zone = z
  .strictObject({
    fromKmh: within(1, 450, 'km/h'),
    toKmh: within(0, 449, 'km/h'),
    thenS: within(0, 600, 's'),
  })
  .refine((each) => each.toKmh < each.fromKmh, { path: ['toKmh'], message: 'below fromKmh' });

const measured = z
  .strictObject({
    lap: z.int().min(1, '1 or more is accepted'),
    rotorC: within(-40, 1500, '°C').optional(),
    caliperC: within(-40, 600, '°C').optional(),
  })
  .refine((each) => each.rotorC !== undefined || each.caliperC !== undefined, {
    path: ['rotorC'],
    message: 'rotorC, caliperC or both',
  });

export const heatSessionSchema = z
  .strictObject({
    car: z.strictObject({
      massKg: within(100, 4000, 'kg'),
      axleShare: within(0, 1, ''),
      rotorMassKg: within(0.5, 40, 'kg'),
      specificHeat: within(100, 2000, 'J/kg·K').optional(),
      rotorShare: within(0, 1, '').optional(),
      rotorAreaM2: within(0.01, 1, 'm²').optional(),
      caliperJPerK: within(200, 50000, 'J/K').optional(),
      padWorn: within(0, 1, '').optional(),
      decelMs2: within(1, 40, 'm/s²').optional(),
    }),
    lap: z.strictObject({
      zones: z.array(zone).min(1, 'at least 1 zone').max(40, 'at most 40 zones'),
    }),
    laps: z.int().min(1, '1 to 200 is accepted').max(200, '1 to 200 is accepted'),
    ambientC: within(-40, 60, '°C'),
    cooling: z.enum(['none', 'face', 'core']),
    limits: z
      .strictObject({ padC: within(50, 1500, '°C').optional(), fluidC: within(50, 400, '°C').optional() })
      .optional(),
    coolS: within(0, 3600, 's').optional(),
    coolKmh: within(0, 300, 'km/h').optional(),
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
