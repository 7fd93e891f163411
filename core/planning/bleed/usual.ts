/** 15 psi; the usual maker's ceiling for a reservoir, 29 psi; what a catch bottle holds: common practice, no source. */
export const USUAL_PRESSURE_KPA = 103;
export const USUAL_CEILING_KPA = 200;
export const USUAL_CATCH_ML = 500;
