import { z } from 'zod';
import { within } from '../../base/issues/range';
import { figureSchema } from '../../car/figureSchema';
import { AXLE_FIGURES } from '../../car/figures';
import { usualLimits } from '../../car/limits/catalogue';
import type { Limit } from '../../car/limits/limit';
import { exceeds } from '../../car/limits/limit';
import { BEARING_RANGES } from './ranges';

export const bearingSchema = z.strictObject({
  playMm: within(...BEARING_RANGES.playMm, 'mm'),
  limitMm: within(...BEARING_RANGES.limitMm, 'mm').optional(),
  limitFrom: z.enum(['car', 'shop']).optional(),
  spanMm: figureSchema(AXLE_FIGURES.bearingSpanMm).optional(),
  rotorRadiusMm: figureSchema(AXLE_FIGURES.rotorRadiusMm).optional(),
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
