import type { Limit } from '../../car/limits/limit';
import { exceeds, fallsShort } from '../../car/limits/limit';
import type { PedalRatioInput } from './pedalRatioSchema';

/** Bands a pedal ratio should lie in, common practice, no source. */
const RATIO_BANDS = { unassisted: { low: 5.1, high: 6.1 }, assisted: { low: 3, high: 4.5 } } as const;

/**
 * The pedal's leverage: A, pivot to pad centre, over B, pivot to clevis (mm), held against its band.
 * For a wanted ratio: where the clevis has to be and how far it and the master move together, so that the pushrod
 * stays level; and, given the travel of a full stroke, the travel then and what is left of the floor.
 */
export function pedalRatio(input: PedalRatioInput) {
  const assisted = input.assisted ?? false;
  const band = RATIO_BANDS[assisted ? 'assisted' : 'unassisted'];
  const ratio = input.aMm / input.bMm;
  const state = fallsShort(ratio, band.low) ? 'low' : exceeds(ratio, band.high) ? 'high' : 'in_band';
  const bForTargetMm = input.targetRatio === undefined ? undefined : input.aMm / input.targetRatio;
  const newRatio = input.targetRatio ?? ratio;
  const newTravelMm = input.travelMm === undefined ? undefined : (input.travelMm * newRatio) / ratio;
  const gaps = [
    ...(input.targetRatio !== undefined && input.travelMm === undefined
      ? [{ path: 'travelMm', why: 'no new travel without the travel as it is' }]
      : []),
    ...(newTravelMm !== undefined && input.floorMm === undefined
      ? [{ path: 'floorMm', why: 'whether it meets the floor needs the room there is' }]
      : []),
  ];
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
    /** The same master stroke at the new ratio, and whether the floor comes first. */
    ...(newTravelMm === undefined ? {} : { newTravelMm }),
    ...(newTravelMm === undefined || input.floorMm === undefined
      ? {}
      : { meetsFloor: newTravelMm >= input.floorMm, spareMm: input.floorMm - newTravelMm }),
    limits,
    defaults: input.assisted === undefined ? ['assisted: false'] : [],
    gaps,
  };
}
