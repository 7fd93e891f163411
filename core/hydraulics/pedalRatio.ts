import { z } from 'zod';
import type { Limit } from '../fluid/reading';
import { within } from '../issues/range';

/** Bands a pedal ratio should lie in, common practice, no source. */
const RATIO_BANDS = { unassisted: { low: 5.1, high: 6.1 }, assisted: { low: 3, high: 4.5 } } as const;

export const pedalRatioSchema = z
  .strictObject({
    aMm: within(50, 600, 'mm'),
    bMm: within(10, 300, 'mm'),
    targetRatio: within(1, 12, '').optional(),
    assisted: z.boolean().optional(),
  })
  .refine((input) => input.bMm < input.aMm, {
    path: ['bMm'],
    message: 'less than aMm: the clevis sits between pivot and pad',
  });

export type PedalRatioInput = z.infer<typeof pedalRatioSchema>;

/**
 * The pedal's leverage: A, pivot to pad centre, over B, pivot to clevis (mm), held against its band.
 * For a wanted ratio: where the clevis has to be and how far it and the master move together, so that the pushrod
 * stays level.
 */
export function pedalRatio(input: PedalRatioInput) {
  const assisted = input.assisted ?? false;
  const band = RATIO_BANDS[assisted ? 'assisted' : 'unassisted'];
  const ratio = input.aMm / input.bMm;
  const state = ratio < band.low ? 'low' : ratio > band.high ? 'high' : 'in_band';
  const bForTargetMm = input.targetRatio === undefined ? undefined : input.aMm / input.targetRatio;
  const limits: Limit[] = [
    { name: 'ratioLow', value: band.low, from: 'practice' },
    { name: 'ratioHigh', value: band.high, from: 'practice' },
  ];
  return {
    ratio,
    state,
    states: { pedal_ratio: state },
    /** Clevis distances that put the ratio in the band, longest first. */
    bandBMm: [input.aMm / band.low, input.aMm / band.high],
    ...(bForTargetMm === undefined ? {} : { bForTargetMm, raiseMm: input.bMm - bForTargetMm }),
    limits,
    defaults: input.assisted === undefined ? ['assisted: false'] : [],
    gaps: [],
  };
}
