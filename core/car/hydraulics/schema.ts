import { z } from 'zod';
import { within } from '../../base/issues/range';
import { AXLE_FIGURES } from '../figures';
import { HYDRAULIC_RANGES } from './ranges';
import { outsideRotor, roomFor } from './room';

const { low, high, unit } = AXLE_FIGURES.rotorRadiusMm;
const boreMm = within(...HYDRAULIC_RANGES.boreMm, 'mm');

const disc = z
  .strictObject({
    caliper: z.enum(['opposed', 'sliding']),
    /** Every piston of one caliper. */
    pistonsMm: z
      .array(within(...HYDRAULIC_RANGES.pistonMm, 'mm'))
      .min(1, 'at least 1 piston')
      .max(16, 'at most 16 pistons'),
    mu: within(...HYDRAULIC_RANGES.mu, ''),
    effectiveRadiusM: within(...HYDRAULIC_RANGES.effectiveRadiusM, 'm'),
    /** Where the dial stands on the rotor, near its edge: no pad acts there or further out. */
    rotorRadiusMm: within(low, high, unit).optional(),
  })
  .refine(({ caliper, pistonsMm }) => caliper !== 'opposed' || pistonsMm.length % 2 === 0, {
    path: ['pistonsMm'],
    message: 'an opposed caliper has as many pistons on one side as on the other: an even count',
  });

/** A drum by its brake factor: the force at the drum's face over the force of one shoe's piston. */
const drum = z.strictObject({
  cylinderMm: within(...HYDRAULIC_RANGES.cylinderMm, 'mm'),
  brakeFactor: within(...HYDRAULIC_RANGES.brakeFactor, ''),
  drumRadiusM: within(...HYDRAULIC_RANGES.effectiveRadiusM, 'm'),
});

export const hydraulicsSchema = z
  .strictObject({
    /** One bore for both axles, or twin masters on a balance bar. */
    master: z.strictObject({
      boreMm,
      rearBoreMm: boreMm.optional(),
      barFrontShare: within(0.1, 0.9, '').optional(),
    }),
    pedal: z.strictObject({
      forceN: within(...HYDRAULIC_RANGES.forceN, 'N'),
      ratio: within(...HYDRAULIC_RANGES.ratio, ''),
      efficiency: within(...HYDRAULIC_RANGES.efficiency, '').optional(),
    }),
    assistKPa: within(...HYDRAULIC_RANGES.assistKPa, 'kPa').optional(),
    /** What the rear line gets past the knee, as a share of what comes in. */
    rearValve: z.strictObject({ kneeMPa: within(0, 20, 'MPa'), slope: within(0, 1, '') }).optional(),
    front: disc,
    rear: z.union([disc, drum]),
    massKg: within(...HYDRAULIC_RANGES.massKg, 'kg'),
    rollingRadiusM: within(...HYDRAULIC_RANGES.rollingRadiusM, 'm'),
    frontWeightShare: within(...HYDRAULIC_RANGES.frontWeightShare, '').optional(),
    cgHeightM: within(...HYDRAULIC_RANGES.cgHeightM, 'm').optional(),
    wheelbaseM: within(...HYDRAULIC_RANGES.wheelbaseM, 'm').optional(),
    tyreGrip: within(...HYDRAULIC_RANGES.tyreGrip, '').optional(),
    wanted: z.strictObject({ decelMs2: within(...HYDRAULIC_RANGES.decelMs2, 'm/s²') }).optional(),
  })
  .superRefine((input, context) => {
    for (const axle of ['front', 'rear'] as const) {
      const brake = input[axle];
      const room = 'effectiveRadiusM' in brake && roomFor(brake);
      if (room) context.addIssue({ code: 'custom', path: [axle, 'pistonsMm'], message: room });
      const outside =
        'effectiveRadiusM' in brake &&
        brake.rotorRadiusMm !== undefined &&
        outsideRotor(brake.effectiveRadiusM, brake.rotorRadiusMm);
      if (outside) context.addIssue({ code: 'custom', path: [axle, 'effectiveRadiusM'], message: outside });
      const field = 'effectiveRadiusM' in brake ? 'effectiveRadiusM' : 'drumRadiusM';
      const radius = 'effectiveRadiusM' in brake ? brake.effectiveRadiusM : brake.drumRadiusM;
      if (radius >= input.rollingRadiusM)
        context.addIssue({
          code: 'custom',
          path: [axle, field],
          message: `below rollingRadiusM, ${input.rollingRadiusM} m: the brake is inside the wheel`,
        });
    }
    if (input.master.barFrontShare !== undefined && input.master.rearBoreMm === undefined)
      context.addIssue({
        code: 'custom',
        path: ['master', 'barFrontShare'],
        message: 'a balance bar has two masters: rearBoreMm as well',
      });
  });

export type HydraulicsInput = z.infer<typeof hydraulicsSchema>;
export type DiscInput = z.infer<typeof disc>;
export type DrumInput = z.infer<typeof drum>;
