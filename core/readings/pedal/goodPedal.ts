import type { FirmnessInput } from './firmnessSchema';

/** A car's good pedal: its last firmness after work that cured it, and the day that was. */
export type GoodPedal = { points: FirmnessInput['points']; day: string };
