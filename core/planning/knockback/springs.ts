import type { SpringsInput } from './springsSchema';

/** Force of a spring, a pad's friction, and the speed its drag is told at, when nobody says otherwise (common practice, no source). */
export const USUAL_SPRING = { forceN: 18, mu: 0.42, speedKmh: 200 } as const;

/**
 * What springs behind the pistons cost: residual drag per rotor 2·μ·n·F·r (N·m) and its power at speed (W), both an
 * upper bound, since the seals take some of the force back (model).
 */
export function springDrag(input: SpringsInput) {
  const dragNm = 2 * input.mu * input.perSide * input.forceN * input.effectiveRadiusM;
  const powerW = (dragNm * input.speedKmh) / 3.6 / input.rollingRadiusM;
  return { dragNm, powerW, limits: [], defaults: [], gaps: [] };
}

/** Springs a set takes: one behind every piston of every caliper on the axle. */
export function springCount(pistonsPerCaliper: number, calipers = 2): number {
  return pistonsPerCaliper * calipers;
}

/**
 * What a steady drag takes off the top speed, km/h. At the top speed the engine's power all goes into the air, whose
 * power rises with the cube of speed: v' = v·∛(1 − Pd/P) (model; the drag is taken at the old top speed).
 * @param dragW power of the drag of all rotors together at that speed, W
 * @param powerW the engine's at the wheels, W
 * @returns the loss, km/h; the whole speed where the drag takes all there is
 */
export function topSpeedLoss(dragW: number, powerW: number, topKmh: number): number {
  return topKmh * (1 - Math.cbrt(Math.max(0, 1 - dragW / powerW)));
}
