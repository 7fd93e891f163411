import type { Axle } from '../corner';
import type { HydraulicsInput } from './schema';

/** Standard gravity, m/s² (ISO 80000-3). */
export const GRAVITY_MS2 = 9.80665;

export type Balance = {
  /** Load on each axle at a deceleration, N; never below none. */
  loadsN: (decelMs2: number) => Record<Axle, number>;
  /** The share of braking that would use front and rear tyres alike. */
  frontLoadShare: (decelMs2: number) => number;
};

/**
 * How load moves forward under braking: m·a·h/L from rear to front (rigid body, level road).
 * @returns undefined while weight share, height of the centre of gravity or wheelbase is not known
 */
export function dynamicBalance({
  massKg,
  frontWeightShare,
  cgHeightM,
  wheelbaseM,
}: Pick<HydraulicsInput, 'massKg' | 'frontWeightShare' | 'cgHeightM' | 'wheelbaseM'>): Balance | undefined {
  if (frontWeightShare === undefined || cgHeightM === undefined || wheelbaseM === undefined) return undefined;
  const weightN = massKg * GRAVITY_MS2;
  const frontLoadShare = (decelMs2: number) =>
    Math.min(1, frontWeightShare + ((decelMs2 / GRAVITY_MS2) * cgHeightM) / wheelbaseM);
  return {
    frontLoadShare,
    loadsN: (decelMs2) => {
      const front = frontLoadShare(decelMs2);
      return { front: front * weightN, rear: (1 - front) * weightN };
    },
  };
}
