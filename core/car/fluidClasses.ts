/**
 * Brake fluid classes with their least boiling points, °C, and greatest viscosity at −40 °C, mm²/s.
 * Source: 49 CFR 571.116 (FMVSS 116) for DOT classes, ISO 4925 for classes 6 and 7, recalled from memory.
 * "Wet" is the standard's humidified fluid, taken as 3.7 % water in the fluid under test (common practice, no source;
 * the standard's own 3.7 % is that of its control fluid).
 */
export const FLUID_CLASSES = {
  DOT3: { label: 'DOT 3', dryC: 205, wetC: 140, viscosity: 1500, silicone: false },
  DOT4: { label: 'DOT 4', dryC: 230, wetC: 155, viscosity: 1800, silicone: false },
  'DOT5.1': { label: 'DOT 5.1', dryC: 260, wetC: 180, viscosity: 900, silicone: false },
  DOT5: { label: 'DOT 5 silicone', dryC: 260, wetC: 180, viscosity: 900, silicone: true },
  ISO6: { label: 'Class 6', dryC: 250, wetC: 165, viscosity: 750, silicone: false },
  ISO7: { label: 'Class 7', dryC: 260, wetC: 180, viscosity: 750, silicone: false },
} as const;

export type FluidClass = keyof typeof FLUID_CLASSES;
export const FLUID_CLASS_IDS = Object.keys(FLUID_CLASSES) as FluidClass[];

/** A fluid's two published boiling points, °C: new, and after humidification. */
export type BoilingPair = { dryC: number; wetC: number };
