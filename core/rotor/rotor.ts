import type { Gap, Limit } from '../fluid/reading';
import { type Order, ordersOf, withoutWobble } from './orders';
import type { RotorInput } from './schema';

/** Common practice, no source: 0.05 mm (0.002 in) of runout on the car, 0.02 mm of thickness variation is felt. */
const USUAL = { runoutMm: 0.05, dtvMm: 0.02 } as const;

/** How near the minimum is near, mm, when nobody knows the new thickness. */
const NEAR_MM = 0.3;

export type RotorResult = {
  /** Total indicator reading. */
  tirMm: number;
  orders: Order[];
  /** Peak to peak of order 1; and what the readings still move by without it. */
  wobbleMm: number;
  waveMm: number;
  dtvMm?: number;
  meanMm?: number;
  lowestMm?: number;
  wearMm?: number;
  leftMm?: number;
  states: {
    rotor_runout: 'ok' | 'high';
    rotor_shape: 'flat' | 'wobble' | 'wave';
    rotor_dtv?: 'ok' | 'high';
    rotor_thickness?: 'ok' | 'near_minimum' | 'below_minimum';
  };
  limits: Limit[];
  gaps: Gap[];
};

/** What a dial and a micrometer round the face say of a rotor. A value exactly on a limit is inside it. */
export function readRotor(input: RotorInput): RotorResult {
  const { runoutMm, thicknessMm, newMm, minimumMm } = input;
  const limit = {
    runoutMm: input.limits?.runoutMm ?? USUAL.runoutMm,
    dtvMm: input.limits?.dtvMm ?? USUAL.dtvMm,
  };
  const tirMm = spread(runoutMm);
  const orders = ordersOf(runoutMm);
  const waveMm = spread(withoutWobble(runoutMm));
  const over = tirMm > limit.runoutMm;
  const thickness = thicknessMm && thicknessOf(thicknessMm, newMm, minimumMm);
  return {
    tirMm,
    orders,
    wobbleMm: orders[0]!.peakToPeakMm,
    waveMm,
    ...(thickness?.figures ?? {}),
    states: {
      rotor_runout: over ? 'high' : 'ok',
      rotor_shape: !over ? 'flat' : waveMm > tirMm / 2 ? 'wave' : 'wobble',
      ...(thickness ? { rotor_dtv: thickness.figures.dtvMm > limit.dtvMm ? 'high' : 'ok' } : {}),
      ...(thickness?.state ? { rotor_thickness: thickness.state } : {}),
    },
    limits: [
      {
        name: 'runoutMm',
        value: limit.runoutMm,
        from: input.limits?.runoutMm === undefined ? 'practice' : 'car',
      },
      { name: 'dtvMm', value: limit.dtvMm, from: input.limits?.dtvMm === undefined ? 'practice' : 'car' },
      ...(minimumMm === undefined ? [] : [{ name: 'minimumMm', value: minimumMm, from: 'car' as const }]),
    ],
    gaps: [
      ...(thicknessMm
        ? []
        : [{ path: 'thicknessMm', why: 'without thickness nothing is known of variation and wear' }]),
      ...(thicknessMm && minimumMm === undefined
        ? [{ path: 'minimumMm', why: 'without the discard thickness nothing is known of what is left' }]
        : []),
    ],
  };
}

function thicknessOf(thickness: readonly number[], newMm: number | undefined, minimumMm: number | undefined) {
  const lowestMm = Math.min(...thickness);
  const meanMm = thickness.reduce((sum, each) => sum + each, 0) / thickness.length;
  const figures = {
    dtvMm: spread(thickness),
    meanMm,
    lowestMm,
    ...(newMm === undefined ? {} : { wearMm: newMm - meanMm }),
    ...(minimumMm === undefined ? {} : { leftMm: lowestMm - minimumMm }),
  };
  if (minimumMm === undefined) return { figures };
  const near = newMm === undefined ? NEAR_MM : (newMm - minimumMm) / 4;
  const state = lowestMm < minimumMm ? 'below_minimum' : lowestMm < minimumMm + near ? 'near_minimum' : 'ok';
  return { figures, state } as const;
}

function spread(values: readonly number[]): number {
  return Math.max(...values) - Math.min(...values);
}
