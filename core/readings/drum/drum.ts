import { z } from 'zod';
import { within } from '../../base/issues/range';
import { LIMIT_SPECS } from '../../car/limits/catalogue';
import type { Gap, Limit } from '../../car/limits/limit';
import { exceeds } from '../../car/limits/limit';
import { limitsSchema } from '../../car/limits/schema';
import { DRUM_RANGES } from './ranges';

const diameter = within(...DRUM_RANGES.diameterMm, 'mm');

export const drumSchema = z.strictObject({
  /** Bore across the drum, several ways. */
  boreMm: z.array(diameter).min(2, 'at least 2 readings').max(24, 'at most 24 readings'),
  /** Diameter over the shoes, as they are set. */
  shoesMm: diameter.optional(),
  maximumMm: diameter.optional(),
  limits: limitsSchema('drumOvalMm', 'shoeGapMm').optional(),
});

export type DrumInput = z.infer<typeof drumSchema>;

/** More than the bore by this much and shoes do not go in, mm. */
const OVER_BORE_MM = 0.2;

/**
 * A drum's bore and the shoes inside it: out of round, worn past its limit, slack. Only an oval bore is told by
 * measuring; a glazed face is told by eye.
 */
export function readDrum(input: DrumInput) {
  const { boreMm, shoesMm, maximumMm } = input;
  const oval = input.limits?.drumOvalMm ?? LIMIT_SPECS.drumOvalMm.usual;
  const gap = input.limits?.shoeGapMm ?? LIMIT_SPECS.shoeGapMm.usual;
  const widest = Math.max(...boreMm);
  const ovalMm = widest - Math.min(...boreMm);
  const meanMm = boreMm.reduce((sum, each) => sum + each, 0) / boreMm.length;
  const clearanceMm = shoesMm === undefined ? undefined : meanMm - shoesMm;
  const limits: Limit[] = [
    { name: 'drumOvalMm', value: oval, from: input.limits?.drumOvalMm === undefined ? 'practice' : 'shop' },
    ...(clearanceMm === undefined
      ? []
      : [
          {
            name: 'shoeGapMm',
            value: gap,
            from: input.limits?.shoeGapMm === undefined ? ('practice' as const) : ('shop' as const),
          },
        ]),
    ...(maximumMm === undefined ? [] : [{ name: 'maximumMm', value: maximumMm, from: 'car' as const }]),
  ];
  const gaps: Gap[] = [
    ...(shoesMm === undefined
      ? [{ path: 'shoesMm', why: 'without the diameter over the shoes nothing is known of their clearance' }]
      : []),
    ...(clearanceMm !== undefined && clearanceMm < -OVER_BORE_MM
      ? [{ path: 'shoesMm', why: 'the shoes are wider than the drum: one of the two is another figure' }]
      : []),
  ];
  return {
    meanMm,
    ovalMm,
    ...(clearanceMm === undefined ? {} : { clearanceMm }),
    ...(maximumMm === undefined ? {} : { leftMm: maximumMm - widest }),
    states: {
      ...(exceeds(ovalMm, oval) ? { drum_surface: 'oval' as const } : {}),
      ...(clearanceMm === undefined || clearanceMm < -OVER_BORE_MM
        ? {}
        : { drum_adjustment: exceeds(clearanceMm, gap) ? ('slack' as const) : ('ok' as const) }),
    },
    limits,
    gaps,
  };
}
