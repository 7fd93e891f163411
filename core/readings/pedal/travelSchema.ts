import { z } from 'zod';
import { within } from '../../base/issues/range';

const boreMm = within(8, 60, 'mm');

export const travelSchema = z.strictObject({
  master: z.strictObject({ boreMm }),
  pedal: z.strictObject({ ratio: within(1, 15, ''), freePlayMm: within(0, 100, 'mm').optional() }),
  pressureMPa: within(0, 25, 'MPa'),
  gaps: z
    .array(
      z.strictObject({
        sideAreaMm2: within(50, 20000, 'mm²'),
        innerMm: within(0, 10, 'mm'),
        outerMm: within(0, 10, 'mm'),
      }),
    )
    .max(8, 'at most 8 gaps')
    .optional(),
  hoses: z
    .array(z.strictObject({ lengthM: within(0, 20, 'm'), mlPerMAt1000psi: within(0, 20, 'ml/m') }))
    .max(20, 'at most 20 hoses')
    .optional(),
  fluidMl: within(0, 2000, 'ml').optional(),
  gasMl: within(0, 100, 'ml').optional(),
  masterMovementMm: within(0, 30, 'mm').optional(),
  /** Of the master's own stroke before its seal passes the port. */
  takeUpMm: within(0, 20, 'mm').optional(),
  /** What caliper and pads give, at the pedal: this car's own, from a healthy baseline. */
  elasticMmPerMPa: within(0, 50, 'mm/MPa').optional(),
  toFloorMm: within(1, 400, 'mm').optional(),
});

export type TravelInput = z.infer<typeof travelSchema>;

const point = z
  .strictObject({
    forceN: within(1, 2500, 'N').optional(),
    pressureMPa: within(0.001, 25, 'MPa').optional(),
    travelMm: within(0, 400, 'mm'),
  })
  .refine((each) => (each.forceN === undefined) !== (each.pressureMPa === undefined), {
    path: ['forceN'],
    message: 'either forceN or pressureMPa',
  });

export const travelSolveSchema = z.strictObject({
  master: z.strictObject({ boreMm }),
  pedal: z.strictObject({
    ratio: within(1, 15, ''),
    efficiency: within(0.3, 1, '').optional(),
  }),
  points: z.array(point).min(3, 'at least 3 points').max(60, 'at most 60 points'),
});

export type TravelSolveInput = z.infer<typeof travelSolveSchema>;
