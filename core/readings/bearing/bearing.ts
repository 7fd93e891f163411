import { z } from 'zod';
import { within } from '../../base/issues/range';
import { usualLimits } from '../../car/limits/catalogue';
import type { Limit } from '../../car/limits/limit';
import { exceeds } from '../../car/limits/limit';

export const bearingSchema = z.strictObject({
  playMm: within(0, 10, 'mm'),
  limitMm: within(0.001, 2, 'mm').optional(),
  limitFrom: z.enum(['car', 'shop']).optional(),
  spanMm: within(5, 300, 'mm').optional(),
  rotorRadiusMm: within(50, 300, 'mm').optional(),
});

export type BearingInput = z.infer<typeof bearingSchema>;

const USUAL = usualLimits('playLimitMm');

/** Bearing play against its limit, and the gap it opens at the pads: play × rotor radius / bearing span. */
export function bearing(input: BearingInput) {
  const limitMm = input.limitMm ?? USUAL.playLimitMm;
  const { spanMm, rotorRadiusMm } = input;
  const limits: Limit[] = [
    {
      name: 'limitMm',
      value: limitMm,
      from: input.limitMm === undefined ? 'practice' : (input.limitFrom ?? 'car'),
    },
  ];
  return {
    states: { bearing_play: exceeds(input.playMm, limitMm) ? 'excess' : 'ok' } as const,
    ...(spanMm === undefined || rotorRadiusMm === undefined
      ? {}
      : { gapAtRotorMm: (input.playMm * rotorRadiusMm) / spanMm }),
    limits,
    gaps:
      spanMm === undefined || rotorRadiusMm === undefined
        ? [
            {
              path: spanMm === undefined ? 'spanMm' : 'rotorRadiusMm',
              why: 'without bearing span and rotor radius the gap at the pads is not known',
            },
          ]
        : [],
  };
}
