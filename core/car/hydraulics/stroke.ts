import { AXLES, type Axle } from '../corner';
import { exceeds } from '../limits/limit';
import { boreAreaMm2 } from './bore';
import { hydraulics, pistonAreaMm2 } from './hydraulics';
import type { HydraulicsInput } from './schema';

/** The fluid that the brakes take, both axles together: what the pads' clearance asks first, and what gives with pressure. */
export type Take = { clearanceMl: number; giveMlPerMPa: number };

/** A pad stands off by this much, and the hydraulics give by this much, where nothing is known of the car (our model). */
const PAD_OFF_MM = 0.1;
const GIVE_ML_PER_MPA = 0.4;

/** What an ordinary system takes: two wheels an axle, two pads each, their clearance by their pistons (our model). */
export function usualTake(input: Pick<HydraulicsInput, 'front' | 'rear'>): Take {
  const clearanceMl =
    AXLES.reduce((sum, axle) => sum + 4 * pistonAreaMm2(input[axle]) * PAD_OFF_MM, 0) / 1000;
  return { clearanceMl, giveMlPerMPa: GIVE_ML_PER_MPA };
}

/**
 * What other pistons take: clearance goes with their area; what gives goes with its square, since the same pressure presses a
 * caliper and pads of the same stiffness that much harder, over that much more area (our model). Each axle has its part by area.
 */
export function takeWith(
  take: Take,
  was: Pick<HydraulicsInput, 'front' | 'rear'>,
  is: Pick<HydraulicsInput, 'front' | 'rear'>,
): Record<Axle, Take> {
  const area = (of: Pick<HydraulicsInput, 'front' | 'rear'>, axle: Axle) => pistonAreaMm2(of[axle]);
  const all = area(was, 'front') + area(was, 'rear');
  const of = (axle: Axle): Take => {
    const part = area(was, axle) / all;
    const grown = area(is, axle) / area(was, axle);
    return {
      clearanceMl: take.clearanceMl * part * grown,
      giveMlPerMPa: take.giveMlPerMPa * part * grown ** 2,
    };
  };
  return { front: of('front'), rear: of('rear') };
}

/**
 * How far the pedal goes at a force, mm: ratio · V / A with V what the brakes take at the line's pressure. Twin masters on a
 * bar: by virtual work, their strokes weighed by the bar's shares.
 */
export function strokeMm(input: HydraulicsInput, forceN: number, take: Record<Axle, Take>): number {
  const { linePressureMPa } = hydraulics({ ...input, pedal: { ...input.pedal, forceN } });
  const { boreMm, rearBoreMm, barFrontShare = 0.5 } = input.master;
  const mm3 = (axle: Axle) =>
    1000 * (take[axle].clearanceMl + take[axle].giveMlPerMPa * linePressureMPa[axle]);
  const rodMm =
    rearBoreMm === undefined
      ? (mm3('front') + mm3('rear')) / boreAreaMm2(boreMm)
      : (barFrontShare * mm3('front')) / boreAreaMm2(boreMm) +
        ((1 - barFrontShare) * mm3('rear')) / boreAreaMm2(rearBoreMm);
  return input.pedal.ratio * rodMm;
}

/** What a travel leaves to the floor, where that is known. */
export function toTheFloor(
  travelMm: number,
  toFloorMm: number | undefined,
): { reserveMm?: number; meetsFloor?: true } {
  if (toFloorMm === undefined) return {};
  const reserveMm = toFloorMm - travelMm;
  return exceeds(travelMm, toFloorMm) ? { reserveMm, meetsFloor: true } : { reserveMm };
}
