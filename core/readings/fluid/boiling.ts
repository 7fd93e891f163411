import type { BoilingPair } from '../../car/fluidClasses';

/** Where the curve settles with ever more water, °C, and the water content of "wet", % (both modelling choices). */
export const FLOOR_C = 110;
const WET_PCT = 3.7;

/** How fast water pulls the boiling point down, %: the curve passes through both published points. */
export function waterScale({ dryC, wetC }: BoilingPair): number {
  return WET_PCT / Math.log((dryC - FLOOR_C) / (wetC - FLOOR_C));
}

/**
 * Boiling point at sea level, °C, of a fluid holding `moisturePct` water.
 * Model: T(w) = T∞ + (Tdry − T∞)·exp(−w/τ), τ = 3.7 / ln((Tdry−T∞)/(Twet−T∞)), T∞ = 110 °C.
 */
export function boilingAtMoisture(pair: BoilingPair, moisturePct: number): number {
  return FLOOR_C + (pair.dryC - FLOOR_C) * Math.exp(-moisturePct / waterScale(pair));
}

/**
 * The water content, %, that gives this boiling point; the inverse of `boilingAtMoisture`.
 * A fluid that boils at or above its dry point holds none.
 */
export function moistureAtBoiling(pair: BoilingPair, boilingC: number): number {
  return Math.max(0, waterScale(pair) * Math.log((pair.dryC - FLOOR_C) / (boilingC - FLOOR_C)));
}
