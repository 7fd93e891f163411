/** Radii the dial is set to, mm, where the car's own are not on file. */
export const USUAL_RADII = { rotorMm: 145, hubMm: 65 } as const;
