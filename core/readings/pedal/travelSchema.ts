import { z } from 'zod';
import { within } from '../../base/issues/range';
import { PEDAL_RANGES } from './ranges';

const boreMm = within(...PEDAL_RANGES.boreMm, 'mm');

export const travelSchema = z.strictObject({
  master: z.strictObject({ boreMm }),
  pedal: z.strictObject({
    ratio: within(...PEDAL_RANGES.ratio, ''),
    freePlayMm: within(...PEDAL_RANGES.freePlayMm, 'mm').optional(),
  }),
  pressureMPa: within(...PEDAL_RANGES.pressureMPa, 'MPa'),
  gaps: z
    .array(
      z.strictObject({
        sideAreaMm2: within(...PEDAL_RANGES.sideAreaMm2, 'mm²'),
        innerMm: within(...PEDAL_RANGES.gapMm, 'mm'),
        outerMm: within(...PEDAL_RANGES.gapMm, 'mm'),
      }),
    )
    .max(8, 'at most 8 gaps')
    .optional(),
  hoses: z
    .array(
      z.strictObject({
        lengthM: within(...PEDAL_RANGES.hoseM, 'm'),
        mlPerMAt1000psi: within(...PEDAL_RANGES.swellMl, 'ml/m'),
      }),
    )
    .max(20, 'at most 20 hoses')
    .optional(),
  fluidMl: within(...PEDAL_RANGES.fluidMl, 'ml').optional(),
  /** Of the fluid itself. */
  bulkModulusMPa: within(...PEDAL_RANGES.bulkModulusMPa, 'MPa').optional(),
  gasMl: within(...PEDAL_RANGES.gasMl, 'ml').optional(),
  masterMovementMm: within(...PEDAL_RANGES.masterMovementMm, 'mm').optional(),
  /** Of the master's own stroke before its seal passes the port. */
  takeUpMm: within(0, 20, 'mm').optional(),
  /** What caliper and pads give, at the pedal: this car's own, from a healthy baseline. */
  elasticMmPerMPa: within(0, 50, 'mm/MPa').optional(),
  toFloorMm: within(...PEDAL_RANGES.toFloorMm, 'mm').optional(),
});

export type TravelInput = z.infer<typeof travelSchema>;

const point = z
  .strictObject({
    forceN: within(...PEDAL_RANGES.forceN, 'N').optional(),
    pressureMPa: within(0.001, 25, 'MPa').optional(),
    travelMm: within(...PEDAL_RANGES.travelMm, 'mm'),
  })
  .refine((each) => (each.forceN === undefined) !== (each.pressureMPa === undefined), {
    path: ['forceN'],
    message: 'either forceN or pressureMPa',
  });

export const travelSolveSchema = z.strictObject({
  master: z.strictObject({ boreMm }),
  pedal: z.strictObject({
    ratio: within(...PEDAL_RANGES.ratio, ''),
    efficiency: within(...PEDAL_RANGES.efficiency, '').optional(),
  }),
  points: z.array(point).min(3, 'at least 3 points').max(60, 'at most 60 points'),
});

export type TravelSolveInput = z.infer<typeof travelSolveSchema>;
