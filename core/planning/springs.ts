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
