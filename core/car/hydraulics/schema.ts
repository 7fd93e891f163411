import { z } from 'zod';
import { within } from '../../base/issues/range';

const boreMm = within(8, 60, 'mm');

const disc = z
  .strictObject({
    caliper: z.enum(['opposed', 'sliding']),
    /** Every piston of one caliper. */
    pistonsMm: z
      .array(within(15, 90, 'mm'))
      .min(1, 'at least 1 piston')
      .max(16, 'at most 16 pistons'),
    mu: within(0.05, 1, ''),
    effectiveRadiusM: within(0.05, 0.3, 'm'),
  })
  .refine(({ caliper, pistonsMm }) => caliper !== 'opposed' || pistonsMm.length % 2 === 0, {
    path: ['pistonsMm'],
    message: 'an opposed caliper has as many pistons on one side as on the other: an even count',
  });

/** A drum by its brake factor: the force at the drum's face over the force of one shoe's piston. */
const drum = z.strictObject({
  cylinderMm: within(10, 50, 'mm'),
  brakeFactor: within(0.5, 12, ''),
  drumRadiusM: within(0.05, 0.3, 'm'),
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
      forceN: within(0, 2500, 'N'),
      ratio: within(1, 15, ''),
      efficiency: within(0.3, 1, '').optional(),
    }),
    assistKPa: within(0, 25000, 'kPa').optional(),
    /** What the rear line gets past the knee, as a share of what comes in. */
    rearValve: z.strictObject({ kneeMPa: within(0, 20, 'MPa'), slope: within(0, 1, '') }).optional(),
    front: disc,
    rear: z.union([disc, drum]),
    massKg: within(100, 4000, 'kg'),
    rollingRadiusM: within(0.15, 0.6, 'm'),
    frontWeightShare: within(0.2, 0.8, '').optional(),
    cgHeightM: within(0.1, 2, 'm').optional(),
    wheelbaseM: within(1, 5, 'm').optional(),
    tyreGrip: within(0.05, 3, '').optional(),
    wanted: z.strictObject({ decelMs2: within(0.1, 30, 'm/s²') }).optional(),
  })
  .superRefine((input, context) => {
    for (const axle of ['front', 'rear'] as const) {
      const brake = input[axle];
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
